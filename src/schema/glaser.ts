import * as z from "./zod"
import { DampMonths } from "./months"
import { conductivity, filmResistance, notes, quantity, resistance, thickness } from "./quantity"

const vapour = {
  sd: quantity("m", "equivalent air layer", { above: 0, max: 1e6 }).optional(),
  mu: quantity("1", "vapour resistance factor", { above: 0, max: 1e7 }).optional(),
}

const one = (sd: number | undefined, mu: number | undefined) => (sd === undefined) !== (mu === undefined)

/** A layer by its resistance to heat and to vapour. */
export const GlaserLayer = z
  .strictObject({
    thickness: thickness().optional(),
    conductivity: conductivity().optional(),
    resistance: resistance("thermal resistance").optional(),
    ...vapour,
  })
  .refine(({ sd, mu }) => one(sd, mu), { path: ["sd"], message: "Give sd or mu, and only one of them." })
  .refine(({ conductivity, resistance }) => one(conductivity, resistance), {
    path: ["conductivity"],
    message: "Give a conductivity or a resistance, and only one of them.",
  })
  .refine(({ thickness, conductivity, mu }) => thickness !== undefined || (conductivity === undefined && mu === undefined), {
    path: ["thickness"],
    message: "A conductivity and a mu need the layer's thickness.",
  })
export type GlaserLayer = z.output<typeof GlaserLayer>

/** A build-up between the airs of twelve months. */
export const GlaserInput = z
  .strictObject({
    rsi: filmResistance("indoor surface resistance").default(0.25),
    rse: filmResistance("outdoor surface resistance").default(0.04),
    layers: z.array(GlaserLayer).min(1).max(100).describe("outside to inside"),
    months: DampMonths,
  })
  .describe("Monthly condensation in a build-up.")
export type GlaserInput = z.output<typeof GlaserInput>

/** Where water gathers and goes, month by month. */
export const GlaserOutput = z.strictObject({
  months: z
    .array(
      z.strictObject({
        condensing: z.array(
          z.strictObject({
            interface: z.number().describe("joint from outside: 1 lies between the first two layers, 1.25 a quarter into the second"),
            rate: quantity("kg/(m²·s)", "mean of the month, negative when drying"),
            accumulated: quantity("kg/m²", "at the end of the month"),
          }),
        ),
      }),
    )
    .describe("January first"),
  peak: quantity("kg/m²", "greatest sum at a month's end"),
  annualBalance: quantity("kg/m²", "left after twelve months from a dry start"),
  driesOut: z.boolean(),
  firstMonth: z.int().nullable().describe("index of the first month that condenses after one that does not; null: none does"),
  verdict: z.enum(["dry", "driesWithinYear", "accumulates"]),
  notes,
})
export type GlaserOutput = z.output<typeof GlaserOutput>
