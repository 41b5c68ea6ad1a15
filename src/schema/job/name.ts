import * as z from "../zod"

/** Name of a part within the document: small letters, digits and dashes. */
export const Id = z
  .string()
  // Every object of the language has something of that name.
  .regex(/^(?!constructor$)[a-z0-9](?:[a-z0-9-]{0,39})$/, "A name of a part is made of small letters, digits and dashes, at most 40.")
export type Id = z.output<typeof Id>

/** What a person calls a thing. */
export const title = (meaning: string) => z.string().min(1).max(120).describe(meaning)

/** Parts by their names, no more of them than any real job has: a file with more is not one, and would only cost whoever opens it. */
export const partsOf = <S extends z.ZodType>(part: S, most: number, what: string) =>
  z.record(Id, part).refine((parts) => Object.keys(parts).length <= most, { message: `There may be at most ${most} ${what}.` })
