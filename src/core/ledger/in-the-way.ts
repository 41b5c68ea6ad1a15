import type { Limits } from "../../schema/job/job"
import { HEADLINES, overLimit } from "./headlines"
import { isDry } from "../moisture/damp-verdict"
import type { Ledger } from "./ledger"
import type { Obstacle } from "./obstacle"

/** What stands in a job's way, gravest first. */
export function inTheWay(ledger: Ledger, limits: Limits): Obstacle[] {
  const misfits = ledger.misfits.map(({ message }): Obstacle => ({ kind: "misfit", message }))
  const { verdict } = ledger.moisture[ledger.wettest.id]
  const damp: Obstacle[] = isDry(verdict) ? [] : [{ kind: "damp", face: ledger.wettest.name, words: verdict.words }]
  const broken = HEADLINES.flatMap((headline): Obstacle[] => {
    const by = overLimit(headline, ledger, limits)
    return by === null ? [] : [{ kind: "limit", limit: headline.limit!, by }]
  })
  return [...misfits, ...damp, ...broken]
}
