import { InputError } from "../../schema/outcome"
import { type Note, type Noted, noteIf } from "../../schema/note"
import { dewPoint } from "../air/dew-point"
import { vapourPressureAt } from "../air/moist-air"
import { DAYS_IN_MONTH } from "./design-day"
import { type Filled, fillGaps } from "./gaps"
import { cloudsBySun, skyTemperature, skyTemperatureOf } from "./sky-temperature"
import {
  COMMON_YEAR,
  FIRST_HOUR,
  HOURS,
  isLeap,
  monthlyWeather,
  type MonthlyWeather,
  startText,
  sunHeights,
  type WeatherHour,
  type WeatherPlace,
  yearBegins,
} from "./weather-year"

/** What a file may tell of an hour, in SI; sky from `infrared`, W/m², or `cloud`, 0…1. */
export const FILE_FIELDS = [
  "temperature",
  "relativeHumidity",
  "directNormal",
  "diffuseHorizontal",
  "windSpeed",
  "rain",
  "infrared",
  "cloud",
] as const
/** One of them. */
export type FileField = (typeof FILE_FIELDS)[number]

/** A field of a row that could not be read. */
export interface BadField {
  /** Line of the file, the first is 1. */
  row: number
  field: string
  /** As it stands there, its beginning. */
  text: string
  message: string
}

/** A row of a file: when it is of, and its fields, NaN where they are missing or bad. */
export interface Reading {
  year: number
  /** 1…12 */
  month: number
  /** 1…31 */
  day: number
  /** Minutes since midnight at which it begins, by the file's clock. */
  minute: number
  values: Record<FileField, number>
}

/** A year of weather, how it was had, and what it is in the mean of the months. */
export type WeatherYear = Noted<
  WeatherPlace & {
    /** ISO 8601, with its offset. */
    start: string
    step: 3600
    hours: WeatherHour[]
    filled: Filled[]
    bad: BadField[]
    monthly: MonthlyWeather[]
    notes: string[]
  }
>

/** What a file may be short of, in hours of the year: a tenth. */
const SHORTEST = HOURS / 10
/** Without these there is no weather. */
const NEEDED: readonly FileField[] = ["temperature", "relativeHumidity"]

/**
 * A year of hours from the rows of a file: rows put in order, leap day left out, clock put right, gaps filled, sky reckoned.
 * @param before what was noted while the rows were read
 * @throws InputError `too-few-hours` where more than a tenth of a year is missing or bad
 */
export function weatherOfReadings(
  place: WeatherPlace,
  readings: readonly Reading[],
  bad: BadField[],
  before: readonly Note[] = [],
): WeatherYear {
  const notes = [...before]
  const common = readings.filter(({ month, day }) => !(month === 2 && day === 29))
  const leap = readings.length - common.length
  notes.push(...noteIf(leap > 0, "leap-day", `29 February is left out (${leap} rows): a year has 8760 hours here.`))
  const clock = standardTime(common)
  notes.push(...clock.notes)
  const { columns, rows, notes: found } = byHour(common, clock.minutes)
  notes.push(...found)
  const told = rows.reduce((count, n) => count + (n > 0 ? 1 : 0), 0)
  if (HOURS - told > SHORTEST) throw tooFew(`The file tells ${told} of the ${HOURS} hours of a year`, bad)
  const filled: Filled[] = []
  const lacking: string[] = []
  for (const field of FILE_FIELDS) {
    if (field === "infrared" || field === "cloud") continue
    const missing = columns[field].reduce((count, value) => count + (Number.isNaN(value) ? 1 : 0), 0)
    if (missing === HOURS && !NEEDED.includes(field)) {
      columns[field].fill(0)
      lacking.push(field)
    } else if (missing > SHORTEST) throw tooFew(`"${field}" is missing or bad in ${missing} of the ${HOURS} hours`, bad)
    else filled.push(...fillGaps(field, columns[field]))
  }
  notes.push(...lackingNotes(lacking))
  const year = yearOf(common)
  const inYear = year === null || isLeap(year) ? COMMON_YEAR : year
  const theirs = year === null ? "of several years" : `of ${year}, a leap year`
  notes.push(...noteIf(inYear !== year, "year", `The hours are told as those of ${COMMON_YEAR}: the file's are ${theirs}.`))
  const heights = sunHeights(yearBegins(inYear, place.timeZone), place)
  const sky = skyOf(columns, heights, lacking.includes("directNormal") && lacking.includes("diffuseHorizontal"))
  notes.push(sky.note)
  const hours = Array.from({ length: HOURS }, (_, i): WeatherHour => ({
    temperature: columns.temperature[i]!,
    relativeHumidity: columns.relativeHumidity[i]!,
    directNormal: columns.directNormal[i]!,
    diffuseHorizontal: columns.diffuseHorizontal[i]!,
    skyTemperature: sky.temperatures[i]!,
    windSpeed: columns.windSpeed[i]!,
    rain: columns.rain[i]!,
  }))
  return {
    ...place,
    start: startText(inYear, place.timeZone),
    step: 3600,
    hours,
    filled,
    bad,
    monthly: monthlyWeather(hours, heights),
    notes,
  }
}

function tooFew(what: string, [first]: readonly BadField[]): InputError {
  const fault = first
    ? ` What cannot be read first: "${first.text}" in line ${first.row}. ${first.message}`
    : " Mend the file, or take another."
  return new InputError("too-few-hours", ["text"], `${what}: more than a tenth is missing or bad, which is too much to fill.${fault}`)
}

/** The year of nearly all rows: an hour told by its end may be one of the next. */
function yearOf(readings: readonly Reading[]): number | null {
  const counts = new Map<number, number>()
  for (const { year } of readings) counts.set(year, (counts.get(year) ?? 0) + 1)
  for (const [year, count] of counts) if (year > 0 && count >= 0.9 * readings.length) return year
  return null
}

/** Minutes since the year began. */
const minuteOfYear = ({ month, day, minute }: Reading): number => (FIRST_HOUR[month - 1]! / 24 + day - 1) * 1440 + minute

/**
 * The minutes of rows since the year began, in their order; a clock that was put forward in spring and back in autumn is put right, any other
 * stays as it is.
 */
function standardTime(readings: readonly Reading[]): { minutes: number[]; notes: Note[] } {
  const minutes = readings.map(minuteOfYear)
  // Clocks are changed in the small hours of a Sunday; an hour that is missing or told twice at another time is just that.
  const sunday = ({ year, month, day, minute }: Reading) => minute < 5 * 60 && new Date(Date.UTC(year, month - 1, day)).getUTCDay() === 0
  const jumps = (hours: number, months: readonly number[]) =>
    readings.findIndex((row, i) => i > 0 && minutes[i]! - minutes[i - 1]! === hours * 60 && months.includes(row.month) && sunday(row))
  // Hourly rows: an hour is left out where the clock goes forward, and told twice where it goes back.
  const north = { forward: jumps(2, [3, 4]), back: jumps(0, [9, 10, 11]) }
  const south = { forward: jumps(2, [9, 10, 11]), back: jumps(0, [3, 4]) }
  const shifted =
    north.forward > 0 && north.back > north.forward
      ? (i: number) => i >= north.forward && i < north.back
      : south.back > 0 && south.forward > south.back
        ? (i: number) => i < south.back || i >= south.forward
        : null
  if (!shifted) return { minutes, notes: [] }
  const year = HOURS * 60
  return {
    minutes: minutes.map((minute, i) => (shifted(i) ? (minute - 60 + year) % year : minute)),
    notes: [
      {
        code: "daylight-saving",
        text: "The file's clock goes forward in spring and back in autumn; its hours are put right to standard time.",
      },
    ],
  }
}

/** Rows sorted into the hours of the year: several in an hour are averaged, the same time told twice counts once. */
function byHour(readings: readonly Reading[], minutes: readonly number[]) {
  const columns = Object.fromEntries(FILE_FIELDS.map((field) => [field, new Float64Array(HOURS)])) as Record<FileField, Float64Array>
  const counts = Object.fromEntries(FILE_FIELDS.map((field) => [field, new Uint16Array(HOURS)])) as Record<FileField, Uint16Array>
  const rows = new Uint16Array(HOURS)
  const seen = new Set<number>()
  let [doubled, within, falls] = [0, 0, 0]
  for (const [i, { values }] of readings.entries()) {
    const minute = minutes[i]!
    if (i > 0 && minute < minutes[i - 1]!) falls++
    if (seen.has(minute)) {
      doubled++
      continue
    }
    seen.add(minute)
    const hour = Math.floor(minute / 60)
    if (rows[hour]!++ > 0) within++
    for (const field of FILE_FIELDS) {
      if (Number.isNaN(values[field])) continue
      columns[field][hour]! += values[field]
      counts[field][hour]!++
    }
  }
  for (const field of FILE_FIELDS)
    for (let hour = 0; hour < HOURS; hour++)
      columns[field][hour] = counts[field][hour]! > 0 ? columns[field][hour]! / counts[field][hour]! : NaN
  const notes = [
    // A year that begins in July falls once, where the new year comes, and ends before it began.
    ...noteIf(
      falls > 1 || (falls === 1 && minutes.at(-1)! >= minutes[0]!),
      "out-of-order",
      `Rows out of order (${falls} ${falls === 1 ? "time" : "times"}) are put in order.`,
    ),
    ...noteIf(doubled > 0, "doubled", `${doubled} ${doubled === 1 ? "hour is" : "hours are"} told twice; the first of each counts.`),
    ...noteIf(within > 0, "within-the-hour", "Several rows within an hour are averaged."),
  ]
  return { columns, rows, notes }
}

function lackingNotes(lacking: readonly string[]): Note[] {
  const ofSun = (field: string) => field === "directNormal" || field === "diffuseHorizontal"
  const [sun, others] = [lacking.filter(ofSun), lacking.filter((field) => !ofSun(field))]
  const told = (fields: readonly string[]) => fields.map((field) => `"${field}"`).join(" and ")
  return [
    ...noteIf(sun.length > 0, "no-sun", `The file tells no ${told(sun)}; it counts as none, so that heat by the sun is left out.`),
    ...noteIf(others.length > 0, "not-told", `The file tells no ${told(others)}; it counts as none.`),
  ]
}

/** The sky's temperature: by its long-wave light where the file has it, else by the dew point and clouds, or the sun that comes through them. */
function skyOf(
  columns: Record<FileField, Float64Array>,
  heights: Float64Array,
  noSun: boolean,
): { temperatures: Float64Array; note: Note } {
  const global = Float64Array.from(heights, (height, i) => columns.directNormal[i]! * height + columns.diffuseHorizontal[i]!)
  const bySun = noSun ? new Float64Array(HOURS).fill(0.5) : cloudsBySun(global, heights)
  const counts = { infrared: 0, cloud: 0, sun: 0 }
  const temperatures = Float64Array.from({ length: HOURS }, (_, i) => {
    const [infrared, cloud, air] = [columns.infrared[i]!, columns.cloud[i]!, columns.temperature[i]!]
    if (!Number.isNaN(infrared)) {
      counts.infrared++
      return skyTemperatureOf(infrared)
    }
    counts[Number.isNaN(cloud) ? "sun" : "cloud"]++
    // Air of a desert at 1 % still has a dew point.
    const dew = dewPoint(vapourPressureAt(air, Math.max(0.01, columns.relativeHumidity[i]!)))!
    return skyTemperature(air, dew, Number.isNaN(cloud) ? bySun[i]! : cloud)
  })
  const parts = [
    ...(counts.infrared > 0 ? [`from the horizontal infrared in ${counts.infrared} hours`] : []),
    ...(counts.cloud > 0 ? [`from dew point and cloud cover (Clark and Allen; Walton) in ${counts.cloud} hours`] : []),
    ...(counts.sun > 0
      ? [
          `from dew point and ${noSun ? "half the sky clouded" : "the clouds that the day's sun tells of (Kasten and Czeplak)"} in ${counts.sun} hours`,
        ]
      : []),
  ]
  return { temperatures, note: { code: "sky", text: `Sky temperature ${parts.join(", ")}.` } }
}

/** Whether a day is in the calendar. */
export const isDay = (month: number, day: number): boolean =>
  Number.isInteger(month) && Number.isInteger(day) && day >= 1 && day <= (month === 2 ? 29 : (DAYS_IN_MONTH[month - 1] ?? 0))
