import { fraction, notes, quantity } from "./quantity"
import * as z from "./zod"

const id = z.string().min(1).max(120)
const area = quantity("m²", "that it covers", { min: 0, max: 1e5 })
const length = quantity("m", "of the joint or bead", { min: 0, max: 1e6 })
const waste = (usual: number) => fraction("that is bought beside").default(usual)

/** Beads of adhesive or sealant, by what a cartridge holds. */
const Bead = z.strictObject({
  id,
  kind: z.literal("bead"),
  length,
  diameter: quantity("m", "of the bead", { above: 0, max: 0.1 }),
  pack: quantity("m³", "in a cartridge", { above: 0, max: 1 }).default(0.00031),
  waste: waste(0.1),
})
/** What is spread: adhesive, paint, primer. */
const Coat = z.strictObject({
  id,
  kind: z.literal("coat"),
  area,
  perArea: quantity("kg/m²", "in all its coats", { above: 0, max: 100 }),
  pack: quantity("kg", "in a tin or bag", { above: 0, max: 2000 }),
  waste: waste(0.1),
})
const Tape = z.strictObject({
  id,
  kind: z.literal("tape"),
  length,
  pack: quantity("m", "on a roll", { above: 0, max: 1000 }),
  waste: waste(0.1),
})
const Membrane = z.strictObject({
  id,
  kind: z.literal("membrane"),
  area,
  rollWidth: quantity("m", "of the roll", { above: 0, max: 20 }),
  rollLength: quantity("m", "of the roll", { above: 0, max: 1000 }),
  lap: quantity("m", "of one course over the next", { min: 0, max: 1 }).default(0.1),
  waste: waste(0.05),
})
const Bags = z.strictObject({
  id,
  kind: z.literal("bags"),
  area,
  depth: quantity("m", "once it has settled", { above: 0, max: 2 }),
  density: quantity("kg/m³", "once it has settled", { above: 0, max: 500 }),
  settling: quantity("1", "share of its depth by which it settles", { min: 0, max: 0.5 }).default(0),
  pack: quantity("kg", "in a bag", { above: 0, max: 2000 }),
  waste: waste(0.05),
})
const Spray = z.strictObject({
  id,
  kind: z.literal("spray"),
  area,
  depth: quantity("m", "sprayed", { above: 0, max: 1 }),
  pack: quantity("m³", "of foam that a kit gives at this depth", { above: 0, max: 100 }),
  lift: quantity("m", "most that is sprayed in one pass", { above: 0, max: 1 }),
  waste: waste(0.1),
})
const Gaps = z.strictObject({
  id,
  kind: z.literal("gaps"),
  length,
  width: quantity("m", "of the gap", { above: 0, max: 0.2 }),
  depth: quantity("m", "that is filled", { above: 0, max: 1 }),
  pack: quantity("m³", "of foam that a can gives", { above: 0, max: 1 }),
  waste: waste(0.2),
})

/** What is used up beside boards, sticks and screws. */
export const ConsumablesInput = z
  .strictObject({
    lines: z
      .array(z.discriminatedUnion("kind", [Bead, Coat, Tape, Membrane, Bags, Spray, Gaps]))
      .min(1)
      .max(200),
  })
  .describe("Adhesive, sealant, tape, membrane, loose fill and foam: how much, and how many packs.")
export type ConsumablesInput = z.output<typeof ConsumablesInput>
/** One of them. */
export type Consumable = ConsumablesInput["lines"][number]

/** How much of each. */
export const ConsumablesOutput = z.strictObject({
  lines: z.array(
    z.strictObject({
      id: z.string(),
      amount: z.number().describe("as it is built in: m³ of beads and foam, kg of what is spread or blown, m of tape, m² of membrane"),
      bought: z.number().describe("the same with waste and laps"),
      packs: z.int(),
      passes: z.int().optional().describe("of sprayed foam"),
      blown: quantity("m", "deep, before it settles").optional(),
    }),
  ),
  notes,
})
export type ConsumablesOutput = z.output<typeof ConsumablesOutput>
