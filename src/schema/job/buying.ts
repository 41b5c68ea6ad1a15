import { quantity } from "../quantity"
import * as z from "../zod"

/** A line of the shopping list, by its key. */
const key = z.string().min(1).max(200)

/** What a person has said of the shopping list. */
export const Buying = z.strictObject({
  ticked: z.array(key).max(500).describe("lines that are bought"),
  prices: z
    .record(key, quantity("€", "of one", { min: 0, max: 1e6 }))
    .describe("of one, by the line; what is not named has the price of its material, or none"),
  screws: z.strictObject({
    edge: quantity("m", "between screws along the ends of a board; null: as is usual", { min: 0.02, max: 2 }).nullable(),
    field: quantity("m", "between screws on the lines within it; null: as is usual", { min: 0.02, max: 2 }).nullable(),
    waste: quantity("1", "share that is bought beside", { min: 0, max: 1 }),
  }),
  tape: quantity("1", "share of tape, sealant and sheet that is bought beside", { min: 0, max: 1 }),
  packs: z
    .record(key, quantity("kg or m³", "that one bag, tin or kit holds", { above: 0, max: 10_000 }))
    .describe("by the line; what is not named is counted by its measure"),
  blown: z
    .strictObject({
      waste: quantity("1", "share of what is blown, sprayed or brushed that is bought beside", { min: 0, max: 1 }),
      settling: quantity("1", "share of its depth by which blown fibre settles", { min: 0, max: 0.5 }),
      lift: quantity("m", "most that is sprayed at a time", { min: 0.005, max: 0.3 }),
    })
    .describe("rules for what is no board"),
  axles: z
    .strictObject({
      rear: quantity("m", "from the back of the room", { min: -20, max: 50 }),
      front: quantity("m", "from the back of the room", { min: -20, max: 50 }),
    })
    .nullable()
    .describe("where a vehicle's axles stand; null: not said"),
})
export type Buying = z.output<typeof Buying>

/** Nothing bought, and the usual rules. */
export const NOTHING_BOUGHT: Buying = {
  ticked: [],
  prices: {},
  screws: { edge: null, field: null, waste: 0.05 },
  tape: 0.1,
  packs: {},
  blown: { waste: 0.05, settling: 0.1, lift: 0.05 },
  axles: null,
}
