import { fraction, notes, quantity } from "./quantity"
import * as z from "./zod"

/** What screws or nails hold, and how they stand. */
export const FastenInput = z
  .strictObject({
    thickness: quantity("m", "that they go through before they reach what holds them", { min: 0, max: 1 }),
    base: z.strictObject({
      kind: z.enum(["wood", "metal", "masonry"]),
      thickness: quantity("m", "of what holds them", { above: 0, max: 1 }),
    }),
    diameter: quantity("m", "of the screw", { above: 0, max: 0.05 }),
    embedment: quantity("m", "that they must reach into what holds them", { min: 0, max: 0.5 }).optional(),
    lengths: z
      .array(quantity("m", "length that is sold", { above: 0, max: 1 }))
      .min(1)
      .max(60),
    board: z.strictObject({
      length: quantity("m", "across the members", { above: 0, max: 20 }),
      width: quantity("m", "along the members", { above: 0, max: 20 }),
    }),
    area: quantity("m²", "that is covered", { min: 0, max: 1e5 }),
    members: quantity("m", "from one line of screws to the next", { above: 0, max: 20 }),
    edge: quantity("m", "between screws along the ends of a board", { above: 0, max: 5 }),
    field: quantity("m", "between screws on the lines within it", { above: 0, max: 5 }).optional(),
    washers: z.boolean().default(false),
    waste: fraction("that is bought beside").default(0.05),
  })
  .describe("Screws through boards into wood, metal or masonry: how long and how many.")
export type FastenInput = z.output<typeof FastenInput>

/** Which screws, and how many. */
export const FastenOutput = z.strictObject({
  needed: quantity("m", "length at least"),
  length: quantity("m", "shortest that is sold and long enough").nullable(),
  embedment: quantity("m", "that they reach in with that length").nullable(),
  perBoard: z.int(),
  perArea: quantity("1/m²", "of a whole board"),
  count: z.int().describe("to be bought, waste counted in"),
  washers: z.int(),
  notes,
})
export type FastenOutput = z.output<typeof FastenOutput>
