import type { JobState } from "../enclosure/job-state"
import { detailResults } from "../results/detail-results"
import { run } from "../results/run"
import { type Ledger, ledgerOf } from "./ledger"

/** The figures of a job with all that they stand on worked out here and now; a second or two for a van. */
export function solvedLedger(state: JobState, details = detailResults()): Ledger {
  for (const pending of ledgerOf(state, details).pending) details.results.add(pending, run(pending.calculation.kind, pending.input))
  const ledger = ledgerOf(state, details)
  details.settle(ledger.bridges)
  return ledger
}
