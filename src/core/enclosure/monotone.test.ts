import { expect, test } from "@jest/globals"
import { evenBox } from "../../../tests/fixtures/jobs"
import { level, RIBS, sketch, stack, timber } from "../../../tests/fixtures/layers"
import { solvedDetail } from "../conduction/solved-detail"
import { ledgerOf } from "../ledger/ledger"
import { task } from "../results/calculation"
import { DETAIL } from "../results/detail-result"
import { type JobResults, jobResults } from "../results/job-results"
import { activeState } from "./job-state"

const KINDS = {
  timber: timber("Studs", 0.045, 0.6),
  "level battens": level("Battens", 0.045, 0.4),
  "ribs of sheet": RIBS,
  "a steel tube": timber("Tubes", 0.04, 0.6, { material: "steel-bare", shape: "tube", wall: 0.002 }),
  "an aluminium bar": timber("Bars", 0.03, 0.6, { material: "aluminium" }),
}

test.each(Object.entries(KINDS))("U falls as a layer gets thicker, without a step: %s", (_, set) => {
  const uAt = (filling: number, lining: number) => {
    const job = evenBox(sketch("one", stack`steel-painted 0.8, xps ${filling} between ${set}, xps ${lining}, gypsum-board 12`))
    const state = activeState(job)
    const left = (details?: JobResults) => ledgerOf(state, details).surfaces.find(({ id }) => id === "left")!
    const details = jobResults()
    for (const { detail } of left().bridges) details.results.add(task(DETAIL, detail), solvedDetail(detail))
    return left(details).transmittance
  }
  for (const values of [
    [20, 30, 40, 50, 60, 80].map((filling) => uAt(filling, 10)),
    [2, 5, 10, 20, 30, 50].map((lining) => uAt(40, lining)),
  ])
    // A detail's flow is held to 0.3 %.
    values.slice(1).forEach((value, i) => expect(value).toBeLessThan(values[i]! * 1.003))
})
