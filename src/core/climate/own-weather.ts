import type { OwnWeather } from "../../schema/job/weather"
import type { MonthlyNormals } from "../../schema/normals"
import type { WeatherOutput } from "../../schema/weather"
import { climateOf } from "./design-climate"
import { FIRST_HOUR, isLeap, monthlyWeather, startText, sunHeights, type WeatherHour, yearBegins } from "./weather-year"
import type { WeatherYear } from "./weather-file"

/** Figures of an hour, and the digits after the point that are kept of each; rain is kept as kg/m² in the hour. */
const DIGITS = {
  temperature: 2,
  relativeHumidity: 3,
  directNormal: 1,
  diffuseHorizontal: 1,
  skyTemperature: 2,
  windSpeed: 2,
  rain: 2,
} as const satisfies Record<keyof WeatherHour, number>
const FIELDS = Object.keys(DIGITS) as (keyof WeatherHour)[]
const HOUR = 3600

/** A file may have thousands of bad fields; so many are told one by one. */
const TOLD = { bad: 50, filled: 60, notes: 30 }

/** A year of weather as a job keeps it. @param normals that it was made from */
export function ownWeather(name: string, year: WeatherOutput, normals: readonly MonthlyNormals[] | null): OwnWeather {
  const { latitude, longitude, elevation, timeZone, start, filled, bad } = year
  const text = (field: keyof WeatherHour) =>
    year.hours.map((hour) => String(Number((hour[field] * (field === "rain" ? HOUR : 1)).toFixed(DIGITS[field])))).join(" ")
  return {
    name: name.slice(0, 120),
    ...{ latitude, longitude, elevation, timeZone },
    year: Number(start.slice(0, 4)),
    climate: climateOf(year.hours, year.monthly, { latitude, longitude, begins: Date.parse(start) }),
    hours: Object.fromEntries(FIELDS.map((field) => [field, text(field)])) as OwnWeather["hours"],
    normals: normals && [...normals],
    mended: {
      notes: year.notes.slice(0, TOLD.notes).map((note) => note.slice(0, 600)),
      filled: filled.slice(0, TOLD.filled).map(({ field, hours, how }) => ({ field, hours, how: how.slice(0, 200) })),
      badRows: bad.length,
      bad: bad.slice(0, TOLD.bad).map(({ row, field, text: said, message }) => {
        return { row, field: field.slice(0, 60), text: said.slice(0, 120), message: message.slice(0, 300) }
      }),
    },
  }
}

/** The hours of weather that a job keeps. */
export function yearOfOwn({ name, latitude, longitude, elevation, timeZone, year, hours: texts, mended }: OwnWeather): WeatherYear {
  const columns = FIELDS.map((field) => texts[field].split(" "))
  const hours = columns[0]!.map((_, i) => {
    const hour = Object.fromEntries(FIELDS.map((field, f) => [field, Number(columns[f]![i])])) as unknown as WeatherHour
    return { ...hour, rain: hour.rain / HOUR }
  })
  return {
    ...{ name, latitude, longitude, elevation, timeZone, step: 3600, hours, filled: mended.filled, bad: mended.bad, notes: [] },
    start: startText(year, timeZone),
    monthly: monthlyWeather(hours, sunHeights(yearBegins(year, timeZone), { latitude, longitude })),
  }
}

/** Weather that a job keeps as a table that can be read again: a line for each hour, and what it is called. */
export function weatherTable({ year, timeZone, hours }: OwnWeather): string {
  const columns = FIELDS.map((field) => hours[field].split(" "))
  const begins = Date.parse(startText(year, 0))
  const lines = columns[0]!.map((_, i) => {
    // A leap day has no hours here.
    const day = Math.floor(i / 24) + (isLeap(year) && i >= FIRST_HOUR[2]! ? 1 : 0)
    const time = new Date(begins + (day * 24 + (i % 24)) * 3_600_000).toISOString().slice(0, 16)
    return [`${time}${startText(year, timeZone).slice(19)}`, ...columns.map((column) => column[i])].join(",")
  })
  return [["time", ...FIELDS].join(","), ...lines, ""].join("\n")
}
