import type * as z from "zod"

/** A named computation with its shapes: what the command line, the routes and the screens call. */
export interface Operation<I extends z.ZodType = z.ZodType, O extends z.ZodType = z.ZodType> {
  name: string
  summary: string
  input: I
  output: O
  run: (input: z.output<I>) => z.output<O>
}

/** Keeps the types of one operation while it is written. */
export function operation<I extends z.ZodType, O extends z.ZodType>(definition: Operation<I, O>): Operation<I, O> {
  return definition
}
