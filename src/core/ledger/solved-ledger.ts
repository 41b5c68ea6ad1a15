import { weatherYear } from "../climate/weather-of"
import type { JobState } from "../enclosure/job-state"
import { simulatedYear } from "../hourly/year"
import { type JobResults, jobResults } from "../results/job-results"
import { run } from "../results/run"
import { type Ledger, ledgerOf } from "./ledger"

/** The figures of a job with all that they stand on worked out here and now: a second or two for a van; the year when it is asked for. */
export function solvedLedger(state: JobState, details = jobResults()): Ledger {
  const worked: JobResults = { ...details, year: (model) => simulatedYear(model, weatherYear(model.weather)) }
  for (const pending of ledgerOf(state, worked).pending) details.results.add(pending, run(pending.calculation.kind, pending.input))
  const ledger = ledgerOf(state, worked)
  details.settle(ledger.bridges)
  return ledger
}
