import * as z from "./zod"

/** Limits of a quantity: `min` and `max` are allowed values, `above` and `below` are not. */
export interface Range {
  min?: number
  max?: number
  above?: number
  below?: number
}

/**
 * A finite number with its unit, its meaning and its range; the description is what `--schema` prints.
 * The range is an argument because a Zod schema loses its description when a check is added later.
 */
export function quantity(unit: string, meaning: string, range: Range = {}): z.ZodNumber {
  let number = z.number()
  if (range.min !== undefined) number = number.min(range.min)
  if (range.max !== undefined) number = number.max(range.max)
  if (range.above !== undefined) number = number.gt(range.above)
  if (range.below !== undefined) number = number.lt(range.below)
  return number.describe(unit === "" ? meaning : `${meaning}, ${unit}`)
}

/** A temperature, °C. */
export const temperature = (meaning: string) => quantity("°C", meaning, { min: -100, max: 200 })
/** A speed of the wind, m/s. */
export const wind = (meaning: string) => quantity("m/s", meaning, { min: 0, max: 150 })
/** A relative humidity, 0…1. */
export const relativeHumidity = (meaning = "relative humidity") => quantity("0..1", meaning, { min: 0, max: 1 })
/** A thickness, m. */
export const thickness = (meaning = "thickness") => quantity("m", meaning, { above: 0, max: 10 })
/** A thermal conductivity, W/(m·K). */
export const conductivity = (meaning = "thermal conductivity") => quantity("W/(m·K)", meaning, { above: 0, max: 10_000 })
/** A thermal resistance, m²·K/W; a film of paint has none. */
export const resistance = (meaning: string) => quantity("m²·K/W", meaning, { min: 0 })
/** Resistance of a surface, m²·K/W. */
export const filmResistance = (meaning: string) => quantity("m²·K/W", meaning, { min: 0 })
/** A share, 0…1. */
export const fraction = (meaning: string) => quantity("0..1", meaning, { min: 0, max: 1 })
/** A long-wave emissivity, 0…1. */
export const emissivity = (meaning = "emissivity of a face") => quantity("0..1", meaning, { above: 0, max: 1 })

/** Direction in which the heat flows through a face. */
export const HeatFlowDirection = z
  .enum(["horizontal", "up", "down"])
  .describe("direction of the heat flow: horizontal through walls, up through roofs, down through floors")
export type HeatFlowDirection = z.output<typeof HeatFlowDirection>

/** What a method says beside its figures. */
export const notes = z.array(z.string()).describe("assumptions made and limits passed")

/** The two ends of the year that a job is looked at in. */
export type Season = "winter" | "summer"

/** Air of one side of a build-up. */
export const AirState = z.strictObject({ temperature: temperature("air temperature"), relativeHumidity: relativeHumidity() })
export type AirState = z.output<typeof AirState>
