import * as z from "./zod"
import { notes, quantity } from "./quantity"

const kind = z.enum(["surface", "opening", "path", "air", "ventilation", "people", "equipment", "goods", "defrost", "traffic", "sun"])
const place = z.string().describe("names it in the job; sun: what it comes through")
const hours = (meaning: string) => z.array(quantity("W", meaning)).length(24)

/** Design heating and cooling of a job by what asks for it; the parts of each add up to its total. */
export const LoadsOutput = z.strictObject({
  job: z.string().describe("its name"),
  variant: z.string().describe("its name"),
  provisional: z.boolean().describe("some details stand at what the combined method says of them"),
  heating: z.strictObject({
    total: quantity("W", "on the worst night, nobody's warmth counted on"),
    parts: z.array(z.strictObject({ kind, place, name: z.string(), heat: quantity("W", "that it lets out") })),
  }),
  cooling: z.strictObject({
    hour: quantity("h", "clock hour of the greatest load"),
    total: quantity("W", "at that hour"),
    hours: hours("of each hour of the hottest day, 1 h … 24 h"),
    parts: z.array(z.strictObject({ kind, place, name: z.string(), hours: hours("that it lets in or gives off, water included") })),
  }),
  equipment: z.strictObject({
    heating: quantity(
      "W",
      "of the heater: the loss, and what brings the inside back in the time that the brief gives; a cold start asks for more",
    ),
    cooling: quantity("W", "of the cooler: what the hours in which it may run and its reserve make of the load"),
  }),
  notes,
})
export type LoadsOutput = z.output<typeof LoadsOutput>
