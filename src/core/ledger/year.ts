import { DAYS_IN_MONTH } from "../climate/design-day"
import type { AirState } from "../../schema/quantity"
import type { Season } from "../heat/beyond"
import type { Condition, Conditions } from "../heat/conditions"
import { airLeakageHeat, transmission } from "../heat/transmission"
import { sum } from "../numeric/sum"
import { type FaceFigures, temperatureBeyondFace } from "./face-figures"
import { type HeatPath, pathLoss } from "./heat-path"
import { leakingAir, type Leaks } from "./leaks"

/** Heat to be brought in and taken out in a month, J. */
export interface MonthEnergy {
  heating: number
  cooling: number
}

/**
 * Energy that holds the inside at its temperatures all year, from the months' means.
 * No sun, no people, no swing within the month, in use every day: a yardstick between build-ups, not a bill.
 * @see ISO 15927-6:2007 (accumulated temperature differences), taken by months
 */
export function yearOfEnergy(
  faces: readonly FaceFigures[],
  paths: readonly HeatPath[],
  leaks: Leaks,
  conditions: Conditions,
): { total: number; months: MonthEnergy[] } {
  const { winter, summer, station } = conditions
  const wind = leaks.from === null ? station.meanWindSpeed : 0
  const flowAt = (season: Season, inside: AirState, mean: number) =>
    steadyFlow(
      faces,
      paths,
      leaks,
      season,
      { inside, outside: { temperature: mean, relativeHumidity: 0.7 }, windSpeed: wind },
      conditions.annualMean,
    )
  const months = station.monthlyTemperature.map((mean, i) => {
    const seconds = DAYS_IN_MONTH[i]! * 86_400
    return {
      heating: Math.max(0, flowAt("winter", winter.inside, mean)) * seconds,
      cooling: Math.max(0, -flowAt("summer", summer.inside, mean)) * seconds,
    }
  })
  return { total: sum(months.map((month) => month.heating + month.cooling)), months }
}

function steadyFlow(
  faces: readonly FaceFigures[],
  paths: readonly HeatPath[],
  leaks: Leaks,
  season: Season,
  condition: Condition,
  annualMean: number,
): number {
  const indoors = condition.inside.temperature
  const skin = faces.map((figures) => {
    const difference = indoors - temperatureBeyondFace(figures, season, indoors, condition.outside.temperature)
    const face = figures.ground
      ? figures.ground.heatTransferCoefficient * (indoors - annualMean)
      : transmission(figures.netArea, figures.transmittance, difference)
    return face + sum(figures.closures.map(({ area, uValue }) => transmission(area, uValue, difference)))
  })
  const air = leakingAir(leaks, season, condition)
  const beside = paths.map((path) => pathLoss(path, season, indoors, condition.outside.temperature))
  return sum(skin) + sum(beside) + airLeakageHeat(air.flow, indoors - air.from.temperature)
}
