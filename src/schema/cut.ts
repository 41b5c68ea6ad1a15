import { notes, quantity } from "./quantity"
import * as z from "./zod"

const id = z.string().min(1).max(120)
const length = (of: string) => quantity("m", of, { above: 0, max: 100 })
const quantityOf = z.int().min(1).max(1000)
const price = quantity("money", "of one", { min: 0, max: 1e6 }).default(1)

/** Lengths to be cut out of bars. */
export const CutInput = z
  .strictObject({
    stock: z
      .array(z.strictObject({ id, length: length("of a bar"), cost: price, count: z.int().min(0).max(10_000).optional() }))
      .max(30)
      .describe("bars that are sold; without a count there is no limit"),
    offcuts: z
      .array(z.strictObject({ id, length: length("of it") }))
      .max(60)
      .default([])
      .describe("on hand: they cost nothing, and each is there once"),
    kerf: quantity("m", "that a cut takes away", { min: 0, max: 0.1 }).default(0),
    pieces: z
      .array(z.strictObject({ id, length: length("of a piece"), quantity: quantityOf.default(1) }))
      .min(1)
      .max(120),
  })
  .describe("Lengths out of bars at least cost.")
export type CutInput = z.output<typeof CutInput>

/** Bars with their cuts. */
export const CutOutput = z.strictObject({
  bars: z.array(
    z.strictObject({
      stock: z.string(),
      cuts: z.array(
        z.strictObject({ piece: z.string(), at: quantity("m", "from the bar's start"), length: quantity("m", "of the piece") }),
      ),
      offcut: quantity("m", "that is left after the last piece and its cut"),
    }),
  ),
  cost: quantity("money", "of the bars"),
  lowerBound: quantity("money", "that no plan is under"),
  proven: z.boolean().describe("no plan is cheaper"),
  unplaced: z
    .array(z.strictObject({ piece: z.string(), quantity: z.int() }))
    .optional()
    .describe("for want of bars"),
  notes,
})
export type CutOutput = z.output<typeof CutOutput>
