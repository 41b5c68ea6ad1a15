import { sum } from "../numeric/sum"
import { solarPosition } from "../sun/solar-position"
import { DAYS_IN_MONTH } from "./design-day"

/** Hours of a common year: weather years have no leap day. */
export const HOURS = 8760

/** The weather of one hour; what flows or shines is its mean. */
export interface WeatherHour {
  /** °C */
  temperature: number
  /** 0…1 */
  relativeHumidity: number
  /** Beam on a plane that faces the sun, W/m². */
  directNormal: number
  /** From the sky on level ground, W/m². */
  diffuseHorizontal: number
  /** Of the sky as one radiator, °C. */
  skyTemperature: number
  /** m/s */
  windSpeed: number
  /** kg/(m²·s) */
  rain: number
}

/** Where a year of weather is from. */
export interface WeatherPlace {
  name: string
  /** degrees, north positive */
  latitude: number
  /** degrees, east positive */
  longitude: number
  /** Of the clock that the hours are told by, h before UTC; no daylight saving. */
  timeZone: number
  /** m */
  elevation: number
}

/** A month in the mean of its hours. */
export interface MonthlyWeather {
  /** °C */
  temperature: number
  /** Between a day's highest and lowest hour, in the mean of the days, K. */
  dailySwing: number
  /** 0…1 */
  relativeHumidity: number
  /** Sun on level ground, W/m². */
  globalHorizontal: number
}

/** Month of an hour of the year, 0…11. */
export const MONTH_OF_HOUR: readonly number[] = DAYS_IN_MONTH.flatMap((days, month) => new Array<number>(days * 24).fill(month))

/** Hours of a month. */
export const hoursIn = (month: number): number => DAYS_IN_MONTH[month]! * 24

/** The first hour of each month. */
export const FIRST_HOUR: readonly number[] = DAYS_IN_MONTH.map((_, month) => 24 * sum(DAYS_IN_MONTH.slice(0, month)))

/** The year that a weather year is told in where it has none of its own: a common one. */
export const COMMON_YEAR = 2023

/** Whether a year has a 29 February. */
export const isLeap = (year: number): boolean => year % 4 === 0 && (year % 100 !== 0 || year % 400 === 0)

/** ms since 1970 at the beginning of a year by a clock that is `timeZone` hours before UTC. */
export const yearBegins = (year: number, timeZone: number): number => Date.UTC(year, 0, 1) - timeZone * 3_600_000

/** The same as a text with its offset: 2023-01-01T00:00:00+01:00. */
export function startText(year: number, timeZone: number): string {
  const minutes = Math.round(Math.abs(timeZone) * 60)
  const two = (value: number) => String(value).padStart(2, "0")
  return `${String(year).padStart(4, "0")}-01-01T00:00:00${timeZone < 0 ? "-" : "+"}${two(Math.floor(minutes / 60))}:${two(minutes % 60)}`
}

/** Sine of the sun's altitude in the middle of each hour, 0 under the horizon. @param begins ms since 1970 */
export function sunHeights(begins: number, { latitude, longitude }: Pick<WeatherPlace, "latitude" | "longitude">): Float64Array {
  return Float64Array.from({ length: HOURS }, (_, hour) => {
    const { altitude } = solarPosition(begins + (hour + 0.5) * 3_600_000, latitude, longitude)
    return Math.max(0, Math.sin((altitude * Math.PI) / 180))
  })
}

/**
 * Means of the months.
 * @param heights sines of the sun's altitude in the middle of each hour
 */
export function monthlyWeather(hours: readonly WeatherHour[], heights: Float64Array): MonthlyWeather[] {
  return DAYS_IN_MONTH.map((days, month) => {
    const from = FIRST_HOUR[month]!
    const own = hours.slice(from, from + days * 24)
    const mean = (of: (hour: WeatherHour, i: number) => number) => sum(own.map(of)) / own.length
    const swings = Array.from({ length: days }, (_, day) => {
      const temperatures = own.slice(day * 24, day * 24 + 24).map(({ temperature }) => temperature)
      return Math.max(...temperatures) - Math.min(...temperatures)
    })
    return {
      temperature: mean(({ temperature }) => temperature),
      dailySwing: sum(swings) / days,
      relativeHumidity: mean(({ relativeHumidity }) => relativeHumidity),
      globalHorizontal: mean(({ directNormal, diffuseHorizontal }, i) => directNormal * heights[from + i]! + diffuseHorizontal),
    }
  })
}
