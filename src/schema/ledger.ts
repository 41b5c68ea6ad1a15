import * as z from "./zod"
import { notes, quantity, temperature } from "./quantity"

/** A job document, or one in an envelope that names a variant. What the document itself must be is said by the job format. */
export const LedgerInput = z
  .looseObject({
    job: z.unknown().describe("the job document as it is exported, any version; left out: the input itself is the document").optional(),
    variant: z.string().max(120).describe("id or name of the variant; left out: the active one").optional(),
    solve: z.boolean().describe("false leaves details in two dimensions at what the combined method says").optional(),
  })
  .describe("A job document as it is exported (any version), or { job, variant?, solve = true }.")
export type LedgerInput = z.output<typeof LedgerInput>

const watts = (meaning: string) => quantity("W", meaning)
const joules = (meaning: string) => quantity("J", meaning)
const id = z.string()

const Verdict = z.strictObject({
  kind: z
    .enum(["dry", "unjudged", "weeks", "months", "gathers"])
    .describe("how long it is wet in a year: never, not to be judged, two months at most, longer, more each year or harmed by it"),
  where: z.string().nullable(),
  season: z.enum(["winter", "summer", "both"]).nullable(),
  sentence: z.string(),
})

/** Every figure of a job without a screen; losses of faces, openings, lines, points, air and ground add up to the loss. */
export const LedgerOutput = z.strictObject({
  job: z.string().describe("its name"),
  variant: z.string().describe("its name"),
  provisional: z.boolean().describe("some details stand at what the combined method says of them"),
  faces: z.array(
    z.strictObject({
      id,
      name: z.string(),
      area: quantity("m²", "over all"),
      netArea: quantity("m²", "without openings, with what boxes against it add"),
      buildUp: z.string().describe("name of what it wears"),
      labelResistance: quantity("m²·K/W", "sum of the labels"),
      centreResistance: quantity("m²·K/W", "beside the members, air to air"),
      wholeResistance: quantity("m²·K/W", "members and corrections included, air to air"),
      uValue: quantity("W/(m²·K)", "of the whole face in winter"),
      summerUValue: quantity("W/(m²·K)", "of the whole face in summer"),
      loss: watts("on the worst night; 0 on the ground, where `ground` has it"),
      gain: watts("at the hottest hour; 0 on the ground, where `ground` has it"),
      mass: quantity("kg/m²", "added by its layers"),
      price: quantity("€/m²", "of what its layers add"),
      verdict: Verdict,
    }),
  ),
  openings: z
    .array(
      z.strictObject({
        id,
        face: id,
        name: z.string(),
        area: quantity("m²", "of the hole"),
        uValue: quantity("W/(m²·K)", "of what closes it"),
        loss: watts("on the worst night"),
        gain: watts("at the hottest hour"),
      }),
    )
    .describe("doors, windows, and what closes cut-outs"),
  lines: z
    .array(
      z.strictObject({
        place: z.string(),
        psi: quantity("W/(m·K)", "beside the faces' measures over all"),
        length: quantity("m", "of the line"),
        loss: watts("on the worst night"),
        coldest: temperature("coldest spot on its warm side; null until it is solved").nullable(),
        fRsi: quantity("0..1", "of that spot indoors; null until it is solved").nullable(),
      }),
    )
    .describe("edges and reveals"),
  points: z
    .array(
      z.strictObject({
        place: z.string(),
        chi: quantity("W/K", "of each"),
        count: quantity("1", "how many"),
        loss: watts("of all, on the worst night"),
      }),
    )
    .describe("what runs through faces, and corners where three faces meet"),
  air: z.strictObject({
    volume: quantity("m³", "between the linings"),
    ach50: quantity("1/h", "air changes at 50 Pa"),
    flow: quantity("m³/s", "that leaks in on the worst night"),
    loss: watts("on the worst night, by leaks and by what is let in for people"),
    gain: watts("at the hottest hour, by both, their water included"),
  }),
  ground: z
    .strictObject({
      uValue: quantity("W/(m²·K)", "of the floor with the ground"),
      loss: watts("in the coldest month"),
      gain: watts("in July"),
    })
    .optional(),
  loss: watts("on the worst night"),
  gain: z.strictObject({
    hour: quantity("h", "clock hour of the peak"),
    total: watts("at that hour, with people, machines, goods and doors in use"),
    hours: z.array(watts("of each hour, 1 h … 24 h")),
  }),
  year: z
    .strictObject({
      heating: joules("in a year"),
      cooling: joules("in a year"),
      months: z.array(joules("heat and cold of each month, January first")),
    })
    .optional()
    .describe("followed by the hour; left out while details are not solved"),
  height: z.strictObject({
    value: quantity("m", "clear where one stands"),
    where: z.string(),
    limit: quantity("m", "that must be left").nullable(),
  }),
  weight: quantity("kg", "added"),
  money: quantity("€", "of what is added"),
  verdict: Verdict,
  inTheWay: z.array(z.string()),
  notes,
})
export type LedgerOutput = z.output<typeof LedgerOutput>
