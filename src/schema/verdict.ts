import { LedgerInput } from "./ledger"
import * as z from "./zod"
import { notes } from "./quantity"

/** A job, and the surfaces that are to be judged. */
export const VerdictInput = LedgerInput.extend({
  surfaces: z.array(z.string().max(60)).max(200).describe("ids of the surfaces; left out: all").optional(),
}).describe("A job document as it is exported (any version), or { job, variant?, surfaces? }.")
export type VerdictInput = z.output<typeof VerdictInput>

const Step = z
  .enum(["dry", "weeks", "months", "gathers", "unjudged"])
  .describe("never wet; two months a year at most; longer; more each year, or harmed by mould, rot or frost; not to be judged")
const Judge = z.enum(["months", "years", "rule", "spot"])

/** Will it get wet, said once. */
export const VerdictOutput = z.strictObject({
  surfaces: z.array(
    z.strictObject({
      surface: z.string(),
      headline: Step.describe("the worst of the four that are not set aside"),
      decidedBy: Judge.nullable().describe("whose it is; null where nobody can judge"),
      months: Step.describe("ISO 13788: diffusion and leaks in the mean of months"),
      years: Step.describe("EN 15026: followed by the hour, built and used on the bad side of usual"),
      rule: Step.describe("rules of building that ask for a change"),
      spot: Step.describe("its face, and what lies on it, at the coldest"),
      setAside: z.array(z.strictObject({ judge: Judge, why: z.string() })),
      notes,
    }),
  ),
  notes,
})
export type VerdictOutput = z.output<typeof VerdictOutput>
