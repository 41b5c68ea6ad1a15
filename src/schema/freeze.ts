import * as z from "./zod"
import { notes, quantity, temperature } from "./quantity"

/** Water that stands in the cold. */
export const FreezeInput = z
  .strictObject({
    mass: quantity("kg", "of water", { above: 0, max: 1e6 }),
    temperature: quantity("°C", "of the water", { min: 0, max: 100 }),
    ambient: temperature("of the air around it"),
    conductance: quantity("W/K", "from the water to that air", { above: 0, max: 1e6 }),
    heater: quantity("W", "in the water", { min: 0, max: 1e6 }).default(0),
  })
  .describe("Water that stands in the cold: a tank, a pipe, a trap.")
export type FreezeInput = z.output<typeof FreezeInput>

/** How long it holds out. */
export const FreezeOutput = z.strictObject({
  toFreezing: quantity("s", "until it is at 0 °C").nullable().describe("s until it is at 0 °C; null where it never is"),
  toSolid: quantity("s", "until all is ice").nullable().describe("s from now until all is ice; null where it never is"),
  heaterNeeded: quantity("W", "that holds 0 °C"),
  notes,
})
export type FreezeOutput = z.output<typeof FreezeOutput>
