import { notes, quantity } from "./quantity"
import * as z from "./zod"

const id = z.string().min(1).max(120)
const side = (of: string) => quantity("m", of, { above: 0, max: 100 })
const rectangle = { width: side("width"), height: side("height") }

/** Rectangles to be cut out of sheets. */
export const NestInput = z
  .strictObject({
    stock: z
      .array(
        z.strictObject({
          id,
          ...rectangle,
          cost: quantity("money", "of one", { min: 0, max: 1e6 }).default(1),
          count: z.int().min(0).max(10_000).optional(),
        }),
      )
      .max(30)
      .describe("sheets that are sold; without a count there is no limit"),
    offcuts: z
      .array(z.strictObject({ id, ...rectangle }))
      .max(60)
      .default([])
      .describe("on hand: they cost nothing, and each is there once"),
    kerf: quantity("m", "that a cut takes away", { min: 0, max: 0.1 }).default(0),
    guillotine: z.boolean().default(true).describe("only cuts from edge to edge, as a table or a track saw makes them"),
    minimumStrip: quantity("m", "least side of an offcut that is worth keeping", { min: 0, max: 100 }).default(0),
    pieces: z
      .array(z.strictObject({ id, ...rectangle, quantity: z.int().min(1).max(1000).default(1), turn: z.boolean().default(true) }))
      .min(1)
      .max(200),
    seed: z.int().min(0).max(1e9).default(1),
    time: quantity("ms", "that it may take, turned into a number of plans tried", { min: 0, max: 600_000 }).default(1000),
  })
  .describe("Rectangles out of sheets at least cost.")
export type NestInput = z.output<typeof NestInput>

const laid = {
  x: quantity("m", "of its lower left corner"),
  y: quantity("m", "of its lower left corner"),
  width: quantity("m", "as it lies"),
  height: quantity("m", "as it lies"),
}

/** Sheets with what lies on them. */
export const NestOutput = z.strictObject({
  sheets: z.array(
    z.strictObject({
      stock: z.string(),
      placements: z.array(z.strictObject({ piece: z.string(), ...laid, turned: z.boolean() })),
      offcuts: z.array(z.strictObject(laid)),
    }),
  ),
  cost: quantity("money", "of the sheets"),
  utilisation: quantity("0..1", "area of the pieces over that of the sheets they lie on"),
  lowerBound: quantity("money", "that no packing is under"),
  unplaced: z
    .array(z.strictObject({ piece: z.string(), quantity: z.int() }))
    .optional()
    .describe("for want of sheets"),
  notes,
})
export type NestOutput = z.output<typeof NestOutput>
