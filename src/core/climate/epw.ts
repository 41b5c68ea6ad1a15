import { InputError } from "../../schema/outcome"
import { type BadField, type FileField, isDay, type Reading, weatherOfReadings, type WeatherYear } from "./weather-file"

/** A column of an EPW file: the number that says that it is missing, what can be read, and how many of it are one in SI. */
interface Column {
  field: FileField
  at: number
  missing: number
  least: number
  most: number
  per: number
}

const column = (field: FileField, at: number, missing: number, [least, most]: [number, number], per = 1): Column => ({
  ...{ field, at, missing, least, most, per },
})

/** @see U.S. Department of Energy, Auxiliary Programs, EPW data dictionary: fields N6–N33, with their ranges and codes of what is missing */
const COLUMNS: readonly Column[] = [
  column("temperature", 6, 99.9, [-90, 70]),
  column("relativeHumidity", 8, 999, [0, 110], 100),
  column("infrared", 12, 9999, [0, 1000]),
  column("directNormal", 14, 9999, [0, 2000]),
  column("diffuseHorizontal", 15, 9999, [0, 2000]),
  column("windSpeed", 21, 999, [0, 150]),
  column("cloud", 23, 99, [0, 10], 10),
  // mm in the hour
  column("rain", 33, 999, [0, 500], 3600),
]

/** Lines before the hours, by their first words. */
const HOURS_FOLLOW = "DATA PERIODS"
/** Beyond the wind the columns may end early. */
const FEWEST = 22

/**
 * A year of weather from the rows of an EPW file.
 * @param rows its lines, parted at the commas
 * @throws InputError `not-epw` without its head, `too-few-hours`
 * @see U.S. Department of Energy, Auxiliary Programs, EPW data dictionary
 */
export function weatherOfEpw(rows: readonly (readonly string[])[]): WeatherYear {
  const [head] = rows
  if (head?.[0]?.trim().toUpperCase() !== "LOCATION") throw notEpw("its first line begins with LOCATION")
  const [latitude, longitude, timeZone, elevation] = [6, 7, 8, 9].map((at) => number(head[at])) as [number, number, number, number]
  if (!(Math.abs(latitude) <= 90)) throw notEpw("the LOCATION line has a latitude between −90 and 90 in its 7th field")
  if (!(Math.abs(longitude) <= 180)) throw notEpw("the LOCATION line has a longitude between −180 and 180 in its 8th field")
  if (!(Math.abs(timeZone) <= 14)) throw notEpw("the LOCATION line has a time zone between −14 and 14 in its 9th field")
  const from = rows.findIndex(([first]) => first?.trim().toUpperCase() === HOURS_FOLLOW)
  if (from < 0) throw notEpw(`a line ${HOURS_FOLLOW} stands before the hours`)
  const bad: BadField[] = []
  const readings = rows.flatMap((row, i) => (i > from && row.some((text) => text.trim() !== "") ? (readingOf(row, i + 1, bad) ?? []) : []))
  const place = {
    name: head[1]?.trim() || "a weather file",
    latitude,
    longitude,
    timeZone,
    elevation: Number.isFinite(elevation) ? elevation : 0,
  }
  return weatherOfReadings(place, readings, bad)
}

const notEpw = (must: string) => new InputError("not-epw", ["text"], `This is no EPW file: ${must}.`)

const number = (text: string | undefined): number => (text === undefined || text.trim() === "" ? NaN : Number(text))

/** One hour; null where it cannot be told which hour it is. */
function readingOf(row: readonly string[], line: number, bad: BadField[]): Reading | null {
  const [year, month, day, hour, minute] = [0, 1, 2, 3, 4].map((at) => number(row[at])) as [number, number, number, number, number]
  if (row.length < FEWEST || !Number.isInteger(year) || !isDay(month, day) || !Number.isInteger(hour) || hour < 1 || hour > 24) {
    bad.push({
      row: line,
      field: "time",
      text: row.join(",").slice(0, 80),
      message: "This line is no hour: year, month, day and hour 1 to 24 come first.",
    })
    return null
  }
  const values = { infrared: NaN, cloud: NaN } as Record<FileField, number>
  for (const { field, at, missing, least, most, per } of COLUMNS) {
    const text = row[at]?.trim() ?? ""
    const value = number(text)
    values[field] = NaN
    if (text === "" || Math.abs(value - missing) < 1 || (field === "infrared" && value === 0)) continue
    if (value >= least && value <= most) values[field] = field === "relativeHumidity" ? Math.min(1, value / per) : value / per
    else bad.push({ row: line, field, text: text.slice(0, 80), message: `"${field}" must be a number between ${least} and ${most}.` })
  }
  // Hour 1 runs from midnight; the minutes tell parts of an hour apart.
  return { year, month, day, minute: (hour - 1) * 60 + (minute > 0 && minute < 60 ? minute : 0), values }
}
