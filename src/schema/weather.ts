import * as z from "./zod"
import { fraction, notes, quantity, relativeHumidity, temperature, wind } from "./quantity"
import { MonthlyNormals } from "./normals"
import { latitude, longitude } from "./place"

/** Most that a weather file may be, characters: a year of hours with all that is told of them is half of it. */
const LARGEST = 4_000_000
const text = z.string().max(LARGEST).describe("the whole file")
const timeZone = quantity("h", "of the clock before UTC, no daylight saving", { min: -14, max: 14 })
const name = z.string().min(1).max(200)

/** What the head of a table calls each column. */
export const WeatherColumns = z.strictObject({
  time: name,
  temperature: name,
  relativeHumidity: name,
  directNormal: name.optional(),
  diffuseHorizontal: name.optional(),
  windSpeed: name.optional(),
  rain: name.optional(),
})
export type WeatherColumns = z.output<typeof WeatherColumns>

/** What a table's columns are in. */
export const WeatherUnits = z.strictObject({
  temperature: z.enum(["C", "F"]).optional(),
  windSpeed: z.enum(["m/s", "km/h", "mph"]).optional(),
})
export type WeatherUnits = z.output<typeof WeatherUnits>

/** A year of weather: of a built-in station, of a file, or made from monthly normals. */
export const WeatherInput = z
  .union([
    z.strictObject({ station: z.string().max(80).describe("id of a built-in station, an invented one") }),
    z.strictObject({ format: z.literal("epw"), text }),
    z.strictObject({
      format: z.literal("csv"),
      text,
      latitude,
      longitude,
      timeZone,
      columns: WeatherColumns.optional(),
      units: WeatherUnits.optional(),
    }),
    z.strictObject({
      monthly: z.array(MonthlyNormals).length(12).describe("January first"),
      latitude,
      longitude,
      seed: z.int().min(0).max(4_294_967_295).default(1).describe("another gives another year of the same normals"),
    }),
  ])
  .describe("A year of weather: of a built-in station, of a file, or made from monthly normals.")
export type WeatherInput = z.output<typeof WeatherInput>

/** A year of hours, with what was mended in it. */
export const WeatherOutput = z.strictObject({
  name: z.string(),
  latitude,
  longitude,
  timeZone,
  elevation: quantity("m", "over the sea"),
  start: z.string().describe("ISO 8601 with its offset, of the first hour's beginning"),
  step: z.literal(3600),
  hours: z.array(
    z.strictObject({
      temperature: temperature("outdoors"),
      relativeHumidity: relativeHumidity(),
      directNormal: quantity("W/m²", "beam on a plane that faces the sun"),
      diffuseHorizontal: quantity("W/m²", "from the sky on level ground"),
      skyTemperature: temperature("of the sky"),
      windSpeed: wind("of an open station at 10 m"),
      rain: quantity("kg/(m²·s)", "on level ground"),
    }),
  ),
  filled: z.array(z.strictObject({ field: z.string(), hours: z.int(), how: z.string() })),
  bad: z.array(
    z.strictObject({ row: z.int().describe("line of the file, the first is 1"), field: z.string(), text: z.string(), message: z.string() }),
  ),
  monthly: z.array(
    z.strictObject({
      temperature: temperature("mean"),
      dailySwing: quantity("K", "between a day's highest and lowest hour, in the mean"),
      relativeHumidity: fraction("mean"),
      globalHorizontal: quantity("W/m²", "sun on level ground, mean of all hours"),
    }),
  ),
  notes,
})
export type WeatherOutput = z.output<typeof WeatherOutput>
