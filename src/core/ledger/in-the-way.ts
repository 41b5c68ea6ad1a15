import type { Kind } from "../quantity/measure"
import type { Limits } from "../../schema/job/job"
import type { Ledger } from "./ledger"

/** A limit of the brief that is not kept, or another reason why the job cannot stand as it is. */
export type Obstacle =
  | { kind: "limit"; limit: keyof Limits; quantity: Kind; by: number }
  | { kind: "damp"; face: string; words: string }
  | { kind: "misfit"; message: string }

/** What a limit is held against, and on which side of it a figure must stay. */
export const LIMITED: Record<keyof Limits, { quantity: Kind; figure: (ledger: Ledger) => number; atLeast: boolean }> = {
  height: { quantity: "length", figure: (ledger) => ledger.clear.standing, atLeast: true },
  weight: { quantity: "mass", figure: (ledger) => ledger.weight, atLeast: false },
  money: { quantity: "money", figure: (ledger) => ledger.money, atLeast: false },
  loss: { quantity: "power", figure: (ledger) => ledger.loss.total, atLeast: false },
  gain: { quantity: "power", figure: (ledger) => ledger.gain.total, atLeast: false },
}

/** What stands in a job's way, gravest first. */
export function inTheWay(ledger: Ledger, limits: Limits): Obstacle[] {
  const misfits = ledger.misfits.map(({ message }): Obstacle => ({ kind: "misfit", message }))
  const { verdict } = ledger.wettest.damp
  const damp: Obstacle[] =
    verdict.state === "dry" || verdict.state === "leak" ? [] : [{ kind: "damp", face: ledger.wettest.name, words: verdict.words }]
  return [...misfits, ...damp, ...broken(ledger, limits)]
}

/** Limits that are not kept, and by how much, SI. */
function broken(ledger: Ledger, limits: Limits): Obstacle[] {
  return (Object.keys(LIMITED) as (keyof Limits)[]).flatMap((limit) => {
    const bound = limits[limit]
    if (bound === null) return []
    const { quantity, figure, atLeast } = LIMITED[limit]
    const by = atLeast ? bound - figure(ledger) : figure(ledger) - bound
    return by > 0 ? [{ kind: "limit", limit, quantity, by }] : []
  })
}
