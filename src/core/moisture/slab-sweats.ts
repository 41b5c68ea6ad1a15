import type { OwnWeather } from "../../schema/job/weather"
import { isoSaturation } from "../air/iso-saturation"
import type { WeatherYear } from "../climate/weather-file"
import { MONTH_OF_HOUR } from "../climate/weather-year"
import { pressureOf } from "../enclosure/month-airs"
import type { MonthlyWater } from "./monthly-water"

/** A floor on the ground in its months, and the weather whose air is let in. */
export interface SlabAsked {
  weather: string | OwnWeather
  /** °C of its inside face in the mean of each month, January first: a slab is too heavy to follow days */
  face: readonly number[]
}

/** °C of a floor's inside face in the mean of each month. */
export const faceOfMonths = ({ temperatures }: Pick<MonthlyWater, "temperatures">): number[] => temperatures.map((month) => month.at(-1)!)

/** Hours of each month, January first, in which outdoor air that is let in has its dew point above a slab's face. @see ISO 13788:2012, 5.1 */
export function slabSweats(face: readonly number[], { hours }: WeatherYear): number[] {
  const full = face.map(isoSaturation)
  const sweats = new Array<number>(12).fill(0)
  hours.forEach((hour, k) => {
    const month = MONTH_OF_HOUR[k]!
    if (pressureOf(hour) > full[month]!) sweats[month]!++
  })
  return sweats
}
