import { level, stack, timber } from "../layers"
import { edged, METAL_ROOF, ready, type ReadyParts } from "./ready"

const girts = level("Girts", 0.089, 0.6)
const purlins = level("Purlins", 0.089, 0.6)
const posts = timber("Posts", 0.14, 2.4, { plates: { low: 0, high: 1 } })
const trusses = timber("Trusses", 0.038, 1.2)
const STEEL = stack`steel-painted 0.5 there`
const SCREWED = { fasteners: { material: "steel-galvanised", diameter: 0.006, perArea: 5, recessed: 0 } }

/** Of post-frame buildings. */
export const POST_FRAME: ReadyParts = {
  wall: [
    ready("smart", "As the tight membrane between the posts, but a wet summer can dry inward.")`
      breather-membrane 0.5, glass-wool 38 between ${girts} loose 45, glass-wool 140 between ${posts}, smart-membrane 0.3,
      osb 12`,
    ready("outside", "Boards in two layers over the girts, joints staggered, the posts inside and dry; the steel stands further out.")`
      ${STEEL}, polyiso 50 ${SCREWED}, polyiso 50,
      foil-membrane 0.3, osb 12`,
    ready("closed-cell", "Sprayed on the back of the steel between the girts; stops sweating at once, and the girts stay bare.")`
      ${STEEL}, spray-closed 50 between ${girts}, gypsum-board 12.5`,
    ready("open-cell", "The same R in more depth for less money; behind steel it needs the membrane.")`
      ${STEEL}, spray-open 90 between ${girts}, foil-membrane 0.3, osb 12`,
    ready("open", "Behind steel that stands off on an aired gap only: it dries outward into the gap.")`
      steel-painted 0.5, air 38 vented, wood-fibre-board 60, cellulose-dense 140 between ${posts}, osb 12`,
  ],
  roof: [
    ready(
      "vented",
      "Loose fill on the ceiling, the space over it aired from eave to ridge: the cheapest R there is; the ceiling must be tight.",
    )`
      ${METAL_ROOF}, cellulose-loose 300 between ${trusses}, polythene 0.2, gypsum-board 12.5`,
    ready("unvented", "Boards under the steel over the purlins: no aired space, the frame inside and warm; foil towards the room, taped.")`
      ${STEEL}, polyiso 100, foil-membrane 0.3, osb 12`,
    ready("smart", "As the tight membrane under the trusses, but a wet summer can dry inward.")`
      ${METAL_ROOF}, glass-wool 180 between ${trusses}, smart-membrane 0.3, osb 12`,
    ready("outside", "Boards in two layers over a deck, joints staggered, screwed through; trusses and deck stay warm and dry.")`
      steel-painted 0.5, polyiso 60 ${SCREWED},
      polyiso 60, bitumen-sheet 3, osb 18`,
    ready("open", "Under an aired sheet, each layer more open than the one inside of it: it dries to both sides.")`
      ${METAL_ROOF}, wood-fibre-board 60, cellulose-dense 200 between ${trusses}, osb 12`,
    ready("open-cell", "The same R in more depth for less money; behind steel it needs the membrane.")`
      ${STEEL}, spray-open 90 between ${purlins}, foil-membrane 0.3, osb 12`,
    ready("closed-cell", "Sprayed on the back of the roof steel: stops its drip at once.")`
      ${STEEL}, spray-closed 50 between ${purlins}, gypsum-board 12.5`,
  ],
  floor: [
    ready(
      "slab-none",
      "For a shop that is heated by the day: the ground takes heat all winter and gives coolness in summer.",
      "No insulation under the slab",
    )`
      concrete 150 there`,
    edged(
      ready("slab-edge", "For a shop in use on working days: the rim, where the heat goes, is cut off; the ground under the middle helps.")`
      concrete 150 there`,
    ),
    ready("joists", "On a slab that is there: sleepers take screws and bolts anywhere, the boards between need not carry.")`
      concrete 150 there, polythene 0.2, xps 45 between ${level("Sleepers", 0.045, 0.4)}, osb 18`,
    ready(
      "carried",
      "On a slab that is there: warm to the feet, costs height; the foam must carry what stands on it.",
      "Foam over the slab",
    )`
      concrete 150 there, polythene 0.2, eps-floor 60, osb 18`,
  ],
}
