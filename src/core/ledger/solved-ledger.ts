import { solvedDetail } from "../conduction/solved-detail"
import { bridgesOf, type Ledger, ledgerOf } from "./ledger"
import { keptSolutions } from "./solutions"
import type { JobState } from "./state"

/** The figures of a job with all its details solved here and now; a second or two for a van. */
export function solvedLedger(state: JobState, solutions = keptSolutions()): Ledger {
  for (const detail of ledgerOf(state, solutions).pending) solutions.keep(detail, solvedDetail(detail))
  const ledger = ledgerOf(state, solutions)
  solutions.settle(bridgesOf(ledger))
  return ledger
}
