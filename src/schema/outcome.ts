/** What is wrong with an input, where, and what mends it. */
export interface Fault {
  code: string
  path: (string | number)[]
  message: string
  /** Where a number is out of its range: the limit, SI, and what was given. */
  range?: { edge: string; limit: number; given: number }
}

/** Input that a person can mend: `code` for programs, `path` to the field, `message` for people. */
export class InputError extends Error {
  constructor(
    readonly code: string,
    readonly path: (string | number)[],
    message: string,
    readonly range?: Fault["range"],
  ) {
    super(message)
    this.name = "InputError"
  }
}

/** The result of what may fail in normal life. */
export type Outcome<T> = { ok: true; value: T } | { ok: false; error: Fault }

/** A result that is a refusal. */
export const refused = (code: string, path: (string | number)[], message: string): { ok: false; error: Fault } => ({
  ok: false,
  error: { code, path, message },
})

/**
 * Runs a computation and turns an `InputError` into data; anything else is our fault and goes on up.
 * @throws whatever `compute` throws beside `InputError`
 */
export function attempt<T>(compute: () => T): Outcome<T> {
  try {
    return { ok: true, value: compute() }
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    const { error: fault } = refused(error.code, error.path, error.message)
    return { ok: false, error: error.range ? { ...fault, range: error.range } : fault }
  }
}

/**
 * The range check that stands first in a function with a fitted formula.
 * @throws InputError `out-of-range`
 */
export function requireRange(value: number, low: number, high: number, name: string, unit: string): void {
  if (value >= low && value <= high) return
  throw new InputError("out-of-range", [name], `${name} must lie between ${low} and ${high} ${unit}; it is ${value}.`)
}
