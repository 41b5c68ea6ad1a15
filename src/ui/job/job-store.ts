"use client"
import { createContext, useContext } from "react"
import { v4 as newId } from "uuid"
import { type StoreApi, useStore } from "zustand"
import { append, rejoin } from "../../edit/history"
import { takeOver } from "../../edit/variant-edits"
import type { OpenJob } from "../../schema/change"
import type { Job } from "../../schema/job/job"
import { call } from "./api"
import { createDocument, type DocumentStore, type DocumentView, historyOf } from "./document"
import type { StoredOutbox } from "./stored-outbox"
import { createOutbox, type OutboxStore, type OutboxView } from "./outbox"
import { createSelection, type Selection } from "./selection"

/** An open job: its document, what of it is on its way to the server, and what is chosen. */
export interface JobStore extends Pick<DocumentStore, "edit" | "show" | "undo" | "redo">, Pick<OutboxStore, "start"> {
  id: string
  document: DocumentStore
  outbox: OutboxStore
  selection: StoreApi<Selection>
  choose: (choice: Partial<Selection>) => void
  /** Drops what this window has not sent and takes the job as the server has it. */
  reload: () => Promise<void>
  /** Makes this window's job the newest revision. */
  takeOver: () => Promise<void>
}

export function createJobStore(open: OpenJob): JobStore {
  const { id } = open

  /** The job as the server has it, at its head or at another of its revisions. */
  async function fetchJob(at?: string): Promise<OpenJob | null> {
    const answer = await call<OpenJob>("GET", `/api/jobs/${id}${at ? `?at=${at}` : ""}`)
    return answer.ok ? answer.value : null
  }

  const document: DocumentStore = createDocument(open, {
    changed: (change) => outbox.put(change),
    settled: () => outbox.getState().unsent.length === 0,
    at: fetchJob,
  })
  const outbox = createOutbox(id, {
    document: () => document.getState().history.document,
    head: () => document.getState().history.head,
    found: pickUp,
    sent: document.goOn,
    failed: document.forget,
  })

  /** Lays what was kept over the job as the server has it, and what was edited in the meantime over both. */
  function pickUp(kept: StoredOutbox): Pick<OutboxView, "unsent" | "saving"> {
    const joined = rejoin(historyOf(open), kept.changes)
    if (!joined) {
      // The job went on elsewhere: show what this window had, and let the person choose.
      document.setState(({ history }) => ({ history: { ...history, document: kept.document } }))
      return { unsent: kept.changes, saving: "foreign" }
    }
    let { history } = joined
    const unsent = [...joined.unsent]
    for (const change of outbox.getState().unsent) {
      if (change.kind !== "edit") continue
      const revision = { ...change.revision, id: newId(), parent: history.head }
      history = append(history, revision)
      unsent.push({ kind: "edit", revision })
    }
    document.setState({ history })
    return { unsent, saving: unsent.length > 0 ? "sending" : "saved" }
  }

  async function takeServers(): Promise<boolean> {
    document.forget()
    const job = await fetchJob()
    if (!job) return false
    document.take(job)
    outbox.clear()
    return true
  }

  const selection = createSelection(open.document.brief.kind)
  const { edit, show, undo, redo } = document
  return {
    ...{ id, document, outbox, selection, edit, show, undo, redo, start: outbox.start },
    choose: (choice) => selection.setState(choice),
    async reload(): Promise<void> {
      if (!(await takeServers())) outbox.setState({ saving: "away" })
    },
    async takeOver(): Promise<void> {
      const mine = document.getState().history.document
      if (await takeServers()) edit(takeOver(mine))
    },
  }
}

const Context = createContext<JobStore | null>(null)
export const JobProvider = Context.Provider

export function useJobStore(): JobStore {
  const store = useContext(Context)
  if (!store) throw new Error("There is no open job around this part of the screen.")
  return store
}

export const useDocument = <T>(select: (view: DocumentView) => T): T => useStore(useJobStore().document, select)
export const useOutbox = <T>(select: (view: OutboxView) => T): T => useStore(useJobStore().outbox, select)
export const useSelection = <T>(select: (selection: Selection) => T): T => useStore(useJobStore().selection, select)

/** The job as shown: the drag in progress, else the document. */
export const useJob = (): Job => useDocument((view) => view.preview ?? view.history.document)
