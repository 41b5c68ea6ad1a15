import { quantity, relativeHumidity, temperature, wind } from "../quantity"
import { MonthlyNormals } from "../normals"
import { latitude, longitude } from "../place"
import * as z from "../zod"
import { title } from "./name"

/** Hours of a year without its leap day. */
const HOURS = 8760
/** Most of one figure's text: a year of eleven characters each. */
const LONGEST = 12 * HOURS
/** What was read and found good stands in no need of being read again: an edit brings the same texts back. */
const GOOD = new Map<string, string>()
const MOST_GOOD = 40

/** One figure through the year: 8,760 numbers, a space between them. */
const yearly = (meaning: string, min: number, max: number) =>
  z
    .string()
    .max(LONGEST)
    .refine((text) => isYearly(text, min, max), { message: `There must be ${HOURS} numbers from ${min} to ${max}, a space between them.` })
    .describe(`${meaning}: 8760 numbers, a space between them, from the hour that begins the year`)

function isYearly(text: string, min: number, max: number): boolean {
  const range = `${min} ${max}`
  if (GOOD.get(text) === range) return true
  const numbers = text.split(" ")
  if (numbers.length !== HOURS) return false
  for (const one of numbers) {
    const number = Number(one)
    if (one === "" || !(number >= min && number <= max)) return false
  }
  GOOD.set(text, range)
  if (GOOD.size > MOST_GOOD) GOOD.delete(GOOD.keys().next().value!)
  return true
}

const air = { temperature: temperature("outdoors"), relativeHumidity: relativeHumidity("then") }

/** What of a place's weather its design hours are reckoned from. */
export const Climate = z.strictObject({
  winter: z.strictObject({ ...air, windSpeed: wind("of the coldest hours") }),
  summer: z.strictObject({
    ...air,
    windSpeed: wind("of the hottest hours"),
    dailyRange: quantity("K", "of the hottest month's days", { min: 0, max: 60 }),
    beamDepth: quantity("1", "optical depth of the clear sky, beam", { min: 0.1, max: 1.5 }),
    diffuseDepth: quantity("1", "optical depth of the clear sky, diffuse", { min: 1.5, max: 3 }),
  }),
  monthlyTemperature: z.array(temperature("mean of the month")).length(12).describe("January first"),
  monthlyRelativeHumidity: z.array(relativeHumidity("mean of the month")).length(12).describe("January first"),
  meanWindSpeed: wind("of the year"),
})
export type Climate = z.output<typeof Climate>

/** A year of weather of one's own, hour by hour, with what was mended in it. */
export const OwnWeather = z.strictObject({
  name: title("what the place is called"),
  latitude,
  longitude,
  elevation: quantity("m", "over the sea", { min: -500, max: 9000 }),
  timeZone: quantity("h", "of the clock before UTC, no daylight saving", { min: -14, max: 14 }),
  year: z.int().min(1800).max(2300).describe("that the hours are told as"),
  climate: Climate,
  hours: z.strictObject({
    temperature: yearly("°C", -90, 60),
    relativeHumidity: yearly("0..1", 0, 1),
    directNormal: yearly("W/m², beam on a plane that faces the sun", 0, 1500),
    diffuseHorizontal: yearly("W/m², from the sky on level ground", 0, 1500),
    skyTemperature: yearly("°C, of the sky", -150, 60),
    windSpeed: yearly("m/s", 0, 150),
    rain: yearly("kg/m² in the hour", 0, 1000),
  }),
  normals: z.array(MonthlyNormals).length(12).nullable().describe("that the hours were made from; null: they are of a file"),
  mended: z
    .strictObject({
      notes: z.array(z.string().max(600)).max(30),
      filled: z.array(z.strictObject({ field: z.string().max(60), hours: z.int(), how: z.string().max(200) })).max(60),
      badRows: z.int().min(0).describe("fields that could not be read"),
      bad: z
        .array(z.strictObject({ row: z.int(), field: z.string().max(60), text: z.string().max(120), message: z.string().max(300) }))
        .max(50)
        .describe("the first of them"),
    })
    .describe("what was mended while it was read"),
})
export type OwnWeather = z.output<typeof OwnWeather>
