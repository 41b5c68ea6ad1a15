import type { Limits } from "../../schema/job/job"
import { dampRank } from "../moisture/damp-verdict"
import { HEADLINES, overLimit } from "./headlines"
import type { Ledger } from "./ledger"
import type { Obstacle } from "./obstacle"

/** What stands in a job's way, gravest first. */
export function inTheWay(ledger: Ledger, limits: Limits): Obstacle[] {
  const misfits = ledger.misfits.map(({ message }): Obstacle => ({ kind: "misfit", message }))
  const [harmed] = ledger.surfaces
    .flatMap(({ id, name }) => (ledger.moisture[id]!.verdict.harms ? [{ name, verdict: ledger.moisture[id]!.verdict }] : []))
    .sort((a, b) => dampRank(b.verdict) - dampRank(a.verdict))
  const damp: Obstacle[] = harmed ? [{ kind: "damp", face: harmed.name, words: harmed.verdict.words }] : []
  const broken = HEADLINES.flatMap((headline): Obstacle[] => {
    const by = overLimit(headline, ledger, limits)
    return by === null ? [] : [{ kind: "limit", limit: headline.limit!, by }]
  })
  return [...misfits, ...damp, ...broken, ...slowToWarm(ledger)]
}

/** The heater holds the worst night but does not bring the inside back in the time that the brief gives. */
function slowToWarm({ loss, heaterAsked, output }: Ledger): Obstacle[] {
  if (output.loss === null || loss.total > output.loss || heaterAsked <= output.loss) return []
  return [{ kind: "warm-up", by: heaterAsked - output.loss }]
}
