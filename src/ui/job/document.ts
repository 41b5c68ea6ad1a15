import { v4 as newId } from "uuid"
import { createStore, type StoreApi } from "zustand"
import { applyEdit } from "../../edit/apply-edit"
import type { Edit } from "../../edit/edit"
import { append, goBack, goForward, type History } from "../../edit/history"
import type { Change, OpenJob, Revision } from "../../schema/change"
import type { Job } from "../../schema/job/job"
import type { Fault } from "../../schema/outcome"

export interface DocumentView {
  history: History
  /** A drag in progress shows here; it becomes an edit when it is let go. */
  preview: Job | null
  /** The revision before all that undo has at hand; null where that is the start of the job. */
  behind: string | null
  /** The step that was made last, where it was one back or forth: for whoever says so. */
  moved: { revision: Revision; by: "undo" | "redo" } | null
}

/** The job's document with undo. */
export interface DocumentStore extends StoreApi<DocumentView> {
  /** Does an edit; a fault says why not. */
  edit: (edit: Edit) => Fault | null
  /** Shows an edit without doing it; null ends the show. */
  show: (edit: Edit | null) => void
  undo: () => void
  redo: () => void
  /** Goes on with undo that waits until the server knows all that was done here. */
  goOn: () => void
  /** Forgets undo that waits. */
  forget: () => void
  /** Takes the job as the server has it in place of what is here. */
  take: (open: OpenJob) => void
}

/** What a document tells, and asks of the server. */
interface Around {
  changed: (change: Change) => void
  /** Whether the server knows all that was done here. */
  settled: () => boolean
  /** The job at one of its revisions; null while the server is away. */
  at: (revision: string) => Promise<OpenJob | null>
}

/** The history that a job is opened with. */
export const historyOf = ({ document, head, undo, redo }: OpenJob): History => ({ document, head, undo, redo })

/** A job's document as the server gave it. */
export function createDocument(open: OpenJob, around: Around): DocumentStore {
  const store = createStore<DocumentView>(() => ({ history: historyOf(open), preview: null, behind: open.behind, moved: null }))
  const { getState: get, setState: set } = store
  let fetching = false
  /** Steps back that were asked for and wait for revisions that only the server has. */
  let owed = 0

  function enter(history: History, change: Change, by?: "undo" | "redo"): void {
    const revision = by && (by === "undo" ? history.redo : history.undo)[0]
    set({ history, preview: null, moved: revision ? { revision, by } : null })
    around.changed(change)
  }

  /** Undo reaches as far as the job goes: where the revisions at hand end, the server has those before. */
  function stepBack(): void {
    for (; owed > 0; owed--) {
      const { history } = get()
      const back = goBack(history)
      if (!back) return void stepBehind()
      enter(back, { kind: "move", from: history.head, to: back.head }, "undo")
    }
  }

  async function stepBehind(): Promise<void> {
    const { behind, history } = get()
    if (behind === null) owed = 0
    // The server must know all that came after; what is sent asks again.
    if (behind === null || !around.settled() || fetching) return
    fetching = true
    const job = await around.at(behind)
    fetching = false
    // An edit in the meantime is on top of what was to be undone.
    if (!job || get().history.head !== history.head) return void (owed = 0)
    owed--
    set({ behind: job.behind })
    enter(historyOf(job), { kind: "move", from: history.head, to: behind }, "undo")
    stepBack()
  }

  return Object.assign(store, {
    edit(edit: Edit): Fault | null {
      const { history } = get()
      const result = applyEdit(history.document, edit)
      if (!result.ok || result.value === null) {
        set({ preview: null })
        return result.ok ? null : result.error
      }
      const { patches, inverse, label } = result.value
      const revision = { id: newId(), parent: history.head, label, patches, inverse }
      owed = 0
      enter(append(history, revision), { kind: "edit", revision })
      return null
    },
    show(edit: Edit | null): void {
      if (edit === null) return set({ preview: null })
      const result = applyEdit(get().history.document, edit)
      if (result.ok) set({ preview: result.value?.job ?? null })
    },
    undo(): void {
      owed++
      stepBack()
    },
    redo(): void {
      const { history } = get()
      const forward = goForward(history)
      owed = 0
      if (forward) enter(forward, { kind: "move", from: history.head, to: forward.head }, "redo")
    },
    goOn: stepBack,
    forget: () => void (owed = 0),
    take: (job: OpenJob) => set({ history: historyOf(job), behind: job.behind, preview: null, moved: null }),
  })
}
