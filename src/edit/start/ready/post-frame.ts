import { type LayerSketch, layer, level, timber } from "../layers"
import { edged, METAL_ROOF, ready, there, vents, type ReadyParts } from "./ready"

const girts = level("Girts", 0.089, 0.6)
const purlins = level("Purlins", 0.089, 0.6)
const posts = timber("Posts", 0.14, 2.4, { plates: { low: 0, high: 1 } })
const trusses = timber("Trusses", 0.038, 1.2)
const STEEL: LayerSketch = layer("steel-painted", 0.0005, there)

/** Of post-frame buildings. */
export const POST_FRAME: ReadyParts = {
  wall: [
    ready("smart", "As the tight membrane between the posts, but a wet summer can dry inward.", [
      layer("breather-membrane", 0.0005),
      layer("glass-wool", 0.038, { between: girts, loose: 0.045 }),
      layer("glass-wool", 0.14, { between: posts }),
      layer("smart-membrane", 0.0003),
      layer("osb", 0.012),
    ]),
    ready("outside", "Boards in two layers over the girts, joints staggered, the posts inside and dry; the steel stands further out.", [
      STEEL,
      layer("polyiso", 0.05, { fasteners: { material: "steel-galvanised", diameter: 0.006, perArea: 5, recessed: 0 } }),
      layer("polyiso", 0.05),
      layer("foil-membrane", 0.0003),
      layer("osb", 0.012),
    ]),
    ready("closed-cell", "Sprayed on the back of the steel between the girts; stops sweating at once, and the girts stay bare.", [
      STEEL,
      layer("spray-closed", 0.05, { between: girts }),
      layer("gypsum-board", 0.0125),
    ]),
    ready("open-cell", "The same R in more depth for less money; behind steel it needs the membrane.", [
      STEEL,
      layer("spray-open", 0.09, { between: girts }),
      layer("foil-membrane", 0.0003),
      layer("osb", 0.012),
    ]),
    ready("open", "Behind steel that stands off on an aired gap only: it dries outward into the gap.", [
      layer("steel-painted", 0.0005),
      layer("air", 0.038, vents),
      layer("wood-fibre-board", 0.06),
      layer("cellulose-dense", 0.14, { between: posts }),
      layer("osb", 0.012),
    ]),
  ],
  roof: [
    ready(
      "vented",
      "Loose fill on the ceiling, the space over it aired from eave to ridge: the cheapest R there is; the ceiling must be tight.",
      [...METAL_ROOF, layer("cellulose-loose", 0.3, { between: trusses }), layer("polythene", 0.0002), layer("gypsum-board", 0.0125)],
    ),
    ready("unvented", "Boards under the steel over the purlins: no aired space, the frame inside and warm; foil towards the room, taped.", [
      STEEL,
      layer("polyiso", 0.1),
      layer("foil-membrane", 0.0003),
      layer("osb", 0.012),
    ]),
    ready("smart", "As the tight membrane under the trusses, but a wet summer can dry inward.", [
      ...METAL_ROOF,
      layer("glass-wool", 0.18, { between: trusses }),
      layer("smart-membrane", 0.0003),
      layer("osb", 0.012),
    ]),
    ready("outside", "Boards in two layers over a deck, joints staggered, screwed through; trusses and deck stay warm and dry.", [
      layer("steel-painted", 0.0005),
      layer("polyiso", 0.06, { fasteners: { material: "steel-galvanised", diameter: 0.006, perArea: 5, recessed: 0 } }),
      layer("polyiso", 0.06),
      layer("bitumen-sheet", 0.003),
      layer("osb", 0.018),
    ]),
    ready("open", "Under an aired sheet, each layer more open than the one inside of it: it dries to both sides.", [
      ...METAL_ROOF,
      layer("wood-fibre-board", 0.06),
      layer("cellulose-dense", 0.2, { between: trusses }),
      layer("osb", 0.012),
    ]),
    ready("open-cell", "The same R in more depth for less money; behind steel it needs the membrane.", [
      STEEL,
      layer("spray-open", 0.09, { between: purlins }),
      layer("foil-membrane", 0.0003),
      layer("osb", 0.012),
    ]),
    ready("closed-cell", "Sprayed on the back of the roof steel: stops its drip at once.", [
      STEEL,
      layer("spray-closed", 0.05, { between: purlins }),
      layer("gypsum-board", 0.0125),
    ]),
  ],
  floor: [
    ready(
      "slab-none",
      "For a shop that is heated by the day: the ground takes heat all winter and gives coolness in summer.",
      [layer("concrete", 0.15, there)],
      "No insulation under the slab",
    ),
    edged(
      ready(
        "slab-edge",
        "For a shop in use on working days: the rim, where the heat goes, is cut off; the ground under the middle helps.",
        [layer("concrete", 0.15, there)],
      ),
    ),
    ready("joists", "On a slab that is there: sleepers take screws and bolts anywhere, the boards between need not carry.", [
      layer("concrete", 0.15, there),
      layer("polythene", 0.0002),
      layer("xps", 0.045, { between: level("Sleepers", 0.045, 0.4) }),
      layer("osb", 0.018),
    ]),
    ready(
      "carried",
      "On a slab that is there: warm to the feet, costs height; the foam must carry what stands on it.",
      [layer("concrete", 0.15, there), layer("polythene", 0.0002), layer("eps-floor", 0.06), layer("osb", 0.018)],
      "Foam over the slab",
    ),
  ],
}
