import * as z from "./zod"
import { notes, quantity, temperature } from "./quantity"

/** Readings of a blower door. */
export const BlowerDoorInput = z
  .strictObject({
    points: z
      .array(
        z.strictObject({
          pressure: quantity("Pa", "across the skin, positive either way", { above: 0, max: 10_000 }),
          flow: quantity("m³/s", "as it passes the fan", { above: 0, max: 10_000 }),
        }),
      )
      .min(3)
      .max(1000),
    mode: z.enum(["depressurise", "pressurise"]).default("depressurise"),
    volume: quantity("m³", "inside", { above: 0, max: 1e6 }).optional(),
    envelopeArea: quantity("m²", "of the skin", { above: 0, max: 1e6 }).optional(),
    insideTemperature: temperature("inside").default(20),
    outsideTemperature: temperature("outdoors").default(20),
  })
  .refine(({ points }) => new Set(points.map(({ pressure }) => pressure)).size > 1, {
    path: ["points"],
    message: "Give readings at two different pressures at least.",
  })
  .describe("Readings of a blower door.")
export type BlowerDoorInput = z.output<typeof BlowerDoorInput>

/** Flow through the leaks as C·Δpⁿ, at 20 °C. */
export const BlowerDoorOutput = z.strictObject({
  coefficient: quantity("m³/(s·Paⁿ)", "C"),
  exponent: quantity("", "n"),
  correlation: quantity("", "r of the logarithms"),
  flow50: quantity("m³/s", "at 50 Pa"),
  ach50: quantity("1/h", "air changes at 50 Pa").optional(),
  q50: quantity("m³/(s·m²)", "at 50 Pa, for a square metre of skin").optional(),
  elaFourPascal: quantity("m²", "effective leakage area at 4 Pa"),
  exponentInterval95: z.tuple([quantity("", "low"), quantity("", "high")]).describe("95 % of n"),
  notes,
})
export type BlowerDoorOutput = z.output<typeof BlowerDoorOutput>
