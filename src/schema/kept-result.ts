import * as z from "./zod"

const number = z.number().min(-1e12).max(1e12)
const count = z.number().int().min(0).max(1e6)

/** A layer through one year of a face. */
const LayerYear = z.strictObject({
  ...{ least: number, most: number, end: number, free: number, drained: number, rot: count, cycles: count, frost: count, rust: count },
  wet: z.array(count).length(12),
  mould: z.tuple([number, number]).nullable(),
  wettest: number.nullable(),
})

/** What the years of a face came to, as it is kept in the store. */
export const FollowedResult = z.strictObject({
  outcome: z
    .strictObject({
      years: z.array(z.array(LayerYear).min(1).max(40)).min(1).max(2),
      repeats: z.boolean(),
      sweats: count,
      dryAfter: number.nullable(),
      gained: z.strictObject({ outside: number, inside: number, leaks: number }),
      balance: z.strictObject({ water: number, heat: number }),
    })
    .nullable(),
})

/** Longest text that names a result by all that it depends on. */
const LONGEST_KEY = 400_000

/** Asks for a result, or brings it to be kept. */
export const ResultAsked = z.strictObject({ kind: z.literal("years"), key: z.string().min(1).max(LONGEST_KEY) })
export const ResultKept = ResultAsked.extend({ result: FollowedResult })
