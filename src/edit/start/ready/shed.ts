import { level, stack, timber } from "../layers"
import { edged, METAL_ROOF, ready, type ReadyParts } from "./ready"

const CLADDING = stack`larch 22, air 25 vented`
const hutStuds = timber("Studs", 0.045, 0.6)
const battens = level("Battens", 0.045, 0.5, { ends: false })
const hutRafters = timber("Rafters", 0.045, 0.6)

/** Of sheds and huts. */
export const SHED: ReadyParts = {
  wall: [
    ready("closed", "Cheap and well known; it must stay without a hole, and a damp summer cannot dry inward.")`
      ${CLADDING}, breather-membrane 0.5, glass-wool 140 between ${hutStuds}, polythene 0.2, gypsum-board 12.5`,
    ready("open", "Each layer more open than the one inside of it: it dries to both sides and forgives; thick for its R.")`
      ${CLADDING}, wood-fibre-board 35, cellulose-dense 140 between ${hutStuds}, osb 12`,
    ready(
      "smart",
      "Cables and pipes run in the gap between battens and never pierce the membrane.",
      "Service channel inside the tight layer",
    )`
      ${CLADDING}, wood-fibre-board 22, wood-fibre-batt 140 between ${hutStuds}, smart-membrane 0.3, air 40 between ${battens},
      gypsum-board 12.5`,
    ready(
      "open-cell",
      "Fills an odd frame and seals it, in the whole depth of the studs; open to vapour, so a membrane lies inside of it.",
    )`
      ${CLADDING}, breather-membrane 0.5, osb 11, spray-open 140 between ${hutStuds}, smart-membrane 0.3, gypsum-board 12.5`,
    ready("closed-cell", "The same R in less than two thirds of the depth, and tight to vapour by itself.")`
      ${CLADDING}, breather-membrane 0.5, osb 11, spray-closed 90 between ${hutStuds}, gypsum-board 12.5`,
  ],
  roof: [
    ready("vented", "A clear channel from eave to ridge carries off what leaks up; needs its mesh kept clean and a straight run.")`
      ${METAL_ROOF}, wood-fibre-board 35, cellulose-dense 200 between ${hutRafters}, smart-membrane 0.3, gypsum-board 12.5`,
    ready("unvented", "Foam on the deck keeps it warm, so no channel is needed; enough of the R must lie outside of the deck.")`
      steel-dark 0.6, polyiso 100, bitumen-sheet 3, softwood-plywood 18, glass-wool 100 between ${hutRafters}, gypsum-board 12.5`,
    ready("closed", "Under an aired sheet: cheap and well known; the membrane must stay without a hole.")`
      ${METAL_ROOF}, glass-wool 200 between ${hutRafters}, polythene 0.2, gypsum-board 12.5`,
    ready("open", "Under an aired sheet, each layer more open than the one inside of it: it dries to both sides and forgives.")`
      ${METAL_ROOF}, wood-fibre-board 35, cellulose-dense 200 between ${hutRafters}, osb 12`,
    ready("open-cell", "Fills odd rafters and seals them; under a deck that dries outward it needs a membrane that opens in summer.")`
      roof-underlay 0.6, osb 15, spray-open 160 between ${hutRafters}, smart-membrane 0.3, gypsum-board 12.5`,
    ready("closed-cell", "Sprayed under the deck: no channel, no foam to carry; the deck can dry outward only.")`
      roof-underlay 0.6, osb 15, spray-closed 100 between ${hutRafters}, gypsum-board 12.5`,
  ],
  floor: [
    ready("carried", "On bearers close together; no joists in the insulation, dry from below.")`xps-heavy 100, osb 22`,
    ready("slab-full", "On a slab of its own: boards all under it, a warm floor that stores the sun and the stove.")`
      xps 100, polythene 0.2, concrete 100`,
    edged(
      ready("slab-edge", "On a slab that is there: most of what goes out goes out by its rim, and the middle costs no height.")`
      concrete 100 there`,
    ),
    ready("slab-none", "On a slab that is there, for a shed that is heated now and then: costs nothing, cold to the feet.")`
      concrete 100 there`,
  ],
}
