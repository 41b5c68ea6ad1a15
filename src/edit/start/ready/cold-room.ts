import { stack, timber } from "../layers"
import { edged, ready, type ReadyBuildUp, type ReadyParts } from "./ready"

const CHAMBER = stack`grp-sheet 2`
const frame = timber("Studs", 0.045, 0.6)

const inColdRoom: ReadyBuildUp[] = [
  ready("closed-cell", "Sprayed into a timber frame from inside; the tight layer lies on the outside, which is the warm side here.")`
      osb 12, foil-membrane 0.3, spray-closed 100 between ${frame}, ${CHAMBER}`,
  ready("outside", "Two layers of board outside the frame with joints staggered, foil outermost and taped; nothing crosses them.")`
      foil-membrane 0.3, polyiso 50, polyiso 50, birch-plywood 12, ${CHAMBER}`,
  ready("open-cell", "The same R in more depth for less money; it is open to vapour, so the tight outer layer must be perfect.")`
      osb 12, foil-membrane 0.3, spray-open 150 between ${frame}, ${CHAMBER}`,
  ready(
    "closed",
    "Cheap where the outer layer is perfect; one leak and the fibre wets where nobody sees it. Allowed with that warning.",
    "Fibre behind a tight outer layer",
  )`
      osb 12, foil-membrane 0.3, stone-wool 120 between ${frame}, birch-plywood 9`,
  ready("open", "Vapour goes inward all summer and meets the cold lining: it seldom fits a cold room, and the damp figure says so.")`
      osb 12, wood-fibre-batt 120 between ${frame}, birch-plywood 9`,
  ready(
    "smart",
    "A smart membrane belongs to rooms that are warm in winter; on the outside of a cold one it opens when it should be tight.",
  )`
      osb 12, smart-membrane 0.3, stone-wool 120 between ${frame}, birch-plywood 9`,
]

/** Of walk-in cold rooms. */
export const COLD_ROOM: ReadyParts = {
  wall: inColdRoom,
  roof: [
    ...inColdRoom,
    ready("vented", "For a room in the open: a sheet keeps rain and sun off, and the gap under it carries the sun’s heat away.")`
      steel-painted 0.5, air 50 vented, foil-membrane 0.3, polyiso 50, polyiso 50, birch-plywood 12, ${CHAMBER}`,
    ready("unvented", "For a room in the open: the roofing lies on the boards and is the tight layer, on the warm side where it belongs.")`
      bitumen-sheet 3, polyiso 50, polyiso 50, birch-plywood 12, ${CHAMBER}`,
  ],
  floor: [
    ready("slab-full", "Trolleys and barrels stand anywhere; the room loses its height.", "Heavy foam under a screed")`
      polythene 0.2, xps-heavy 100, cement-screed 50`,
    ready("joists", "For a room on piers, which no slab carries; the tight layer is the lowest, as the air below is the warm side.")`
      polythene 0.2, xps 100 between ${timber("Joists", 0.045, 0.4)}, birch-plywood 18, grp-sheet 2`,
    edged(
      ready("slab-edge", "On a slab that is there, where height is dear: the middle stays on the cool ground, the warm rim is cut off.")`
      concrete 120 there`,
    ),
    ready(
      "slab-none",
      "For a room that is hardly cooler than the ground, or used for weeks only: costs nothing, keeps its height, sweats around its edge.",
      "No insulation under it",
    )`
      concrete 120 there`,
  ],
}
