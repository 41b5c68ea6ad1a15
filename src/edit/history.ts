import type { Change, Revision } from "../schema/change"
import type { Job } from "../schema/job/job"
import { replay, takeBack } from "./revision"

/** A job with the revisions that undo and redo walk; newest undo first, nearest redo first. */
export interface History {
  document: Job
  head: string
  undo: readonly Revision[]
  redo: readonly Revision[]
}

/** After a new revision: what could be redone is no longer in the way. */
export function append(history: History, revision: Revision): History {
  return { document: replay(history.document, revision), head: revision.id, undo: [revision, ...history.undo], redo: [] }
}

/** One step back, or null at the start. */
export function goBack(history: History): History | null {
  const [last, ...undo] = history.undo
  if (!last) return null
  return { document: takeBack(history.document, last), head: last.parent, undo, redo: [last, ...history.redo] }
}

/** One step on again, or null at the end. */
export function goForward(history: History): History | null {
  const [next, ...redo] = history.redo
  if (!next) return null
  return { document: replay(history.document, next), head: next.id, undo: [next, ...history.undo], redo }
}

export const headBefore = (change: Change) => (change.kind === "edit" ? change.revision.parent : change.from)
export const headAfter = (change: Change) => (change.kind === "edit" ? change.revision.id : change.to)

/**
 * Lays changes that were kept back over a job as the server has it; those that it has already are passed over.
 * @returns the job with the changes that are still to be sent, or null when they do not fit: somebody else has written
 */
export function rejoin(history: History, kept: readonly Change[]): { history: History; unsent: Change[] } | null {
  const unsent = kept.slice(kept.map(headAfter).lastIndexOf(history.head) + 1)
  let current = history
  for (const change of unsent) {
    if (headBefore(change) !== current.head) return null
    const next = step(current, change)
    if (!next) return null
    current = next
  }
  return { history: current, unsent }
}

function step(history: History, change: Change): History | null {
  if (change.kind === "edit") return append(history, change.revision)
  if (history.undo[0]?.parent === change.to) return goBack(history)
  return history.redo[0]?.id === change.to ? goForward(history) : null
}
