/** Something that is worked out beside the work, in a worker: a kind of question with its answer. */
export interface Calculation<I, R> {
  kind: string
  /** Tells inputs apart by all that the answer depends on. */
  key: (input: I) => string
  /** @param onProgress hears how far it is, in the calculation's own measure */
  run: (input: I, onProgress: (progress: number) => void) => R
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
