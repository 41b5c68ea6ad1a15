import clip from "polygon-clipping"
import { run } from "../../core/results/run"

/** What is asked of a worker: the kind of a calculation, and its input. */
export interface Question {
  kind: string
  input: unknown
}

/** What a worker says: how far it is, then the result. */
export type Saying = { progress: number } | { result: unknown }

const say = (saying: Saying) => postMessage(saying)

addEventListener("message", ({ data: { kind, input } }: MessageEvent<Question>) => {
  say({ result: run(kind, input, (progress) => say({ progress }), clip) })
})
