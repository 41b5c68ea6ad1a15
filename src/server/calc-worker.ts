import { activeState } from "../core/enclosure/job-state"
import { jobSummary, type JobSummary } from "../core/ledger/job-summary"
import { solvedLedger } from "../core/ledger/solved-ledger"
import { jobResults } from "../core/results/job-results"
import { growingResults } from "../core/results/results"
import { BUDGET, OPERATIONS, readInput, runOperation } from "../operations/registry"
import type { Job } from "../schema/job/job"
import type { Outcome } from "../schema/outcome"

/** A call of the calculator: an operation that there is, and its input as text. */
export interface Call {
  operation: string
  text: string
}

/** Works a call out, in a thread of its own; its answer is text, so that nothing is copied twice. */
export function answer({ operation, text }: Call): Outcome<string> {
  const input = readInput(text)
  const outcome = input.ok ? runOperation(OPERATIONS.get(operation)!, input.value, BUDGET) : input
  return outcome.ok ? { ok: true, value: JSON.stringify(outcome.value) } : outcome
}

/** What this thread has solved of jobs: after an edit only what it changed is solved again. */
const solved = growingResults()

/** Works out what the shelf shows of a job. */
export const summary = (job: Job): JobSummary => jobSummary(job, solvedLedger(activeState(job), jobResults(solved)))
