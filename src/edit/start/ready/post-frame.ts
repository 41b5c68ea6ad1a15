import { type LayerSketch, level, timber } from "../layers"
import { edged, METAL_ROOF, ready, there, vents, type ReadyParts } from "./ready"

const girts = level("Girts", 0.089, 0.6)
const purlins = level("Purlins", 0.089, 0.6)
const posts = timber("Posts", 0.14, 2.4, { plates: { low: 0, high: 1 } })
const trusses = timber("Trusses", 0.038, 1.2)
const STEEL: LayerSketch = ["steel-painted", 0.0005, there]

/** Of post-frame buildings. */
export const POST_FRAME: ReadyParts = {
  wall: [
    ready("smart", "As the tight membrane between the posts, but a wet summer can dry inward.", [
      ["breather-membrane", 0.0005],
      ["glass-wool", 0.038, { between: girts, loose: 0.045 }],
      ["glass-wool", 0.14, { between: posts }],
      ["smart-membrane", 0.0003],
      ["osb", 0.012],
    ]),
    ready("outside", "Boards in two layers over the girts, joints staggered, the posts inside and dry; the steel stands further out.", [
      STEEL,
      ["polyiso", 0.05, { fasteners: { material: "steel-galvanised", diameter: 0.006, perArea: 5, recessed: 0 } }],
      ["polyiso", 0.05],
      ["foil-membrane", 0.0003],
      ["osb", 0.012],
    ]),
    ready("closed-cell", "Sprayed on the back of the steel between the girts; stops sweating at once, and the girts stay bare.", [
      STEEL,
      ["spray-closed", 0.05, { between: girts }],
      ["gypsum-board", 0.0125],
    ]),
    ready("open-cell", "The same R in more depth for less money; behind steel it needs the membrane.", [
      STEEL,
      ["spray-open", 0.09, { between: girts }],
      ["foil-membrane", 0.0003],
      ["osb", 0.012],
    ]),
    ready("open", "Behind steel that stands off on an aired gap only: it dries outward into the gap.", [
      ["steel-painted", 0.0005],
      ["air", 0.038, vents],
      ["wood-fibre-board", 0.06],
      ["cellulose-dense", 0.14, { between: posts }],
      ["osb", 0.012],
    ]),
  ],
  roof: [
    ready(
      "vented",
      "Loose fill on the ceiling, the space over it aired from eave to ridge: the cheapest R there is; the ceiling must be tight.",
      [...METAL_ROOF, ["cellulose-loose", 0.3, { between: trusses }], ["polythene", 0.0002], ["gypsum-board", 0.0125]],
    ),
    ready("unvented", "Boards under the steel over the purlins: no aired space, the frame inside and warm; foil towards the room, taped.", [
      STEEL,
      ["polyiso", 0.1],
      ["foil-membrane", 0.0003],
      ["osb", 0.012],
    ]),
    ready("smart", "As the tight membrane under the trusses, but a wet summer can dry inward.", [
      ...METAL_ROOF,
      ["glass-wool", 0.18, { between: trusses }],
      ["smart-membrane", 0.0003],
      ["osb", 0.012],
    ]),
    ready("outside", "Boards in two layers over a deck, joints staggered, screwed through; trusses and deck stay warm and dry.", [
      ["steel-painted", 0.0005],
      ["polyiso", 0.06, { fasteners: { material: "steel-galvanised", diameter: 0.006, perArea: 5, recessed: 0 } }],
      ["polyiso", 0.06],
      ["bitumen-sheet", 0.003],
      ["osb", 0.018],
    ]),
    ready("open", "Under an aired sheet, each layer more open than the one inside of it: it dries to both sides.", [
      ...METAL_ROOF,
      ["wood-fibre-board", 0.06],
      ["cellulose-dense", 0.2, { between: trusses }],
      ["osb", 0.012],
    ]),
    ready("open-cell", "The same R in more depth for less money; behind steel it needs the membrane.", [
      STEEL,
      ["spray-open", 0.09, { between: purlins }],
      ["foil-membrane", 0.0003],
      ["osb", 0.012],
    ]),
    ready("closed-cell", "Sprayed on the back of the roof steel: stops its drip at once.", [
      STEEL,
      ["spray-closed", 0.05, { between: purlins }],
      ["gypsum-board", 0.0125],
    ]),
  ],
  floor: [
    ready(
      "slab-none",
      "For a shop that is heated by the day: the ground takes heat all winter and gives coolness in summer.",
      [["concrete", 0.15, there]],
      "No insulation under the slab",
    ),
    edged(
      ready(
        "slab-edge",
        "For a shop in use on working days: the rim, where the heat goes, is cut off; the ground under the middle helps.",
        [["concrete", 0.15, there]],
      ),
    ),
    ready("joists", "On a slab that is there: sleepers take screws and bolts anywhere, the boards between need not carry.", [
      ["concrete", 0.15, there],
      ["polythene", 0.0002],
      ["xps", 0.045, { between: level("Sleepers", 0.045, 0.4) }],
      ["osb", 0.018],
    ]),
    ready(
      "carried",
      "On a slab that is there: warm to the feet, costs height; the foam must carry what stands on it.",
      [
        ["concrete", 0.15, there],
        ["polythene", 0.0002],
        ["eps-floor", 0.06],
        ["osb", 0.018],
      ],
      "Foam over the slab",
    ),
  ],
}
