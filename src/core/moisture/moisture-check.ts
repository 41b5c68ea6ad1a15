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

const inBoth = (look: (season: Season, outdoors: AirState) => DampAssessment, { winter, summer }: Conditions): MoistureLooks => ({
  winter: look("winter", winter.outside),
  summer: look("summer", summer.outside),
})

/** A slab on its ground. */
type Ground = Pick<NonNullable<SurfaceFigures["ground"]>, "uValue" | "direction">

/** Soil is damp all year, and as warm as the year's mean at the far end of the ground's resistance; it is wet anyway, so only what lies above it counts. */
function dampOnSoil(layers: readonly BuiltLayer[], ground: Ground, inside: AirState, annualMean: number): DampAssessment {
  const look = dampAssessment(layers, ground.direction, groundResistance(ground, layers), inside, {
    temperature: annualMean,
    relativeHumidity: 1,
  })
  return look.wetSide === "outside" ? { ...look, faceSweats: false, exfiltrationWets: null } : look
}

/** What the ground adds to the floor's own resistance, m²·K/W. */
export function groundResistance(ground: Ground, layers: readonly BuiltLayer[]): number {
  const own = thermalTransmittance(transmittanceInput(layers, ground.direction, 0)).centreResistance
  return Math.max(0.04, 1 / ground.uValue - own)
}
