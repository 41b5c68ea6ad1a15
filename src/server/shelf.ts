import { type JobSummary, jobSummary, type Shelf, type ShelfJob } from "../core/ledger/job-summary"
import type { Job } from "../schema/job/job"
import type { Outcome } from "../schema/outcome"
import { countJobs, createJob, keepSummaries, listJobs } from "../store/jobs"
import type { Store } from "../store/open"
import { documentAt, headOf } from "../store/revisions"
import { keepResults, keptResults } from "../store/results"
import { judge, summarise } from "./calculator"
import { PROGRAM } from "./program"

/** Jobs that a page shows at first. */
export const FIRST = 24

/**
 * The shelf with its summaries as they are kept; what is not kept yet is made from the document, without figures.
 * @param most so many jobs; left out: all
 */
export function shelf(store: Store, most?: number): Shelf {
  const [jobs, made, unreadable]: [ShelfJob[], ShelfJob[], Shelf["unreadable"]] = [[], [], []]
  for (const { id, head, summary } of listJobs(store, PROGRAM, most)) {
    try {
      const job = { id, head, summary: summary ?? jobSummary(documentAt(store, head)) }
      jobs.push(job)
      if (!summary) made.push(job)
    } catch (error) {
      unreadable.push({ id, message: (error as Error).message })
    }
  }
  if (made.length > 0) remember(store, () => made)
  return { jobs, count: countJobs(store), unreadable }
}

/** Puts a job on the shelf. @returns its id, once it is on disk */
export function addToShelf(store: Store, document: Job, now: string): string {
  const id = createJob(store, document, now)
  remember(store, () => [{ id, head: headOf(store, id)!, summary: jobSummary(document) }])
  return id
}

/**
 * A job on the shelf with its figures, worked out in a thread if they are not kept.
 * @returns null when there is no such job
 */
export async function settledJob(store: Store, id: string, gone: AbortSignal): Promise<Outcome<ShelfJob> | null> {
  const row = listJobs(store, PROGRAM).find((job) => job.id === id)
  if (!row) return null
  const { head, summary } = row
  if (summary?.figures && !summary.figures.damp.soFar) return { ok: true, value: { id, head, summary } }
  const job = documentAt(store, head)
  // Its figures first; faces are followed when it is asked for once more.
  if (summary?.figures) await followSome(store, job, gone)
  const settled = await summarisedFromKept(store, job, gone)
  if (!settled.ok) return settled
  const told = { id, head, summary: settled.value }
  remember(store, () => [told])
  return { ok: true, value: told }
}

/** The summary of a job with all that is kept of what its verdicts wait for. */
async function summarisedFromKept(store: Store, job: Job, gone: AbortSignal): Promise<Outcome<JobSummary>> {
  let kept = new Map<string, unknown>()
  for (;;) {
    const made = await summarise({ job, kept }, gone)
    if (!made.ok) return made
    const found = keptResults(store, PROGRAM, made.value.missing)
    if (found.size === 0) return { ok: true, value: made.value.summary }
    kept = found
  }
}

/** Follows some of a job's faces and keeps what came of it. */
async function followSome(store: Store, job: Job, gone: AbortSignal): Promise<void> {
  const followed = await judge({ job, kept: new Map() }, gone)
  if (!followed.ok || followed.value.size === 0) return
  try {
    keepResults(store, PROGRAM, followed.value, new Date().toISOString())
  } catch (error) {
    console.error(error)
  }
}

/** What the shelf shows is no part of the work: a store that takes nothing more still shows its shelf, and keeps its jobs. */
function remember(store: Store, jobs: () => readonly ShelfJob[]): void {
  try {
    keepSummaries(store, PROGRAM, jobs())
  } catch (error) {
    console.error(error)
  }
}
