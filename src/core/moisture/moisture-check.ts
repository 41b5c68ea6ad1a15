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

/** The first look at a surface's damp in both seasons. */
export interface MoistureLooks {
  winter: DampAssessment
  summer: DampAssessment
  /** The means of whole seasons, in which water has time to gather. */
  lasting: Readonly<Record<Season, LastingLook>>
}

/** A look at a condition that lasts. */
export interface LastingLook {
  look: DampAssessment
  /** How long, in cold seasons of 90 days. */
  seasons: number
}

/** How a surface stands with damp at the design conditions, beside its members. */
export function moistureLooks(surface: SurfaceFigures, conditions: Conditions): MoistureLooks {
  const { layers, summerLayers, face, ground, adjacent, transferFromInside } = surface
  if (ground)
    return inBoth(
      (season) => dampOnSoil(season === "winter" ? layers : summerLayers, ground, conditions[season].inside, conditions.annualMean),
      conditions,
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
  ): MoistureLooks =>
    inBoth((season, outdoors) => {
      const { inside } = conditions[season]
      const layers = season === "winter" ? winterLayers : summerLayers
      const outside = adjacentAir(adjacent, season, transferFromInside, inside, outdoors)
      const direction = heatFlowDirection(tilt, inside.temperature >= outside.temperature)
      const film = outdoorFilm(layers, farFilm(adjacent, direction), direction)
      return dampAssessment(layers, direction, film, inside, outside)
    }, conditions),
)

function inBoth(look: (season: Season, outdoors: AirState) => DampAssessment, conditions: Conditions): MoistureLooks {
  const lasting = (season: Season): LastingLook => {
    const { air, seasons } = lastingAir(season, conditions)
    return { look: look(season, air), seasons }
  }
  return {
    winter: look("winter", conditions.winter.outside),
    summer: look("summer", conditions.summer.outside),
    lasting: { winter: lasting("winter"), summer: lasting("summer") },
  }
}

/** Outdoor air of a whole season: the coldest month holds for 90 days, July for as long; a room colder than the year's mean is cooled all year. */
function lastingAir(season: Season, conditions: Conditions): { air: AirState; seasons: number } {
  const { coldestMonth, summerMonth, annualMean, summer } = conditions
  if (season === "winter") return { air: { temperature: coldestMonth, relativeHumidity: 0.8 }, seasons: 1 }
  if (summer.inside.temperature < annualMean) return { air: { temperature: annualMean, relativeHumidity: 0.8 }, seasons: 365 / 90 }
  return { air: { temperature: summerMonth, relativeHumidity: 0.75 }, seasons: 1 }
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
