import type { MonthlyNormals } from "../../schema/normals"
import { sum } from "../numeric/sum"
import { FIRST_HOUR, HOURS, hoursIn } from "./weather-year"

/** A wet day of these invented years brings so much in the mean, kg/m²; where a month has more than this share of wet days, each brings more. */
const [WET_DAY, MOST_DAYS] = [6, 0.7] as const
/** A day's rain falls in so many hours one after the other. */
const SHOWER = 6
/** Colder it is snow, which runs off nothing and soaks into nothing, °C. */
const SNOW = 0

/**
 * Rain of each hour from the months' sums, kg/(m²·s): it falls on each month's dullest days, much on few and little on many as the exponential
 * distribution has it, from a moment of the day by chance; hours of frost tell none.
 * @param clearness of each day: share of the sun outside the atmosphere
 * @param temperatures of each hour, °C
 * @param uniform by chance, 0…1
 * @see Todorovic and Woolhiser, Journal of Applied Meteorology 14 (1975)
 */
export function yearOfRain(
  normals: readonly MonthlyNormals[],
  clearness: ArrayLike<number>,
  temperatures: ArrayLike<number>,
  uniform: () => number,
): Float64Array {
  const rain = new Float64Array(HOURS)
  for (const [month, { rain: asked = 0 }] of normals.entries()) {
    const [first, days] = [FIRST_HOUR[month]! / 24, hoursIn(month) / 24]
    const wet = Math.min(Math.round(MOST_DAYS * days), Math.ceil(asked / WET_DAY))
    const dullest = Array.from({ length: days }, (_, i) => first + i).sort((a, b) => clearness[a]! - clearness[b]!)
    const showers = dullest.flatMap((day) => {
      const from = day * 24 + Math.floor(uniform() * (24 - SHOWER))
      const hours = Array.from({ length: SHOWER }, (_, i) => from + i).filter((hour) => temperatures[hour]! > SNOW)
      return hours.length > 0 ? [hours] : []
    })
    const falls = showers.slice(0, wet)
    const shares = falls.map((_, i) => -Math.log((i + 0.5) / falls.length))
    for (const [i, hours] of falls.entries())
      for (const hour of hours) rain[hour] = (asked * shares[i]!) / sum(shares) / hours.length / 3600
  }
  return rain
}
