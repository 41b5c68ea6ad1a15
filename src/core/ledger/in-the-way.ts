import type { Limits } from "../../schema/job/job"
import type { Kind } from "../quantity/measure"
import { HEADLINES, overLimit } from "./headlines"
import { isDry } from "../moisture/damp-verdict"
import type { Ledger } from "./ledger"

/** A limit of the brief that is not kept, or another reason why the job cannot stand as it is. */
export type Obstacle =
  | { kind: "limit"; limit: keyof Limits; quantity: Kind; by: number }
  | { kind: "damp"; face: string; words: string }
  | { kind: "misfit"; message: string }

/** What stands in a job's way, in words. @param write a quantity in the job's units */
export function obstacleWords(obstacle: Obstacle, write: (kind: Kind, value: number) => string): string {
  if (obstacle.kind === "misfit") return obstacle.message
  if (obstacle.kind === "damp") return `${obstacle.face.toLowerCase()}: ${obstacle.words}`
  const by = write(obstacle.quantity, obstacle.by)
  return {
    height: `height short by ${by}`,
    weight: `too heavy by ${by}`,
    money: `money over by ${by}`,
    loss: `loses ${by} more than the plant gives`,
    gain: `gains ${by} more than the plant takes out`,
  }[obstacle.limit]
}

/** What stands in a job's way, gravest first. */
export function inTheWay(ledger: Ledger, limits: Limits): Obstacle[] {
  const misfits = ledger.misfits.map(({ message }): Obstacle => ({ kind: "misfit", message }))
  const { verdict } = ledger.moisture[ledger.wettest.id]
  const damp: Obstacle[] = isDry(verdict) ? [] : [{ kind: "damp", face: ledger.wettest.name, words: verdict.words }]
  const broken = HEADLINES.flatMap((headline): Obstacle[] => {
    const by = overLimit(headline, ledger, limits)
    return by === null ? [] : [{ kind: "limit", limit: headline.limit!, quantity: headline.kind, by }]
  })
  return [...misfits, ...damp, ...broken]
}
