import * as z from "./zod"
import { DampMonths } from "./months"
import { fraction, notes, quantity } from "./quantity"

/** An inside face between the airs of twelve months. */
export const SurfaceInput = z
  .strictObject({ months: DampMonths, fRsi: fraction("where the inside face stands between both airs, 1 as warm as the room") })
  .describe("Mould and condensation on the inside face.")
export type SurfaceInput = z.output<typeof SurfaceInput>

/** How damp the face is in each month, and how warm it would have to be. */
export const SurfaceOutput = z.strictObject({
  months: z.array(
    z.strictObject({
      surfaceTemperature: quantity("°C", "of the face"),
      surfaceRelativeHumidity: quantity("1", "of the air at the face; above 1 water gathers"),
      requiredFRsi: quantity("1", "at which the air at the face has 80 %").nullable().describe("null where it is no colder outdoors"),
      risk: z.enum(["none", "mould", "sweating"]),
    }),
  ),
  criticalMonth: z.int().nullable().describe("index of the month that asks for the warmest face; null where none counts"),
  requiredFRsi: quantity("1", "the greatest of the months").nullable().describe("the greatest of the months; null where none counts"),
  margin: quantity("1", "by which the face is warmer than it must be")
    .nullable()
    .describe("fRsi less what is required; null where none counts"),
  notes,
})
export type SurfaceOutput = z.output<typeof SurfaceOutput>
