import type { Calculation } from "../../core/results/calculation"
import { DETAIL } from "../../core/results/detail-results"
import { PICTURE } from "../../core/results/picture-result"

/** What is asked of a worker: the kind of a calculation, and its input. */
export interface Question {
  kind: string
  input: unknown
}

/** What a worker says: how far it is, then the result. */
export type Saying = { progress: number } | { result: unknown }

const KINDS = Object.fromEntries(
  [DETAIL, PICTURE].map((calculation) => [calculation.kind, calculation as unknown as Calculation<unknown, unknown>]),
)

const say = (saying: Saying) => postMessage(saying)

addEventListener("message", ({ data: { kind, input } }: MessageEvent<Question>) => {
  say({ result: KINDS[kind]!.run(input, (progress) => say({ progress })) })
})
