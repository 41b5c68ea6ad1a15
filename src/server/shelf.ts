import { jobSummary, type Shelf, type ShelfJob } from "../core/ledger/job-summary"
import type { Job } from "../schema/job/job"
import type { Outcome } from "../schema/outcome"
import { countJobs, createJob, keepSummaries, listJobs } from "../store/jobs"
import type { Store } from "../store/open"
import { documentAt, headOf } from "../store/revisions"
import { summarise } from "./calculator"
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
  if (summary?.figures) return { ok: true, value: { id, head, summary } }
  const settled = await summarise(documentAt(store, head), gone)
  if (!settled.ok) return settled
  const job = { id, head, summary: settled.value }
  remember(store, () => [job])
  return { ok: true, value: job }
}

/** What the shelf shows is no part of the work: a store that takes nothing more still shows its shelf, and keeps its jobs. */
function remember(store: Store, jobs: () => readonly ShelfJob[]): void {
  try {
    keepSummaries(store, PROGRAM, jobs())
  } catch (error) {
    console.error(error)
  }
}
