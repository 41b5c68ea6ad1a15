import type { GroundOutput } from "../../schema/ground"
import type { AirState } from "../../schema/quantity"
import { type BuiltLayer, outdoorFilm, transmittanceInput } from "../assembly/build-up"
import { heatFlowDirection, INDOOR_RESISTANCE, OUTDOOR_RESISTANCE } from "../assembly/surface-resistance"
import { thermalTransmittance } from "../assembly/thermal-transmittance"
import { airBeyond, type Beyond, type Season } from "../heat/beyond"
import type { Conditions } from "../heat/conditions"
import { kept } from "../kept"
import { type DampLook, dampLook } from "../moisture/damp-look"
import { dampVerdict } from "../moisture/damp-verdict"
import type { Face } from "../shell/face"
import type { FaceFigures } from "./face-figures"

type Damp = FaceFigures["damp"]

/** What of a face its damp depends on. */
type Damped = Pick<FaceFigures, "layers" | "summerLayers" | "face" | "ground" | "beyond">

/** The first look at a face's damp in both seasons. @param fromInside conductance into the space beyond it, W/K */
export function faceDamp({ layers, summerLayers, face, ground, beyond: far }: Damped, fromInside: number, conditions: Conditions): Damp {
  if (ground) {
    const look = (season: Season) =>
      dampOnSoil(season === "winter" ? layers : summerLayers, ground, conditions[season].inside, conditions.annualMean)
    return verdictOn(look)
  }
  // Only the air of an unheated space depends on other faces.
  if (far.kind === "space" && far.space.kind === "unheated") return dampBetween(layers, summerLayers, face, far, conditions, fromInside)
  return keptDamp(layers, summerLayers, face, far, conditions)
}

const keptDamp = kept(
  (layers: readonly BuiltLayer[], summerLayers: readonly BuiltLayer[], face: Face, far: Beyond, conditions: Conditions) =>
    dampBetween(layers, summerLayers, face, far, conditions, 0),
)

function dampBetween(
  winterLayers: readonly BuiltLayer[],
  summerLayers: readonly BuiltLayer[],
  face: Face,
  far: Beyond,
  conditions: Conditions,
  fromInside: number,
): Damp {
  return verdictOn((season) => {
    const { inside } = conditions[season]
    const layers = season === "winter" ? winterLayers : summerLayers
    const outside = airBeyond(far, season, fromInside, inside, conditions[season].outside)
    const direction = heatFlowDirection(face.tilt, inside.temperature >= outside.temperature)
    const film = outdoorFilm(layers, far.kind === "space" ? INDOOR_RESISTANCE[direction] : OUTDOOR_RESISTANCE, direction)
    return dampLook(layers, direction, film, inside, outside)
  })
}

function verdictOn(look: (season: Season) => DampLook): Damp {
  const [winter, summer] = [look("winter"), look("summer")]
  return { winter, summer, verdict: dampVerdict(winter, summer) }
}

/** Soil is damp all year, and as warm as the year's mean at the far end of the ground's resistance; it is wet anyway, so only what lies above it counts. */
function dampOnSoil(layers: readonly BuiltLayer[], ground: GroundOutput, inside: AirState, annualMean: number): DampLook {
  const look = dampLook(layers, "down", groundResistance(ground, layers), inside, { temperature: annualMean, relativeHumidity: 1 })
  return look.wetSide === "outside" ? { ...look, faceSweats: false, leakWets: null } : look
}

/** What the ground adds to the floor's own resistance, m²·K/W. */
function groundResistance(ground: GroundOutput, layers: readonly BuiltLayer[]): number {
  const own = thermalTransmittance(transmittanceInput(layers, "down", 0)).centreResistance
  return Math.max(0.04, 1 / ground.uValue - own)
}
