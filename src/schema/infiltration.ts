import * as z from "./zod"
import { notes, quantity, temperature } from "./quantity"

/** How freely the wind comes to an enclosure. */
export const Shelter = z
  .union([z.literal(1), z.literal(2), z.literal(3), z.literal(4), z.literal(5)])
  .describe("shelter from wind, 1 none … 5 very heavy")

/** Leakage, as a blower door tells it. */
export const leakage = {
  flow50: quantity("m³/s", "flow through the leaks at 50 Pa", { min: 0, max: 1000 }).optional(),
  ach50: quantity("1/h", "air changes at 50 Pa", { min: 0, max: 10_000 }).optional(),
  height: quantity("m", "from the lowest to the highest leak", { above: 0, max: 100 }).default(2.5),
  exponent: quantity("", "of the flow with the pressure", { min: 0.5, max: 1 }).default(0.65),
  shelter: Shelter.default(3),
  stack: quantity("m²/(s²·K)", "stack coefficient; left out: by height", { min: 0, max: 10 }).optional(),
  wind: quantity("m²/(s²·(m/s)²)", "wind coefficient; left out: by shelter and height", { min: 0, max: 10 }).optional(),
}

/** Leakage and the weather that drives it. */
export const InfiltrationInput = z
  .strictObject({
    ...leakage,
    volume: quantity("m³", "inside", { above: 0, max: 1e6 }),
    insideTemperature: temperature("inside"),
    outsideTemperature: temperature("outdoors"),
    windSpeed: quantity("m/s", "of an open station at 10 m", { min: 0, max: 150 }),
  })
  .refine(({ flow50, ach50 }) => (flow50 === undefined) !== (ach50 === undefined), "Give exactly one of flow50 and ach50.")
  .describe("Leakage of a small building and the weather that drives it.")
export type InfiltrationInput = z.output<typeof InfiltrationInput>

/** Air that comes in. */
export const InfiltrationOutput = z.strictObject({
  flow: quantity("m³/s", "outdoor air that comes in"),
  ach: quantity("1/h", "air changes"),
  elaFourPascal: quantity("m²", "effective leakage area at 4 Pa"),
  notes,
})
export type InfiltrationOutput = z.output<typeof InfiltrationOutput>
