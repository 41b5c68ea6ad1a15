import { DAYS_IN_MONTH } from "../climate/design-day"
import type { AirState, Season } from "../../schema/quantity"
import type { Condition } from "../enclosure/conditions"
import { airLeakageHeat, transmission, ventilationHeat } from "./transmission"
import { groundFlow } from "../ground/monthly-flow"
import { sum } from "../numeric/sum"
import { temperatureBeyond } from "../enclosure/surface-figures"
import { pathLoss } from "../enclosure/heat-path"
import { leakingAir } from "../enclosure/leaks"
import type { SteadyEnclosure } from "./heat-loss"

/** Heat to be brought in and taken out in a month, J. */
export interface MonthEnergy {
  heating: number
  cooling: number
}

/** Heat and cold of a year, J. */
export interface SteadyYear {
  total: number
  months: MonthEnergy[]
}

/**
 * Energy that holds the inside at its temperatures all year, from the months' means.
 * No sun, no people, no swing within the month: what tells one build-up from another until its hours are stepped through.
 * @see ISO 15927-6:2007 (accumulated temperature differences), taken by months
 */
export function yearOfEnergy(enclosure: SteadyEnclosure): SteadyYear {
  const { leaks, conditions } = enclosure
  const { winter, summer, station } = conditions
  const wind = leaks.from === null ? station.meanWindSpeed : 0
  const flowAt = (season: Season, inside: AirState, mean: number) =>
    steadyFlow(enclosure, season, { inside, outside: { temperature: mean, relativeHumidity: 0.7 }, windSpeed: wind })
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
  { surfaces, countedPaths, leaks, conditions, ventilation }: SteadyEnclosure,
  season: Season,
  condition: Condition,
): number {
  const indoors = condition.inside.temperature
  const skin = surfaces.map((figures) => {
    const difference = indoors - temperatureBeyond(figures, season, indoors, condition.outside.temperature)
    const face = figures.ground
      ? groundFlow(figures.ground, indoors, conditions.annualMean, condition.outside.temperature)
      : transmission(figures.netArea, figures.transmittance, difference)
    return face + sum(figures.closures.map(({ area, uValue }) => transmission(area, uValue, difference)))
  })
  const air = leakingAir(leaks, season, condition)
  const beside = countedPaths.map((path) => pathLoss(path, season, indoors, condition.outside.temperature))
  const letIn = ventilationHeat(ventilation, indoors - condition.outside.temperature)
  return sum(skin) + sum(beside) + airLeakageHeat(air.flow, indoors - air.from.temperature) + letIn
}
