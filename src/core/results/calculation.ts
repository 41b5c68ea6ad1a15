/** Something that is worked out beside the work, in a worker: a kind of question with its answer. */
export interface Calculation<I, R> {
  kind: string
  /** Tells inputs apart by all that the answer depends on. */
  key: (input: I) => string
  /** Its results are large: only the last few are kept. */
  heavy?: true
  /** It takes seconds: it waits for all else, gives way to it, and its results are kept in the store. */
  keeps?: true
  /** So many of its results are kept among all others, where they are large. */
  most?: number
  /** The type of its result; never a value. How it is worked out stands in `run`. */
  readonly result?: R
}

/** A calculation with its input, still to be done. */
export interface Task<I = unknown, R = unknown> {
  calculation: Calculation<I, R>
  input: I
}

/** Names a task, and with it its result. */
export const keyOf = <I, R>({ calculation, input }: Task<I, R>): string => `${calculation.kind}:${calculation.key(input)}`

/** A task among those of any kind. */
export const task = <I, R>(calculation: Calculation<I, R>, input: I): Task => ({ calculation, input }) as Task
