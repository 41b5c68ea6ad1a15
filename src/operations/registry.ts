import * as z from "zod"
import { attempt, type Outcome } from "../schema/outcome"
import { check } from "../schema/parse"
import { air } from "./air"
import { airspace } from "./airspace"
import { assembly } from "./assembly"
import { bridge } from "./bridge"
import { emc } from "./emc"
import { ground } from "./ground"
import { point } from "./point"
import type { Operation } from "./operation"

/** Every operation, by name. */
export const OPERATIONS: ReadonlyMap<string, Operation> = new Map(
  [air, airspace, assembly, bridge, point, ground, emc].map((operation) => [operation.name, operation as unknown as Operation]),
)

/**
 * Checks an input and runs an operation on it; an array of inputs gives an array of results, and one bad input fails all.
 * @throws whatever is a fault of the program itself
 */
export function runOperation(operation: Operation, input: unknown): Outcome<unknown> {
  if (!Array.isArray(input)) return runOne(operation, input)
  const results: unknown[] = []
  for (const [i, one] of input.entries()) {
    const outcome = runOne(operation, one)
    if (!outcome.ok) return { ok: false, error: { ...outcome.error, path: [i, ...outcome.error.path] } }
    results.push(outcome.value)
  }
  return { ok: true, value: results }
}

function runOne(operation: Operation, input: unknown): Outcome<unknown> {
  const checked = check(operation.input, input)
  if (checked.ok)
    return attempt(() => {
      const { notes, ...output } = operation.run(checked.value)
      return { ...output, notes: notes.map(({ text }) => text) }
    })
  const { code, path, message } = checked.error
  return { ok: false, error: { code, path, message } }
}

/** JSON Schema of an operation's input and output. */
export function schemaOf(operation: Operation): { input: unknown; output: unknown } {
  return { input: z.toJSONSchema(operation.input, { io: "input" }), output: z.toJSONSchema(operation.output) }
}

/** Reads the JSON of a call. */
export function readInput(text: string): Outcome<unknown> {
  if (text.trim() === "")
    return { ok: false, error: { code: "empty", path: [], message: "There is no input; give one JSON object or an array of them." } }
  try {
    return { ok: true, value: JSON.parse(text) as unknown }
  } catch (error) {
    return { ok: false, error: { code: "not-json", path: [], message: `The input is not JSON: ${(error as Error).message}.` } }
  }
}
