import * as z from "./zod"
import type { Job } from "./job/job"

/** Names a revision; made where the edit is made. */
export const RevisionId = z.uuid().describe("made by whoever edits, so that a repeated message is known again")

/** A step of an edit within the document. */
export const Patch = z.strictObject({
  op: z.enum(["add", "remove", "replace"]),
  path: z.array(z.union([z.string().max(60), z.number().int().min(0)])).max(20),
  value: z.unknown().optional(),
})

/** An edit as it is kept: what it did, both ways, and what it was made from. */
export const Revision = z.strictObject({
  id: RevisionId,
  parent: RevisionId,
  label: z.string().min(1).max(200),
  patches: z.array(Patch).min(1).max(1000),
  inverse: z.array(Patch).min(1).max(1000),
})
export type Revision = z.output<typeof Revision>

/** What a browser sends: a new revision on a head, or the head moved to a neighbour (undo and redo). */
export const Change = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("edit"), revision: Revision }),
  z.strictObject({ kind: z.literal("move"), from: RevisionId, to: RevisionId }),
])
export type Change = z.output<typeof Change>

/** Steps of all edits of a message together; a hundred times what a long afternoon without a server leaves behind. */
const MOST_PATCHES = 10_000

/** What one message of a window brings, oldest first. */
export const Changes = z.strictObject({ changes: z.array(Change).min(1).max(500) }).refine(
  ({ changes }) => {
    const steps = changes.map((change) => (change.kind === "edit" ? change.revision.patches.length + change.revision.inverse.length : 0))
    return steps.reduce((all, count) => all + count, 0) <= MOST_PATCHES
  },
  { message: `One message brings at most ${MOST_PATCHES} steps.` },
)

/** A job as the browser opens it, with the revisions that undo and redo can walk. */
export interface OpenJob {
  id: string
  head: string
  document: Job
  /** From the head back, newest first. */
  undo: Revision[]
  /** From the head on, nearest first. */
  redo: Revision[]
  /** The revision before all of `undo`, as which only the server can give the job; null at the start of the job. */
  behind: string | null
}

/** What is changed of a job on the shelf without opening it. */
export const ShelfChange = z.strictObject({ deleted: z.boolean() })
