import { type LayerSketch, layer, timber } from "../layers"
import { ready, vents, type ReadyBuildUp, type ReadyParts } from "./ready"

const CABIN_SKIN: LayerSketch = layer("aluminium", 0.001)
const studs = timber("Studs", 0.038, 0.4)
const rafters = timber("Rafters", 0.038, 0.4)

const inCabin = (between: typeof studs, fibre: number): readonly ReadyBuildUp[] => [
  ready("closed", "The usual frame: cheap and light; one hole in the membrane and the skin rains inside.", [
    CABIN_SKIN,
    ["glass-wool", fibre, { between }],
    layer("foil-membrane", 0.0003),
    layer("birch-plywood", 0.004),
  ]),
  ready("smart", "As the tight membrane, but it opens in a damp summer and lets the frame dry inward.", [
    CABIN_SKIN,
    ["wood-fibre-batt", fibre, { between }],
    layer("smart-membrane", 0.0003),
    layer("birch-plywood", 0.004),
  ]),
  ready("outside", "The frame stays warm and can be seen; foam lies unbroken outside of it, and the cabin grows outward.", [
    CABIN_SKIN,
    layer("xps", 0.05),
    layer("foil-membrane", 0.0003),
    layer("birch-plywood", 0.009),
  ]),
  ready("closed-cell", "Most R in little depth, and it stiffens the frame; it cannot be undone.", [
    CABIN_SKIN,
    layer("spray-closed", 0.04, { between }),
    layer("birch-plywood", 0.004),
  ]),
  ready("open-cell", "The same R in more depth for less money; open to vapour, so it needs the membrane.", [
    CABIN_SKIN,
    layer("spray-open", 0.075, { between }),
    layer("foil-membrane", 0.0003),
    layer("birch-plywood", 0.004),
  ]),
]

/** Of campers, trailers and cabins. */
export const CABIN: ReadyParts = {
  wall: inCabin(studs, 0.045),
  roof: [
    ...inCabin(rafters, 0.06),
    ready("vented", "The sheet stands off on battens, open at both ends: what leaks up is carried off, and the sun’s heat with it.", [
      CABIN_SKIN,
      layer("air", 0.02, vents),
      layer("roof-underlay", 0.0006),
      layer("glass-wool", 0.06, { between: rafters }),
      layer("smart-membrane", 0.0003),
      layer("birch-plywood", 0.004),
    ]),
    ready("unvented", "Foam under the sheet, right through over the frame: thin, quiet, no gap to keep open; it must be tight inside.", [
      CABIN_SKIN,
      layer("polyiso", 0.04),
      layer("foil-membrane", 0.0003),
      layer("birch-plywood", 0.009),
    ]),
  ],
  floor: [
    ready(
      "carried",
      "Unbroken below the frame and out of the way; it must bear spray and stones, so it is faced.",
      [layer("aluminium", 0.001), layer("xps", 0.05), layer("softwood-plywood", 0.015), layer("vinyl-floor", 0.002)],
      "Foam under the joists",
    ),
    ready("carried", "No joists at all: boards between two sheets; the foam must bear feet and stove for years.", [
      layer("softwood-plywood", 0.009),
      layer("xps-heavy", 0.06),
      layer("birch-plywood", 0.012),
    ]),
  ],
}
