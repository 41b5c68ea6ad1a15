import type * as z from "../schema/zod"
import type { Noted } from "../schema/note"

/** A named computation with its shapes: what the command line, the routes and the screens call. */
export interface Operation<I extends z.ZodType = z.ZodType, O extends z.ZodType = z.ZodType> {
  name: string
  summary: string
  input: I
  output: O
  /** How much work an input is, told before it begins; left out: 1, as all that is done in about a millisecond. */
  work?: (input: z.output<I>) => number
  /** Notes come with their codes; what is printed is their words. */
  run: (input: z.output<I>) => Noted<z.output<O>>
}

/** Keeps the types of one operation while it is written. */
export function operation<I extends z.ZodType, O extends z.ZodType>(definition: Operation<I, O>): Operation<I, O> {
  return definition
}
