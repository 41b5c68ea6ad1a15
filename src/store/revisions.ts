import { randomUUID } from "node:crypto"
import { isDeepStrictEqual } from "node:util"
import { InputError, type Outcome } from "../schema/outcome"
import { KNOWN } from "../edit/known"
import { headAfter, headBefore } from "../edit/history"
import { applyChecked } from "../edit/patch-check"
import { replay } from "../edit/revision"
import type { Change, OpenJob, Revision } from "../schema/change"
import { type Job, JOB_VERSION } from "../schema/job/job"
import { readDocument } from "../schema/job/read-job"
import type { Store } from "./open"

/** A checkpoint of the whole document every so many steps: what opening a job replays at most. */
const CHECKPOINT_EVERY = 100
/** Revisions that a browser gets to undo by itself; at their end it asks for more. */
const HISTORY = 50

interface Row {
  id: string
  parent: string | null
  depth: number
  label: string
  patches: string
  inverse: string
}

const revisionOf = (row: Row): Revision => ({
  id: row.id,
  parent: row.parent!,
  label: row.label,
  patches: JSON.parse(row.patches) as Revision["patches"],
  inverse: JSON.parse(row.inverse) as Revision["inverse"],
})

/** Writes a job's first revision with its document; the caller holds the transaction. */
export function plantRevision(store: Store, job: string, document: Job, now: string): string {
  const id = randomUUID()
  store.prepare("INSERT INTO job (id, head, created_at, changed_at) VALUES (?, ?, ?, ?)").run(job, id, now, now)
  insert(store, job, { id, parent: null, depth: 0, label: "Start", patches: "[]", inverse: "[]" }, now)
  checkpoint(store, id, document)
  return id
}

/**
 * Applies what a browser sends, all or nothing.
 * @returns the new head; `conflict` when another writer moved it; `invalid-*` when a change does not fit
 */
export function applyChanges(store: Store, job: string, changes: readonly Change[], now: string): Outcome<string> {
  try {
    return { ok: true, value: store.transaction(() => moveHead(store, job, changes, now)).immediate() }
  } catch (error) {
    if (error instanceof InputError) return { ok: false, error: { code: error.code, path: error.path, message: error.message } }
    throw error
  }
}

/** @throws InputError, which rolls the transaction back */
function moveHead(store: Store, job: string, changes: readonly Change[], now: string): string {
  const start = headOf(store, job)
  if (start === null) throw new InputError("not-found", [], "This job is not on the shelf.")
  let head = start
  let document: Job | null = null
  for (const change of changes.slice(alreadyDone(store, job, changes, start))) {
    if (headBefore(change) !== head) throw conflict()
    if (change.kind === "edit" && isKnown(store, change.revision.id)) throw conflict()
    if (change.kind === "edit") document = revise(store, job, document ?? documentAt(store, head), change.revision, now)
    else {
      requireNeighbours(store, job, change.from, change.to)
      document = null
    }
    head = headAfter(change)
  }
  // Names the head it started from, so that a second process cannot be overwritten in silence.
  const moved = store.prepare("UPDATE job SET head = ?, changed_at = ? WHERE id = ? AND head = ?").run(head, now, job, start)
  if (moved.changes === 0) throw conflict()
  return head
}

/** Whether a revision bears that id, of this job or of another. */
const isKnown = (store: Store, id: string): boolean => store.prepare("SELECT 1 FROM revision WHERE id = ?").get(id) !== undefined

/** How many of the changes were applied before: the same message comes again when its answer was lost on the way. */
function alreadyDone(store: Store, job: string, changes: readonly Change[], head: string): number {
  const done = changes.map(headAfter).lastIndexOf(head) + 1
  const known = store.prepare("SELECT 1 FROM revision WHERE id = ? AND job = ?")
  return changes.slice(0, done).every((change) => change.kind === "move" || known.get(change.revision.id, job)) ? done : 0
}

/** A job as a browser opens it, at its head or as it was at another of its revisions; null when that is not there. */
export function openJob(store: Store, job: string, at?: string): OpenJob | null {
  const head = at === undefined ? headOf(store, job) : revisionIn(store, job, at)
  if (head === null) return null
  const undo = undoPath(store, head)
  return {
    id: job,
    head,
    document: documentAt(store, head),
    undo,
    redo: redoPath(store, head),
    behind: behind(store, undo.at(-1)?.parent ?? head),
  }
}

/** The document at a revision in today's schema: the nearest checkpoint behind it, the patches from there on, and what migrations make of it. */
export function documentAt(store: Store, revision: string): Job {
  const path = store
    .prepare<[string], Row & { document: string | null }>(
      `WITH RECURSIVE path (id, parent, depth, label, patches, inverse, document) AS (
         SELECT r.id, r.parent, r.depth, r.label, r.patches, r.inverse, ${NEWEST_CHECKPOINT} FROM revision r WHERE r.id = ?
         UNION ALL
         SELECT r.id, r.parent, r.depth, r.label, r.patches, r.inverse, ${NEWEST_CHECKPOINT}
         FROM path p JOIN revision r ON r.id = p.parent WHERE p.document IS NULL)
       SELECT * FROM path ORDER BY depth`,
    )
    .all(revision)
  const start = path[0]?.document
  if (!start) throw new Error(`The revision ${revision} has no checkpoint behind it.`)
  const replayed = path.slice(1).reduce((document, row) => replay(document, revisionOf(row)), JSON.parse(start) as Job)
  const read = readDocument(replayed, KNOWN)
  if (!read.ok) throw new Error(`The stored job cannot be read at "${read.error.path.join(".")}": ${read.error.message}`)
  return read.value
}

/** A migrated head has two checkpoints; edits after it were made in the newer schema. */
const NEWEST_CHECKPOINT = "(SELECT document FROM checkpoint c WHERE c.revision = r.id ORDER BY schema_version DESC LIMIT 1)"

/**
 * The revision before one from which the browser cannot step back by itself, because it was made in an older schema; null at the start.
 */
function behind(store: Store, revision: string): string | null {
  return store.prepare<[string], { parent: string | null }>("SELECT parent FROM revision WHERE id = ?").get(revision)?.parent ?? null
}

export function headOf(store: Store, job: string): string | null {
  const row = store.prepare<[string], { head: string }>("SELECT head FROM job WHERE id = ? AND deleted_at IS NULL").get(job)
  return row?.head ?? null
}

function revisionIn(store: Store, job: string, revision: string): string | null {
  const known = store.prepare("SELECT 1 FROM revision JOIN job ON job.id = job WHERE revision.id = ? AND job = ? AND deleted_at IS NULL")
  return known.get(revision, job) ? revision : null
}

/** @throws InputError when the change does not fit or its result is not a job */
function revise(store: Store, job: string, document: Job, revision: Revision, now: string): Job {
  const after = patched(document, revision.patches)
  const next = readDocument(after, KNOWN)
  if (!next.ok) throw new InputError(next.error.code, next.error.path, next.error.message)
  // What undo will do is checked as strictly: it must give back the very document that the edit began from.
  if (!isDeepStrictEqual(patched(after, revision.inverse), document)) throw misfit("its way back does not lead to the job before it")
  const parent = store
    .prepare<[string], { depth: number; schema_version: number }>("SELECT depth, schema_version FROM revision WHERE id = ?")
    .get(revision.parent)!
  if (parent.schema_version < JOB_VERSION) checkpoint(store, revision.parent, document)
  const depth = parent.depth + 1
  insert(store, job, { ...revision, depth, patches: JSON.stringify(revision.patches), inverse: JSON.stringify(revision.inverse) }, now)
  if (depth % CHECKPOINT_EVERY === 0) checkpoint(store, revision.id, next.value)
  return next.value
}

function patched(document: Job, patches: Revision["patches"]): Job {
  const result = applyChecked(document, patches)
  if ("misfit" in result) throw misfit(result.misfit)
  return result.document
}

const misfit = (why: string) => new InputError("invalid-patch", [], `The change does not fit the job that it was made for: ${why}.`)

function insert(store: Store, job: string, row: Row, now: string): void {
  store
    .prepare(
      `INSERT INTO revision (id, job, parent, depth, schema_version, label, patches, inverse, created_at)
       VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)`,
    )
    .run(row.id, job, row.parent, row.depth, JOB_VERSION, row.label, row.patches, row.inverse, now)
}

/** A second one of the same version, after undo and another edit, would hold the same document. */
function checkpoint(store: Store, revision: string, document: Job): void {
  store
    .prepare("INSERT OR IGNORE INTO checkpoint (revision, schema_version, document) VALUES (?, ?, ?)")
    .run(revision, JOB_VERSION, JSON.stringify(document))
}

function requireNeighbours(store: Store, job: string, from: string, to: string): void {
  const found = store
    .prepare("SELECT 1 FROM revision WHERE job = @job AND ((id = @from AND parent = @to) OR (id = @to AND parent = @from))")
    .get({ job, from, to })
  if (!found) throw new InputError("invalid-move", [], "The revision to go to is not next to this one.")
}

/** Patches fit only the schema that they were made in, so the path ends where an older one begins. */
function undoPath(store: Store, head: string): Revision[] {
  return store
    .prepare<[string, number], Row>(
      `WITH RECURSIVE path (id, parent, depth, label, patches, inverse, steps) AS (
         SELECT id, parent, depth, label, patches, inverse, 1 FROM revision WHERE id = ? AND schema_version = ${JOB_VERSION}
         UNION ALL
         SELECT r.id, r.parent, r.depth, r.label, r.patches, r.inverse, p.steps + 1
         FROM path p JOIN revision r ON r.id = p.parent WHERE p.steps < ? AND r.schema_version = ${JOB_VERSION})
       SELECT * FROM path WHERE parent IS NOT NULL ORDER BY depth DESC`,
    )
    .all(head, HISTORY)
    .map(revisionOf)
}

/** Redo goes to the newest child of each, to the end. */
function redoPath(store: Store, head: string): Revision[] {
  const newestChild = store.prepare<[string], Row>(
    `SELECT * FROM revision WHERE parent = ? AND schema_version = ${JOB_VERSION} ORDER BY sequence DESC LIMIT 1`,
  )
  const path: Revision[] = []
  for (let row = newestChild.get(head); row; row = newestChild.get(row.id)) path.push(revisionOf(row))
  return path
}

const conflict = () => new InputError("conflict", [], "This job was changed in another window.")
