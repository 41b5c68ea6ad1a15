import type { Outcome } from "../schema/outcome"
import { BUDGET, OPERATIONS, readInput, runOperation } from "../operations/registry"

/** A call of the calculator: an operation that there is, and its input as text. */
export interface Call {
  operation: string
  text: string
}

/** Works a call out, in a thread of its own; its answer is text, so that nothing is copied twice. */
export default function worked({ operation, text }: Call): Outcome<string> {
  const input = readInput(text)
  const outcome = input.ok ? runOperation(OPERATIONS.get(operation)!, input.value, BUDGET) : input
  return outcome.ok ? { ok: true, value: JSON.stringify(outcome.value) } : outcome
}
