import { type LayerSketch, layer, level, timber } from "../layers"
import { edged, METAL_ROOF, ready, there, vents, type ReadyParts } from "./ready"

const CLADDING: LayerSketch[] = [layer("larch", 0.022), layer("air", 0.025, vents)]
const hutStuds = timber("Studs", 0.045, 0.6)
const battens = level("Battens", 0.045, 0.5, { ends: false })
const hutRafters = timber("Rafters", 0.045, 0.6)

/** Of sheds and huts. */
export const SHED: ReadyParts = {
  wall: [
    ready("closed", "Cheap and well known; it must stay without a hole, and a damp summer cannot dry inward.", [
      ...CLADDING,
      layer("breather-membrane", 0.0005),
      layer("glass-wool", 0.14, { between: hutStuds }),
      layer("polythene", 0.0002),
      layer("gypsum-board", 0.0125),
    ]),
    ready("open", "Each layer more open than the one inside of it: it dries to both sides and forgives; thick for its R.", [
      ...CLADDING,
      layer("wood-fibre-board", 0.035),
      layer("cellulose-dense", 0.14, { between: hutStuds }),
      layer("osb", 0.012),
    ]),
    ready(
      "smart",
      "Cables and pipes run in the gap between battens and never pierce the membrane.",
      [
        ...CLADDING,
        layer("wood-fibre-board", 0.022),
        layer("wood-fibre-batt", 0.14, { between: hutStuds }),
        layer("smart-membrane", 0.0003),
        layer("air", 0.04, { between: battens }),
        layer("gypsum-board", 0.0125),
      ],
      "Service channel inside the tight layer",
    ),
    ready(
      "open-cell",
      "Fills an odd frame and seals it, in the whole depth of the studs; open to vapour, so a membrane lies inside of it.",
      [
        ...CLADDING,
        layer("breather-membrane", 0.0005),
        layer("osb", 0.011),
        layer("spray-open", 0.14, { between: hutStuds }),
        layer("smart-membrane", 0.0003),
        layer("gypsum-board", 0.0125),
      ],
    ),
    ready("closed-cell", "The same R in less than two thirds of the depth, and tight to vapour by itself.", [
      ...CLADDING,
      layer("breather-membrane", 0.0005),
      layer("osb", 0.011),
      layer("spray-closed", 0.09, { between: hutStuds }),
      layer("gypsum-board", 0.0125),
    ]),
  ],
  roof: [
    ready("vented", "A clear channel from eave to ridge carries off what leaks up; needs its mesh kept clean and a straight run.", [
      ...METAL_ROOF,
      layer("wood-fibre-board", 0.035),
      layer("cellulose-dense", 0.2, { between: hutRafters }),
      layer("smart-membrane", 0.0003),
      layer("gypsum-board", 0.0125),
    ]),
    ready("unvented", "Foam on the deck keeps it warm, so no channel is needed; enough of the R must lie outside of the deck.", [
      layer("steel-dark", 0.0006),
      layer("polyiso", 0.1),
      layer("bitumen-sheet", 0.003),
      layer("softwood-plywood", 0.018),
      layer("glass-wool", 0.1, { between: hutRafters }),
      layer("gypsum-board", 0.0125),
    ]),
    ready("closed", "Under an aired sheet: cheap and well known; the membrane must stay without a hole.", [
      ...METAL_ROOF,
      layer("glass-wool", 0.2, { between: hutRafters }),
      layer("polythene", 0.0002),
      layer("gypsum-board", 0.0125),
    ]),
    ready("open", "Under an aired sheet, each layer more open than the one inside of it: it dries to both sides and forgives.", [
      ...METAL_ROOF,
      layer("wood-fibre-board", 0.035),
      layer("cellulose-dense", 0.2, { between: hutRafters }),
      layer("osb", 0.012),
    ]),
    ready("open-cell", "Fills odd rafters and seals them; under a deck that dries outward it needs a membrane that opens in summer.", [
      layer("roof-underlay", 0.0006),
      layer("osb", 0.015),
      layer("spray-open", 0.16, { between: hutRafters }),
      layer("smart-membrane", 0.0003),
      layer("gypsum-board", 0.0125),
    ]),
    ready("closed-cell", "Sprayed under the deck: no channel, no foam to carry; the deck can dry outward only.", [
      layer("roof-underlay", 0.0006),
      layer("osb", 0.015),
      layer("spray-closed", 0.1, { between: hutRafters }),
      layer("gypsum-board", 0.0125),
    ]),
  ],
  floor: [
    ready("carried", "On bearers close together; no joists in the insulation, dry from below.", [
      layer("xps-heavy", 0.1),
      layer("osb", 0.022),
    ]),
    ready("slab-full", "On a slab of its own: boards all under it, a warm floor that stores the sun and the stove.", [
      layer("xps", 0.1),
      layer("polythene", 0.0002),
      layer("concrete", 0.1),
    ]),
    edged(
      ready("slab-edge", "On a slab that is there: most of what goes out goes out by its rim, and the middle costs no height.", [
        layer("concrete", 0.1, there),
      ]),
    ),
    ready("slab-none", "On a slab that is there, for a shed that is heated now and then: costs nothing, cold to the feet.", [
      layer("concrete", 0.1, there),
    ]),
  ],
}
