import * as z from "./zod"
import { AirState } from "./quantity"

/** The airs on both sides in the mean of each month. */
export const DampMonths = z
  .array(z.strictObject({ outside: AirState, inside: AirState }))
  .length(12)
  .describe("means of the months, January first")
export type DampMonths = z.output<typeof DampMonths>
