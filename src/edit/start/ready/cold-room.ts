import { type LayerSketch, layer, timber } from "../layers"
import { edged, ready, there, vents, type ReadyBuildUp, type ReadyParts } from "./ready"

const CHAMBER: LayerSketch = layer("grp-sheet", 0.002)
const frame = timber("Studs", 0.045, 0.6)

const inColdRoom: ReadyBuildUp[] = [
  ready("closed-cell", "Sprayed into a timber frame from inside; the tight layer lies on the outside, which is the warm side here.", [
    layer("osb", 0.012),
    layer("foil-membrane", 0.0003),
    layer("spray-closed", 0.1, { between: frame }),
    CHAMBER,
  ]),
  ready("outside", "Two layers of board outside the frame with joints staggered, foil outermost and taped; nothing crosses them.", [
    layer("foil-membrane", 0.0003),
    layer("polyiso", 0.05),
    layer("polyiso", 0.05),
    layer("birch-plywood", 0.012),
    CHAMBER,
  ]),
  ready("open-cell", "The same R in more depth for less money; it is open to vapour, so the tight outer layer must be perfect.", [
    layer("osb", 0.012),
    layer("foil-membrane", 0.0003),
    layer("spray-open", 0.15, { between: frame }),
    CHAMBER,
  ]),
  ready(
    "closed",
    "Cheap where the outer layer is perfect; one leak and the fibre wets where nobody sees it. Allowed with that warning.",
    [layer("osb", 0.012), layer("foil-membrane", 0.0003), layer("stone-wool", 0.12, { between: frame }), layer("birch-plywood", 0.009)],
    "Fibre behind a tight outer layer",
  ),
  ready("open", "Vapour goes inward all summer and meets the cold lining: it seldom fits a cold room, and the damp figure says so.", [
    layer("osb", 0.012),
    layer("wood-fibre-batt", 0.12, { between: frame }),
    layer("birch-plywood", 0.009),
  ]),
  ready(
    "smart",
    "A smart membrane belongs to rooms that are warm in winter; on the outside of a cold one it opens when it should be tight.",
    [layer("osb", 0.012), layer("smart-membrane", 0.0003), layer("stone-wool", 0.12, { between: frame }), layer("birch-plywood", 0.009)],
  ),
]

/** Of walk-in cold rooms. */
export const COLD_ROOM: ReadyParts = {
  wall: inColdRoom,
  roof: [
    ...inColdRoom,
    ready("vented", "For a room in the open: a sheet keeps rain and sun off, and the gap under it carries the sun’s heat away.", [
      layer("steel-painted", 0.0005),
      layer("air", 0.05, vents),
      layer("foil-membrane", 0.0003),
      layer("polyiso", 0.05),
      layer("polyiso", 0.05),
      layer("birch-plywood", 0.012),
      CHAMBER,
    ]),
    ready("unvented", "For a room in the open: the roofing lies on the boards and is the tight layer, on the warm side where it belongs.", [
      layer("bitumen-sheet", 0.003),
      layer("polyiso", 0.05),
      layer("polyiso", 0.05),
      layer("birch-plywood", 0.012),
      CHAMBER,
    ]),
  ],
  floor: [
    ready(
      "slab-full",
      "Trolleys and barrels stand anywhere; the room loses its height.",
      [layer("polythene", 0.0002), layer("xps-heavy", 0.1), layer("cement-screed", 0.05)],
      "Heavy foam under a screed",
    ),
    ready("joists", "For a room on piers, which no slab carries; the tight layer is the lowest, as the air below is the warm side.", [
      layer("polythene", 0.0002),
      layer("xps", 0.1, { between: timber("Joists", 0.045, 0.4) }),
      layer("birch-plywood", 0.018),
      layer("grp-sheet", 0.002),
    ]),
    edged(
      ready("slab-edge", "On a slab that is there, where height is dear: the middle stays on the cool ground, the warm rim is cut off.", [
        layer("concrete", 0.12, there),
      ]),
    ),
    ready(
      "slab-none",
      "For a room that is hardly cooler than the ground, or used for weeks only: costs nothing, keeps its height, sweats around its edge.",
      [layer("concrete", 0.12, there)],
      "No insulation under it",
    ),
  ],
}
