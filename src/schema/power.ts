import * as z from "./zod"
import { notes, quantity, temperature } from "./quantity"

/** Most entries of a list: a leap year by hours. */
const MOST = 8784

/** Power where no mains is: a battery, a panel, a generator, and what is used. */
export const PowerInput = z
  .strictObject({
    battery: quantity("J", "that can be drawn from the full battery", { above: 0, max: 1e12 }),
    inverter: quantity("1", "share of what is drawn that comes out of the inverter", { min: 0.3, max: 1 }).default(1),
    panel: quantity("W", "of the panel in full sun (1000 W/m², cells at 25 °C)", { min: 0, max: 1e9 }).default(0),
    generator: quantity("W", "of a generator that starts when the battery is empty and stops when it is charged to four fifths", {
      min: 0,
      max: 1e9,
    }).default(0),
    step: quantity("s", "of an entry of the list", { min: 60, max: 86_400 }).default(3600),
    hours: z
      .array(
        z.strictObject({
          sun: quantity("W/m²", "on the plane of the panel", { min: 0, max: 1500 }).default(0),
          temperature: temperature("of the air").default(25),
          used: quantity("W", "behind the inverter", { min: 0, max: 1e9 }),
        }),
      )
      .min(1)
      .max(MOST)
      .describe("what happens in each step, the first from a full battery"),
  })
  .describe("Power where no mains is: battery, panel, generator and what is used, step by step.")
export type PowerInput = z.output<typeof PowerInput>

/** What it came to. */
export const PowerOutput = z.strictObject({
  made: quantity("J", "that the panel gave"),
  used: quantity("J", "that was asked for"),
  generated: quantity("J", "that the generator gave"),
  spilled: quantity("J", "of panel and generator that found no room in the battery"),
  missing: quantity("J", "that was asked for and was not there"),
  running: quantity("s", "that the generator ran"),
  empty: z.int().describe("steps in which something was missing"),
  autonomy: quantity("s", "that the full battery lasts at the mean use without sun").nullable().describe("null where nothing is used"),
  state: z.array(quantity("J", "in the battery")).describe("J in the battery at the end of each step"),
  notes,
})
export type PowerOutput = z.output<typeof PowerOutput>
