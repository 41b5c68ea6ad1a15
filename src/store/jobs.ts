import { randomUUID } from "node:crypto"
import type { Shelf } from "../schema/change"
import type { Job } from "../schema/job/job"
import type { Store } from "./open"
import { documentAt, headOf, plantRevision } from "./revisions"

/** All jobs, in the order in which they were made. */
export function listJobs(store: Store): Shelf {
  const shelf: Shelf = { jobs: [], unreadable: [] }
  const rows = store
    .prepare<[], { id: string; head: string; changed_at: string }>(
      "SELECT id, head, changed_at FROM job WHERE deleted_at IS NULL ORDER BY created_at, rowid",
    )
    .all()
  for (const { id, head, changed_at } of rows) {
    try {
      shelf.jobs.push({ id, head, document: documentAt(store, head), changedAt: changed_at })
    } catch (error) {
      shelf.unreadable.push({ id, message: (error as Error).message })
    }
  }
  return shelf
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
