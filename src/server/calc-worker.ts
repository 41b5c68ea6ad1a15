import { activeState } from "../core/enclosure/job-state"
import { jobSummary, type JobSummary } from "../core/ledger/job-summary"
import { solvedLedger } from "../core/ledger/solved-ledger"
import type { Task } from "../core/results/calculation"
import { jobResults } from "../core/results/job-results"
import { growingResults } from "../core/results/results"
import { run } from "../core/results/run"
import { BUDGET, OPERATIONS, readInput, runOperation } from "../operations/registry"
import type { Job } from "../schema/job/job"
import type { Outcome } from "../schema/outcome"
import { resultHash } from "../store/results"

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

/** A job whose summary is asked for, and of the verdicts' results those that are kept, by their hashes. */
export interface SummaryAsked {
  job: Job
  kept: ReadonlyMap<string, unknown>
}

/** What the shelf shows of a job, and what its verdicts on damp still wait for, by hashes. */
export interface Summarised {
  summary: JobSummary
  missing: string[]
}

/** Works out what the shelf shows of a job. */
export function summary({ job, kept }: SummaryAsked): Summarised {
  const state = activeState(job)
  for (;;) {
    const ledger = solvedLedger(state, jobResults(solved))
    const missing: string[] = []
    let found = false
    for (const one of ledger.judging) {
      const hash = hashOf(one)
      const result = kept.get(hash)
      if (result === undefined && one.calculation.keeps) missing.push(hash)
      else {
        // What takes no time is worked out at once.
        solved.add(one, result ?? run(one.calculation.kind, one.input))
        found = true
      }
    }
    if (!found) return { summary: jobSummary(job, ledger), missing }
  }
}

/** Follows faces of a job for so long, and gives what came of it by hashes. */
export function judge({ job, kept }: SummaryAsked): ReadonlyMap<string, unknown> {
  const until = Date.now() + JUDGES_FOR
  const done = new Map<string, unknown>()
  summary({ job, kept })
  while (Date.now() < until) {
    const next = solvedLedger(activeState(job), jobResults(solved)).judging[0]
    if (!next) break
    const result = run(next.calculation.kind, next.input)
    solved.add(next, result)
    done.set(hashOf(next), result)
  }
  return done
}

/** A call follows faces for so long, ms: others wait for a thread meanwhile. */
const JUDGES_FOR = 5000

const hashOf = ({ calculation: { kind, key }, input }: Task): string => resultHash(kind, key(input))
