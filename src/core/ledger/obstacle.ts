import { inSentence } from "../in-sentence"
import type { Limits } from "../../schema/job/job"
import type { Kind } from "../quantity/measure"

/** A limit of the brief that is not kept, or another reason why the job cannot stand as it is; `by` in SI. */
export type Obstacle =
  | { kind: "limit"; limit: keyof Limits; by: number }
  | { kind: "warm-up"; by: number }
  | { kind: "damp"; face: string; words: string }
  | { kind: "misfit"; message: string }

/** What stands in a job's way, in words. @param write a quantity in the job's units */
export function obstacleWords(obstacle: Obstacle, write: (kind: Kind, value: number) => string): string {
  if (obstacle.kind === "misfit") return obstacle.message
  if (obstacle.kind === "damp") return `${inSentence(obstacle.face)}: ${obstacle.words}`
  if (obstacle.kind === "warm-up") return `asks ${write("power", obstacle.by)} more of the heater than it gives, to warm up in time`
  const by = (kind: Kind) => write(kind, obstacle.by)
  return {
    height: () => `${by("length")} too low inside`,
    weight: () => `too heavy by ${by("mass")}`,
    money: () => `money over by ${by("money")}`,
    loss: () => `loses ${by("power")} more than the heater gives`,
    gain: () => `asks ${by("power")} more of the cooler than it takes out`,
  }[obstacle.limit]()
}
