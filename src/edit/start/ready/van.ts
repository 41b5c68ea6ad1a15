import { RIBS, level, stack } from "../layers"
import { ready, type ReadyBuildUp, type ReadyParts } from "./ready"

const VAN_SKIN = stack`steel-painted 0.8 there`
const PLY = stack`birch-plywood 6.5`

const inVan = (fibre: number): readonly ReadyBuildUp[] => [
  ready(
    "open-cell",
    "Fills every hollow, quiets the sheet and costs little; open to vapour, so it needs a tight membrane, and more depth for the same R.",
  )`
      ${VAN_SKIN}, spray-open 50 between ${RIBS}, foil-membrane 0.3, ${PLY}`,
  ready(
    "smart",
    "Lets the cavity dry inward in summer; the steel outside is tight, so it must be airtight before deep cold. Fibre in a vehicle: allowed with that warning.",
  )`
      ${VAN_SKIN}, wood-fibre-batt ${fibre} between ${RIBS}, smart-membrane 0.3, ${PLY}`,
  ready(
    "open",
    "Nothing stops vapour before the cold skin: for mild weather and airy use only. The damp figure says when it does not fit.",
  )`
      ${VAN_SKIN}, sheep-wool ${fibre} between ${RIBS}, ${PLY}`,
  ready(
    "boards",
    "Bends round curves and closes itself to vapour; only as good as its glue, and covers the ribs if it is carried over them.",
    "Rubber foam stuck to the skin",
  )`
      ${VAN_SKIN}, elastomeric-foam 32 between ${RIBS}, elastomeric-foam 6, ${PLY}`,
]

/** Of vans. */
export const VAN: ReadyParts = {
  wall: inVan(40),
  roof: inVan(40),
  floor: [
    ready(
      "joists",
      "Screws bite, seats bolt down, foam need not carry; each nailer is a thin spot in the insulation.",
      "Timber nailers carry the floor",
    )`
      ${VAN_SKIN}, xps 30 between ${level("Nailers", 0.045, 0.5, { material: "softwood-plywood" })}, birch-plywood 12, vinyl-floor 2`,
    ready("joists", "Light and strong over a long span; metal conducts, so a break lies over them.", "Aluminium joists carry the floor")`
      ${VAN_SKIN}, xps 30 between ${level("Aluminium joists", 0.04, 0.5, { material: "aluminium", shape: "tube", wall: 0.002 })},
      xps 20, birch-plywood 12, vinyl-floor 2`,
  ],
}
