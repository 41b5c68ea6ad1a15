import type { GroundOutput } from "../../schema/ground"
import type { AirState, Season } from "../../schema/quantity"
import { type BuiltLayer, outdoorFilm, transmittanceInput } from "../assembly/build-up"
import { heatFlowDirection } from "../assembly/surface-resistance"
import { thermalTransmittance } from "../assembly/thermal-transmittance"
import { type Adjacent, adjacentAir } from "../enclosure/adjacent"
import type { Conditions } from "../enclosure/conditions"
import { farFilm } from "../enclosure/films"
import type { SurfaceFigures } from "../enclosure/surface-figures"
import { memoised } from "../memoised"
import { type DampAssessment, dampAssessment } from "./damp-assessment"
import { type DampVerdict, dampVerdict } from "./damp-verdict"

/** The first look at a surface's damp in both seasons. */
export interface MoistureCheck {
  winter: DampAssessment
  summer: DampAssessment
  verdict: DampVerdict
}

/** How a surface stands with damp at the design conditions. */
export function moistureCheck(surface: SurfaceFigures, conditions: Conditions): MoistureCheck {
  const { layers, summerLayers, face, ground, adjacent, transferFromInside } = surface
  if (ground)
    return verdictOn((season) =>
      dampOnSoil(season === "winter" ? layers : summerLayers, ground, conditions[season].inside, conditions.annualMean),
    )
  // Only the air of an unheated space depends on other surfaces.
  const unheated = adjacent.kind === "space" && adjacent.space.kind === "unheated"
  return dampBetween(layers, summerLayers, face.tilt, adjacent, conditions, unheated ? transferFromInside : 0)
}

const dampBetween = memoised(
  (
    winterLayers: readonly BuiltLayer[],
    summerLayers: readonly BuiltLayer[],
    tilt: number,
    adjacent: Adjacent,
    conditions: Conditions,
    transferFromInside: number,
  ): MoistureCheck =>
    verdictOn((season) => {
      const { inside } = conditions[season]
      const layers = season === "winter" ? winterLayers : summerLayers
      const outside = adjacentAir(adjacent, season, transferFromInside, inside, conditions[season].outside)
      const direction = heatFlowDirection(tilt, inside.temperature >= outside.temperature)
      const film = outdoorFilm(layers, farFilm(adjacent, direction), direction)
      return dampAssessment(layers, direction, film, inside, outside)
    }),
)

function verdictOn(look: (season: Season) => DampAssessment): MoistureCheck {
  const [winter, summer] = [look("winter"), look("summer")]
  return { winter, summer, verdict: dampVerdict(winter, summer) }
}

/** Soil is damp all year, and as warm as the year's mean at the far end of the ground's resistance; it is wet anyway, so only what lies above it counts. */
function dampOnSoil(
  layers: readonly BuiltLayer[],
  ground: Pick<GroundOutput, "uValue">,
  inside: AirState,
  annualMean: number,
): DampAssessment {
  const look = dampAssessment(layers, "down", groundResistance(ground, layers), inside, { temperature: annualMean, relativeHumidity: 1 })
  return look.wetSide === "outside" ? { ...look, faceSweats: false, exfiltrationWets: null } : look
}

/** What the ground adds to the floor's own resistance, m²·K/W. */
function groundResistance(ground: Pick<GroundOutput, "uValue">, layers: readonly BuiltLayer[]): number {
  const own = thermalTransmittance(transmittanceInput(layers, "down", 0)).centreResistance
  return Math.max(0.04, 1 / ground.uValue - own)
}
