import { quantity } from "../quantity"
import * as z from "../zod"

const side = (meaning: string) => quantity("m", meaning, { min: 0.05, max: 20 })

/** A size that sheets are sold in. */
export const SheetSize = z.strictObject({
  length: side("length, along the grain"),
  width: side("width"),
  price: quantity("€", "of one sheet", { min: 0, max: 1e5 }).nullable().describe("null: by the price of its material"),
  count: z.int().min(0).max(10_000).nullable().describe("how many there are; null: as many as it takes"),
})
export type SheetSize = z.output<typeof SheetSize>

/** What boards of one material and thickness are cut from, and how. */
export const SheetStock = z.strictObject({
  material: z.string().min(1).max(60),
  thickness: quantity("m", "thickness", { min: 0.00001, max: 2 }),
  sizes: z.array(SheetSize).min(1).max(12).nullable().describe("null: the size of the catalogue"),
  offcuts: z
    .array(z.strictObject({ length: side("length"), width: side("width") }))
    .max(40)
    .describe("on hand: they cost nothing"),
  kerf: quantity("m", "that a cut takes away", { min: 0, max: 0.02 }),
  edgeToEdge: z.boolean().describe("only cuts from edge to edge, as a table or a track saw makes them; else cut freely, as with a knife"),
})
export type SheetStock = z.output<typeof SheetStock>
