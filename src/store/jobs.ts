import { randomUUID } from "node:crypto"
import type { JobSummary } from "../core/ledger/job-summary"
import type { Job } from "../schema/job/job"
import type { Store } from "./open"
import { documentAt, headOf, plantRevision } from "./revisions"

/** A job on the shelf with its summary, if one is kept of just this head. */
export interface ShelfRow {
  id: string
  head: string
  summary: JobSummary | null
}

/**
 * Jobs, the newest first.
 * @param program the build whose summaries are wanted
 * @param most so many of them; −1: all
 */
export function listJobs(store: Store, program: string, most = -1): ShelfRow[] {
  return store
    .prepare<[string, number], { id: string; head: string; summary: string | null }>(
      `SELECT job.id, job.head, summary FROM job LEFT JOIN summary ON job = job.id AND summary.head = job.head AND program = ?
       WHERE deleted_at IS NULL ORDER BY created_at DESC, job.rowid DESC LIMIT ?`,
    )
    .all(program, most)
    .map(({ summary, ...row }) => ({ ...row, summary: summary === null ? null : (JSON.parse(summary) as JobSummary) }))
}

export const countJobs = (store: Store): number =>
  store.prepare<[], { count: number }>("SELECT count(*) AS count FROM job WHERE deleted_at IS NULL").get()!.count

/** Keeps summaries beside their jobs, each in place of the one before; all or none. */
export function keepSummaries(store: Store, program: string, rows: readonly ShelfRow[]): void {
  const put = store.prepare("INSERT OR REPLACE INTO summary (job, head, program, summary) VALUES (?, ?, ?, ?)")
  store.transaction(() => rows.forEach(({ id, head, summary }) => put.run(id, head, program, JSON.stringify(summary)))).immediate()
}

/** @returns the new job's id, once it is on disk */
export function createJob(store: Store, document: Job, now: string): string {
  const id = randomUUID()
  store.transaction(() => plantRevision(store, id, document, now)).immediate()
  return id
}

/** @returns the copy's id, or null when there is no such job */
export function copyJob(store: Store, id: string, now: string): string | null {
  const head = headOf(store, id)
  if (head === null) return null
  const document = documentAt(store, head)
  return createJob(store, { ...document, name: `${document.name.slice(0, 112)}, copy` }, now)
}

/** Takes a job off the shelf, or puts it back; its revisions stay. */
export function setDeleted(store: Store, id: string, deletedAt: string | null): boolean {
  return store.prepare("UPDATE job SET deleted_at = ? WHERE id = ?").run(deletedAt, id).changes === 1
}
