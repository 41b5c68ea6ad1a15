import { InputError } from "../../schema/outcome"
import { type Note, noteIf } from "../../schema/note"
import type { WeatherColumns, WeatherUnits } from "../../schema/weather"
import { type BadField, FILE_FIELDS, type FileField, isDay, type Reading, weatherOfReadings, type WeatherYear } from "./weather-file"
import type { WeatherPlace } from "./weather-year"

type TableField = Exclude<FileField, "infrared" | "cloud">

/** What a table may tell, in SI: what can be read, and what a reading just beyond the possible means. */
const LIMITS: Readonly<Record<TableField, { read: readonly [number, number]; held: readonly [number, number] }>> = {
  temperature: { read: [-90, 70], held: [-90, 70] },
  // A hygrometer in fog tells a little more than all.
  relativeHumidity: { read: [0, 1.1], held: [0, 1] },
  // A pyranometer at night tells a little less than nothing.
  directNormal: { read: [-20, 2000], held: [0, 2000] },
  diffuseHorizontal: { read: [-20, 2000], held: [0, 2000] },
  windSpeed: { read: [0, 150], held: [0, 150] },
  rain: { read: [0, 500 / 3600], held: [0, 500 / 3600] },
}
const TABLE_FIELDS = Object.keys(LIMITS) as TableField[]

/** What stands for nothing in a table, in lower case. */
const NOTHING = new Set(["", "na", "n/a", "nan", "null", "none", "-", "--", "-999", "-9999", "-999.0", "-9999.0"])

/**
 * A year of weather from a table with a head: a time, temperature and relative humidity, and what else it tells.
 * @param rows its lines in fields, the head first
 * @param comma whether its numbers have a decimal comma
 * @param columns what the head calls each; left out: their own names, in any case
 * @throws InputError `missing-column`, `too-few-hours`
 */
export function weatherOfTable(
  rows: readonly (readonly string[])[],
  comma: boolean,
  place: WeatherPlace,
  columns: WeatherColumns | undefined,
  units: WeatherUnits | undefined,
): WeatherYear {
  const [head = [], ...body] = rows
  const at = (field: TableField | "time") => columnAt(head, field, columns)
  const timeAt = at("time")!
  const told = TABLE_FIELDS.map((field) => ({ field, at: at(field) })).filter(
    (one): one is { field: TableField; at: number } => one.at !== null,
  )
  const lines = body.map((row, i) => ({ row, line: i + 2 })).filter(({ row }) => row.some((text) => text.trim() !== ""))
  const number = (text: string) => Number(comma ? text.replace(",", ".") : text)
  const humidityAt = at("relativeHumidity")!
  const percent = lines.some(({ row }) => number(row[humidityAt] ?? "") > 1.5)
  const clock = clockOf(
    lines.map(({ row }) => row[timeAt]?.trim() ?? ""),
    place.timeZone,
  )
  const bad: BadField[] = []
  const readings = lines.flatMap(({ row, line }): Reading[] => {
    const text = row[timeAt]?.trim() ?? ""
    const time = clock.read(text)
    if (!time) {
      bad.push({ row: line, field: "time", text: text.slice(0, 80), message: "This is no time; write it as 2026-06-21 14:00." })
      return []
    }
    const values = Object.fromEntries(FILE_FIELDS.map((field) => [field, NaN])) as Record<FileField, number>
    for (const { field, at: column } of told) {
      const cell = row[column]?.trim() ?? ""
      if (NOTHING.has(cell.toLowerCase())) continue
      const value = inSi(field, number(cell), units, percent)
      const { read, held } = LIMITS[field]
      if (value >= read[0] && value <= read[1]) values[field] = Math.min(held[1], Math.max(held[0], value))
      else bad.push({ row: line, field, text: cell.slice(0, 80), message: badText(cell, value) })
    }
    return [{ ...time, values }]
  })
  return weatherOfReadings(place, readings, bad, clock.notes)
}

/** Column of a field; null where the table does not tell it. */
function columnAt(head: readonly string[], field: TableField | "time", columns: WeatherColumns | undefined): number | null {
  const name = columns ? columns[field] : field
  const plain = (text: string) =>
    text
      .trim()
      .toLowerCase()
      .replace(/[\s_-]/g, "")
  const at = name === undefined ? -1 : head.findIndex((text) => plain(text) === plain(name))
  if (at >= 0) return at
  // What is named must be there; of what is not, only these are needed.
  if (columns?.[field] === undefined && !["time", "temperature", "relativeHumidity"].includes(field)) return null
  const found = head
    .slice(0, 30)
    .map((text) => `"${text.trim().slice(0, 40)}"`)
    .join(", ")
  throw new InputError(
    "missing-column",
    ["columns", field],
    `No column is called "${name}"; the table has ${found}. Name the one in "columns".`,
  )
}

/** @param value as it stands in the table */
function inSi(field: TableField, value: number, units: WeatherUnits | undefined, percent: boolean): number {
  if (field === "temperature" && units?.temperature === "F") return (value - 32) / 1.8
  if (field === "windSpeed") return value * WIND[units?.windSpeed ?? "m/s"]
  if (field === "relativeHumidity") return percent ? value / 100 : value
  return field === "rain" ? value / 3600 : value
}

/** m/s in one. */
const WIND = { "m/s": 1, "km/h": 1 / 3.6, mph: 0.44704 }

const badText = (text: string, value: number) =>
  Number.isNaN(value) ? `"${text.slice(0, 40)}" is not a number.` : `${text.slice(0, 40)} cannot be; check the column's unit.`

type Time = Omit<Reading, "values">

const YEAR_FIRST = /^(\d{4})[-/.](\d{1,2})[-/.](\d{1,2})[T ]+(\d{1,2}):(\d{2})(?::\d{2}(?:\.\d+)?)?\s*(Z|[+-]\d{2}:?\d{2})?$/i
const YEAR_LAST = /^(\d{1,2})([./-])(\d{1,2})\2(\d{4})[T, ]+(\d{1,2}):(\d{2})(?::\d{2})?\s*(AM|PM)?$/i

/** How the times of a column are read: the whole of it says whether days or months come first, and whether hours are told by their ends. */
function clockOf(texts: readonly string[], timeZone: number): { read: (text: string) => Time | null; notes: Note[] } {
  const dayFirst = texts.some((text) => Number(YEAR_LAST.exec(text)?.[1]) > 12 || YEAR_LAST.exec(text)?.[2] === ".")
  const ends = texts.some((text) => Number(YEAR_FIRST.exec(text)?.[4] ?? YEAR_LAST.exec(text)?.[5]) === 24)
  const read = (text: string): Time | null => {
    const first = YEAR_FIRST.exec(text)
    const parts = first ?? YEAR_LAST.exec(text)
    if (!parts) return null
    const [year, month, day] = first
      ? [Number(parts[1]), Number(parts[2]), Number(parts[3])]
      : [Number(parts[4]), Number(parts[dayFirst ? 3 : 1]), Number(parts[dayFirst ? 1 : 3])]
    const hour = Number(first ? parts[4] : parts[5])
    const half = first ? undefined : parts[7]?.toUpperCase()
    const minute = Number(first ? parts[5] : parts[6])
    if (!isDay(month, day) || hour > 24 || minute > 59 || (half && (hour > 12 || hour === 0))) return null
    const clock = half ? (hour % 12) + (half === "PM" ? 12 : 0) : hour
    const at = Date.UTC(year, month - 1, day, clock, minute) - (ends ? 3_600_000 : 0) + (first ? shiftOf(parts[6], timeZone) : 0)
    // A 29 February of a common year is 1 March by the calendar: no such day.
    const local = new Date(at)
    if (month === 2 && day === 29 && new Date(Date.UTC(year, 1, 29)).getUTCDate() !== 29) return null
    return {
      year: local.getUTCFullYear(),
      month: local.getUTCMonth() + 1,
      day: local.getUTCDate(),
      minute: local.getUTCHours() * 60 + local.getUTCMinutes(),
    }
  }
  return { read, notes: noteIf(ends, "ends-of-hours", "Hours are told by their ends (24:00 occurs): each is taken as the hour before.") }
}

/** From a time's own offset to the place's clock, ms. */
function shiftOf(offset: string | undefined, timeZone: number): number {
  if (!offset) return 0
  if (offset.toUpperCase() === "Z") return timeZone * 3_600_000
  const minutes = Number(offset.slice(1, 3)) * 60 + Number(offset.slice(-2))
  return timeZone * 3_600_000 - (offset.startsWith("-") ? -1 : 1) * minutes * 60_000
}
