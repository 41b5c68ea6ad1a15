import { dewPoint } from "../air/dew-point"
import { vapourPressureAt } from "../air/moist-air"
import { memoised } from "../memoised"
import { sum } from "../numeric/sum"
import { clearSky, type Sunlight } from "../sun/clear-sky"
import { type Around, isHidden, isOpen } from "../sun/horizon"
import { type SolarPosition, solarPosition } from "../sun/solar-position"
import { type DesignPlace, solarTimeZone } from "./climate-stations"
import { DRIEST, skyTemperature } from "./sky-temperature"

/** One hour of the hottest day; `hour` is the clock hour, 1…24 in standard time. */
export interface DesignHour {
  hour: number
  /** °C */
  temperature: number
  /** Of the clear sky, °C. */
  skyTemperature: number
  sun: SolarPosition
  light: Sunlight
}

/** Share of the daily range by which each hour stays under the highest temperature, 1 h … 24 h. @see ASHRAE Fundamentals 2017, ch. 14, table 6 */
export const RANGE_SHARE = [
  0.88, 0.92, 0.95, 0.98, 1, 0.98, 0.91, 0.74, 0.55, 0.38, 0.23, 0.13, 0.05, 0, 0, 0.06, 0.14, 0.24, 0.39, 0.5, 0.59, 0.68, 0.75, 0.82,
] as const

/** The month of the hottest design day: July in the north, January in the south. */
export const designMonth = (latitude: number): number => (latitude < 0 ? 0 : 6)
/** Its day. */
const DAY = 21

/**
 * The clear design day hour by hour.
 * @param highest dry bulb at the hottest hour, °C
 * @param relativeHumidity at that hour, 0…1: the air keeps its water through the day
 * @returns 24 hours, standard time of the station's own meridian, 1 h … 24 h
 * @see ASHRAE Fundamentals 2017, ch. 14
 */
export const summerDesignDay = memoised((station: DesignPlace, highest: number, relativeHumidity: number): DesignHour[] => {
  const { dailyRange, beamDepth, diffuseDepth } = station.summer
  const zone = solarTimeZone(station.longitude)
  const month = designMonth(station.latitude)
  const midnight = Date.UTC(2026, month, DAY)
  const dayOfYear = sum(DAYS_IN_MONTH.slice(0, month)) + DAY
  const dew = dewPoint(vapourPressureAt(highest, relativeHumidity)) ?? DRIEST
  return RANGE_SHARE.map((share, i) => {
    const hour = i + 1
    const temperature = highest - share * dailyRange
    const sun = solarPosition(midnight + (hour - zone) * 3_600_000, station.latitude, station.longitude)
    return {
      ...{ hour, temperature, sun },
      skyTemperature: skyTemperature(temperature, Math.min(temperature, dew), 0),
      light: clearSky(sun.altitude, dayOfYear, beamDepth, diffuseDepth),
    }
  })
})

/** The same day as it comes to what stands around or under something: no beam while that hides the sun, and no sky under a roof. */
export const dayAround = memoised((day: DesignHour[], around: Around): DesignHour[] =>
  isOpen(around)
    ? day
    : day.map((hour) => ({
        ...hour,
        light: isHidden(around, hour.sun) ? { ...hour.light, directNormal: 0 } : hour.light,
        skyTemperature: around.roof === null ? hour.skyTemperature : hour.temperature,
      })),
)

/** Mean of the year from the months' means weighted by their days, °C. */
export function annualMean(station: DesignPlace): number {
  return sum(station.monthlyTemperature.map((mean, i) => mean * DAYS_IN_MONTH[i]!)) / 365
}

/** Names of the months, January first. */
export const MONTHS = "January February March April May June July August September October November December".split(" ")

/** Days of the months of a common year. */
export const DAYS_IN_MONTH = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31] as const

/** A day of a common year in words. @param day 0…364 */
export function dayWords(day: number): string {
  let left = day
  let month = 0
  while (left >= DAYS_IN_MONTH[month]!) left -= DAYS_IN_MONTH[month++]!
  return `${left + 1} ${MONTHS[month]!}`
}
