import { type LayerSketch, RIBS, layer, level } from "../layers"
import { ready, there, type ReadyBuildUp, type ReadyParts } from "./ready"

const VAN_SKIN: LayerSketch = layer("steel-painted", 0.0008, there)
const PLY: LayerSketch = layer("birch-plywood", 0.0065)

const inVan = (fibre: number): readonly ReadyBuildUp[] => [
  ready(
    "open-cell",
    "Fills every hollow, quiets the sheet and costs little; open to vapour, so it needs a tight membrane, and more depth for the same R.",
    [VAN_SKIN, layer("spray-open", 0.05, { between: RIBS }), layer("foil-membrane", 0.0003), PLY],
  ),
  ready(
    "smart",
    "Lets the cavity dry inward in summer; the steel outside is tight, so it must be airtight before deep cold. Fibre in a vehicle: allowed with that warning.",
    [VAN_SKIN, ["wood-fibre-batt", fibre, { between: RIBS }], layer("smart-membrane", 0.0003), PLY],
  ),
  ready(
    "open",
    "Nothing stops vapour before the cold skin: for mild weather and airy use only. The damp figure says when it does not fit.",
    [VAN_SKIN, ["sheep-wool", fibre, { between: RIBS }], PLY],
  ),
  ready(
    "boards",
    "Bends round curves and closes itself to vapour; only as good as its glue, and covers the ribs if it is carried over them.",
    [VAN_SKIN, layer("elastomeric-foam", 0.032, { between: RIBS }), layer("elastomeric-foam", 0.006), PLY],
    "Rubber foam stuck to the skin",
  ),
]

/** Of vans. */
export const VAN: ReadyParts = {
  wall: inVan(0.04),
  roof: inVan(0.04),
  floor: [
    ready(
      "joists",
      "Screws bite, seats bolt down, foam need not carry; each nailer is a thin spot in the insulation.",
      [
        VAN_SKIN,
        layer("xps", 0.03, { between: level("Nailers", 0.045, 0.5, { material: "softwood-plywood" }) }),
        layer("birch-plywood", 0.012),
        layer("vinyl-floor", 0.002),
      ],
      "Timber nailers carry the floor",
    ),
    ready(
      "joists",
      "Light and strong over a long span; metal conducts, so a break lies over them.",
      [
        VAN_SKIN,
        layer("xps", 0.03, { between: level("Aluminium joists", 0.04, 0.5, { material: "aluminium", shape: "tube", wall: 0.002 }) }),
        layer("xps", 0.02),
        layer("birch-plywood", 0.012),
        layer("vinyl-floor", 0.002),
      ],
      "Aluminium joists carry the floor",
    ),
  ],
}
