import { weatherYear } from "../climate/weather-of"
import type { JobState } from "../enclosure/job-state"
import type { SurfaceFigures } from "../enclosure/surface-figures"
import { simulatedYear } from "../hourly/year"
import type { Task } from "../results/calculation"
import { type JobResults, jobResults } from "../results/job-results"
import { run } from "../results/run"
import { judgingOf, type Ledger, ledgerOf } from "./ledger"

/** The figures of a job with all that they stand on worked out here and now: a second or two for a van; the year when it is asked for. */
export function solvedLedger(state: JobState, details = jobResults()): Ledger {
  const worked = yearsHere(details)
  workOut(ledgerOf(state, worked).pending, details)
  const ledger = ledgerOf(state, worked)
  details.settle(ledger.bridges)
  return ledger
}

/**
 * The same with the years of every face followed, which takes some seconds more for each that is not known yet.
 * @param of the surfaces that are judged; left out: all
 */
export function judgedLedger(state: JobState, details = jobResults(), of: (surface: SurfaceFigures) => boolean = () => true): Ledger {
  const worked = yearsHere(details)
  // Where something borrowed turns a verdict, it is followed once more without it.
  for (let ledger = solvedLedger(state, details); ; ledger = ledgerOf(state, worked)) {
    const judging = judgingOf(ledger, ledger.surfaces.filter(of), state.brief)
    if (judging.length === 0) return ledger
    workOut(judging, details)
  }
}

const yearsHere = (details: JobResults): JobResults => ({ ...details, year: (model) => simulatedYear(model, weatherYear(model.weather)) })

const workOut = (tasks: readonly Task[], { results }: JobResults): void => {
  for (const one of tasks) results.add(one, run(one.calculation.kind, one.input))
}
