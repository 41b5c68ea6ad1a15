import type { MonthlyNormals } from "../../schema/normals"
import { dewPoint } from "../air/dew-point"
import { vapourPressureAt } from "../air/moist-air"
import { saturationPressure } from "../air/saturation-pressure"
import { autocorrelated, seeded } from "../numeric/random"
import { DAYS_IN_MONTH, RANGE_SHARE } from "./design-day"
import { cloudOf, skyTemperature } from "./sky-temperature"
import { yearOfRain } from "./synthetic-rain"
import { yearOfSun } from "./synthetic-sun"
import type { WeatherYear } from "./weather-file"
import {
  COMMON_YEAR,
  FIRST_HOUR,
  HOURS,
  hoursIn,
  MONTH_OF_HOUR,
  monthlyWeather,
  startText,
  type WeatherHour,
  type WeatherPlace,
  yearBegins,
} from "./weather-year"

/** Temperatures that only 0.4 % of the hours are under, and over, °C. */
export interface Extremes {
  cold: number
  hot: number
}

const DAYS = HOURS / 24
const MONTHS_OF = Uint8Array.from(MONTH_OF_HOUR)
/** Of a month's mean, K or a share. */
const NEAR = 0.002
/** How one day follows the other. */
const MEMORY = { temperature: 0.75, clearness: 0.4, humidity: 0.6, wind: 0.5 }
/** A day's clearness under a sky without a cloud. */
const CLEAR = 0.75

/**
 * A year of hours made from the normals of its months: days by seeded chance, each like the one before it; means and swings of the months as
 * asked. The same normals and seed give the same hours.
 * @param extremes where they are given the spread of the days is such that the year comes to them
 * @see Collares-Pereira and Rabl 1979; Erbs et al. 1982 (sun); ASHRAE Fundamentals 2017, ch. 14, table 6 (a day's course)
 */
export function syntheticYear(normals: readonly MonthlyNormals[], place: WeatherPlace, seed: number, extremes?: Extremes): WeatherYear {
  const uniform = seeded(seed)
  const chance = {
    temperature: autocorrelated(DAYS, MEMORY.temperature, uniform),
    clearness: autocorrelated(DAYS, MEMORY.clearness, uniform),
    humidity: autocorrelated(DAYS, MEMORY.humidity, uniform),
    wind: autocorrelated(DAYS, MEMORY.wind, uniform),
  }
  const begins = yearBegins(COMMON_YEAR, place.timeZone)
  const sun = yearOfSun(
    normals.map(({ clearness }) => clearness),
    chance.clearness,
    place,
    begins,
  )
  const temperatures = yearOfTemperatures(normals, chance.temperature, sun.clearness, extremes)
  const humidities = yearOfHumidities(normals, chance.humidity, temperatures)
  const winds = yearOfWinds(normals, chance.wind)
  const rain = yearOfRain(normals, sun.clearness, temperatures, uniform)
  const rains = normals.some((month) => month.rain !== undefined)
  const hours = Array.from({ length: HOURS }, (_, i): WeatherHour => {
    const [temperature, relativeHumidity] = [round(temperatures[i]!, 100), round(humidities[i]!, 1000)]
    const dew = dewPoint(vapourPressureAt(temperature, relativeHumidity))!
    const cloud = cloudOf(sun.clearness[Math.floor(i / 24)]! / CLEAR)
    return {
      temperature,
      relativeHumidity,
      directNormal: round(sun.directNormal[i]!, 10),
      diffuseHorizontal: round(sun.diffuseHorizontal[i]!, 10),
      skyTemperature: round(skyTemperature(temperature, dew, cloud), 100),
      windSpeed: round(winds[i]!, 100),
      rain: round(rain[i]! * 3600, 100) / 3600,
    }
  })
  return {
    ...place,
    start: startText(COMMON_YEAR, place.timeZone),
    step: 3600,
    hours,
    filled: [],
    bad: [],
    monthly: monthlyWeather(hours, sun.heights),
    notes: [
      { code: "synthetic", text: "An invented year made from monthly normals by seeded chance: no record of any place." },
      { code: "sky", text: "Sky temperature from dew point and the day's clouds (Clark and Allen; Walton; Kasten and Czeplak)." },
      rains
        ? { code: "rain", text: "Rain on each month's dullest days, as much as its normals tell; in frost none." }
        : { code: "no-rain", text: "The normals tell no rain; it counts as none." },
    ],
  }
}

const round = (value: number, parts: number): number => Math.round(value * parts) / parts

/** A day's course about its mean, from lowest to highest 1, by the hour that begins at 0, 1 … 23. */
const COURSE: readonly number[] = (() => {
  const middles = RANGE_SHARE.map((_, i) => -(RANGE_SHARE[(i + 23) % 24]! + RANGE_SHARE[i]!) / 2)
  const mean = middles.reduce((all, value) => all + value, 0) / 24
  const range = Math.max(...middles) - Math.min(...middles)
  return middles.map((value) => (value - mean) / range)
})()

/** Of each hour: the month whose middle it comes after, and what part of the way it is to the middle of the next. */
const BETWEEN = (() => {
  const [after, part] = [new Uint8Array(HOURS), new Float64Array(HOURS)]
  const middles = FIRST_HOUR.map((first, month) => first + hoursIn(month) / 2)
  for (const [month, middle] of middles.entries()) {
    const long = (middles[(month + 1) % 12]! - middle + HOURS) % HOURS
    for (let i = 0; i < long; i++) {
      const hour = (middle + i) % HOURS
      after[hour] = month
      part[hour] = (i + 0.5) / long
    }
  }
  return { after, part }
})()

/** A value of each month as one of each hour: straight lines between the middles of the months, around the year. */
function fromMonths(values: readonly number[]): Float64Array {
  const round = [...values, values[0]!]
  const hours = new Float64Array(HOURS)
  for (let i = 0; i < HOURS; i++) {
    const month = BETWEEN.after[i]!
    hours[i] = round[month]! + (round[month + 1]! - round[month]!) * BETWEEN.part[i]!
  }
  return hours
}

/** A value of each day as one of each hour: straight lines from noon to noon. */
function fromDays(values: ArrayLike<number>): Float64Array {
  return Float64Array.from({ length: HOURS }, (_, hour) => {
    const noons = (hour + 0.5 - 12) / 24
    const [day, part] = [Math.floor(noons), noons - Math.floor(noons)]
    const [before, after] = [values[Math.max(0, day)]!, values[Math.min(DAYS - 1, day + 1)]!]
    return before + (after - before) * part
  })
}

const meanOf = (values: Float64Array, month: number): number => {
  let sum = 0
  for (let i = FIRST_HOUR[month]!; i < FIRST_HOUR[month]! + hoursIn(month); i++) sum += values[i]!
  return sum / hoursIn(month)
}

/** Mean of a month's daily swings. */
function swingOf(values: Float64Array, month: number): number {
  const [first, days] = [FIRST_HOUR[month]! / 24, DAYS_IN_MONTH[month]!]
  let sum = 0
  for (let day = first; day < first + days; day++) {
    let [least, most] = [Infinity, -Infinity]
    for (let hour = day * 24; hour < day * 24 + 24; hour++) {
      least = Math.min(least, values[hour]!)
      most = Math.max(most, values[hour]!)
    }
    sum += most - least
  }
  return sum / days
}

function yearOfTemperatures(
  normals: readonly MonthlyNormals[],
  chance: readonly number[],
  clearness: Float64Array,
  extremes?: Extremes,
): Float64Array {
  const means = normals.map(({ temperature }) => temperature)
  const swings = normals.map(({ dailySwing }) => dailySwing)
  const [coldest, hottest] = [Math.min(...means), Math.max(...means)]
  const off = fromDays(chance)
  // Days that differ by more than they swing would swing by their differences.
  const most = swings.map((swing, i) => (extremes ? 1.5 * swing : 0.5 * Math.min(swing, swings[(i + 11) % 12]!, swings[(i + 1) % 12]!)))
  // Clear days swing more than cloudy ones.
  const wide = fromDays(normals.flatMap(({ clearness: usual }, month) => daysOf(month).map((day) => 0.4 + (0.6 * clearness[day]!) / usual)))
  const widths = fromMonths(swings).map((swing, i) => swing * wide[i]!)
  const courses = widths.map((width, i) => width * COURSE[i % 24]!)
  const made = (spread: { winter: number; summer: number }, rounds: number): Float64Array => {
    const warm = means.map((mean) => (hottest > coldest ? (mean - coldest) / (hottest - coldest) : 0.5))
    const spreads = fromMonths(warm.map((share, i) => Math.min(most[i]!, spread.winter + (spread.summer - spread.winter) * share)))
    const days = spreads.map((one, i) => one * off[i]!)
    const [middles, factors] = [[...means], new Array<number>(12).fill(1)]
    const values = new Float64Array(HOURS)
    for (let round = 0; round < rounds; round++) {
      const middle = fromMonths(middles)
      for (let i = 0; i < HOURS; i++) values[i] = middle[i]! + days[i]! + factors[MONTHS_OF[i]!]! * courses[i]!
      let astray = 0
      for (let month = 0; month < 12; month++) {
        const [mean, swing] = [means[month]! - meanOf(values, month), swings[month]! - swingOf(values, month)]
        middles[month]! += mean
        factors[month] = Math.max(0, factors[month]! + swing / Math.max(0.1, meanOf(widths, month)))
        astray = Math.max(astray, Math.abs(mean), Math.abs(swing))
      }
      if (astray < NEAR) break
    }
    return values
  }
  // Days differ most where summer and winter do.
  const usual = 0.6 + 0.13 * (hottest - coldest)
  const spread = { winter: usual, summer: usual }
  if (extremes) {
    spread.summer = spreadFor((summer) => quantile(made({ ...spread, summer }, 6), 1 - RARE) - extremes.hot)
    spread.winter = spreadFor((winter) => extremes.cold - quantile(made({ ...spread, winter }, 6), RARE))
  }
  return made(spread, 30)
}

const daysOf = (month: number): number[] => Array.from({ length: DAYS_IN_MONTH[month]! }, (_, i) => FIRST_HOUR[month]! / 24 + i)

/** Of all hours. */
const RARE = 0.004

/** The deviation of the days at which something that rises with it comes to nothing, K. */
function spreadFor(excess: (spread: number) => number): number {
  let [low, high] = [0.1, 12]
  for (let i = 0; i < 8; i++) {
    const middle = (low + high) / 2
    if (excess(middle) > 0) high = middle
    else low = middle
  }
  return (low + high) / 2
}

/** The value that a share of all is under. */
export function quantile(values: Float64Array, share: number): number {
  return values.slice().sort()[Math.floor(share * values.length)]!
}

/** The air's water goes on from day to day; what changes within one is how much the air could hold. */
function yearOfHumidities(normals: readonly MonthlyNormals[], chance: readonly number[], temperatures: Float64Array): Float64Array {
  const full = temperatures.map(saturationPressure)
  const pressures = fromDays(
    normals.flatMap(({ relativeHumidity }, month) =>
      daysOf(month).map((day) => {
        const own = temperatures.subarray(day * 24, day * 24 + 24)
        return relativeHumidity * saturationPressure(own.reduce((all, value) => all + value, 0) / 24) * Math.exp(0.12 * chance[day]!)
      }),
    ),
  )
  const factors = new Array<number>(12).fill(1)
  const values = new Float64Array(HOURS)
  for (let round = 0; round < 40; round++) {
    for (let i = 0; i < HOURS; i++) values[i] = Math.min(1, Math.max(0.01, (factors[MONTH_OF_HOUR[i]!]! * pressures[i]!) / full[i]!))
    let astray = 0
    for (const [month, { relativeHumidity }] of normals.entries()) {
      const ratio = relativeHumidity / meanOf(values, month)
      factors[month]! *= ratio ** 1.5
      astray = Math.max(astray, Math.abs(ratio - 1))
    }
    if (astray < NEAR) break
  }
  return values
}

/** Stronger by day than by night, and from day to day by chance. */
function yearOfWinds(normals: readonly MonthlyNormals[], chance: readonly number[]): Float64Array {
  const days = fromDays(chance.map((one) => Math.exp(0.45 * one)))
  const winds = days.map((day, i) => day * (1 + 0.4 * COURSE[i % 24]!))
  for (const [month, { windSpeed }] of normals.entries()) {
    const scale = windSpeed / meanOf(winds, month)
    for (let i = FIRST_HOUR[month]!; i < FIRST_HOUR[month]! + hoursIn(month); i++) winds[i]! *= scale
  }
  return winds
}
