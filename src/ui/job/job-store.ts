"use client"
import { createContext, useContext } from "react"
import { v4 as newId } from "uuid"
import { createStore, type StoreApi, useStore } from "zustand"
import { applyEdit, type Edit } from "../../edit/edit"
import type { Parts } from "../../edit/shell-edits"
import { append, goBack, goForward, type History, rejoin } from "../../edit/history"
import { takeOver } from "../../edit/variant-edits"
import type { Change, OpenJob } from "../../schema/change"
import type { Job } from "../../schema/job/job"
import type { FaceId } from "../../schema/job/shell"
import type { Season } from "../../schema/quantity"
import type { Fault } from "../../schema/outcome"
import { AWAY, call } from "./api"
import { keepOutbox, type Outbox, takeOutbox } from "./outbox"

/** Whether what is on screen is on the server's disk. `foreign`: another window has written since. */
export type Saving = "saved" | "sending" | "away" | "refused" | "foreign"

/** A part of one of the shell's lists. */
export interface ChosenPart {
  list: keyof Parts
  id: string
}

export interface JobView {
  id: string
  history: History
  /** A drag in progress shows here; it becomes an edit when it is let go. */
  preview: Job | null
  /** The revision before all that undo has at hand; null where that is the start of the job. */
  behind: string | null
  unsent: Change[]
  saving: Saving
  /** Why the server refused, in words. */
  refusal: string | null
  face: FaceId
  layer: string | null
  /** Part of the shell that is chosen. */
  part: ChosenPart | null
  /** Season that Heat and Damp look at. */
  season: Season
  /** What the drawings show at a station and season where another overlay than its own was chosen, by id. */
  overlays: Readonly<Record<string, string>>
}

export interface JobStore extends StoreApi<JobView> {
  /** Does an edit, keeps it and sends it; a fault says why not. */
  edit: (edit: Edit) => Fault | null
  /** Shows an edit without doing it; null ends the show. */
  show: (edit: Edit | null) => void
  undo: () => void
  redo: () => void
  choose: (choice: Partial<Pick<JobView, "face" | "layer" | "part" | "season" | "overlays">>) => void
  /** Drops what this window has not sent and takes the job as the server has it. */
  reload: () => Promise<void>
  /** Makes this window's job the newest revision. */
  takeOver: () => Promise<void>
  /** Picks up what was kept before a reload, and starts to send. @returns what ends it */
  start: () => () => void
}

const asHistory = ({ document, head, undo, redo }: OpenJob): History => ({ document, head, undo, redo })

/** Milliseconds between tries while the server is away. */
const RETRY = 1500

export function createJobStore(open: OpenJob): JobStore {
  const store = createStore<JobView>(() => ({
    id: open.id,
    history: asHistory(open),
    preview: null,
    behind: open.behind,
    unsent: [],
    saving: "saved",
    refusal: null,
    face: "left",
    layer: null,
    part: null,
    season: "winter",
    overlays: {},
  }))
  const { getState: get, setState: set } = store
  let window_ = ""
  let busy = false
  let fetching = false
  /** Steps back that were asked for and wait for revisions that only the server has. */
  let owed = 0
  let stopped = true
  let timer: ReturnType<typeof setTimeout> | undefined
  let channel: BroadcastChannel | undefined

  /** Until the window has its name, what it edits waits: another window's outbox may come before it. */
  const keep = () => window_ !== "" && keepOutbox(open.id, window_, { changes: get().unsent, document: get().history.document })

  function enter(history: History, change: Change): void {
    set(({ unsent, saving }) => ({ history, preview: null, unsent: [...unsent, change], saving: saving === "saved" ? "sending" : saving }))
    keep()
    void send()
  }

  /** Lays what was kept over the job as the server has it, and what was edited in the meantime over both. */
  function pickUp(outbox: Outbox): void {
    const joined = rejoin(asHistory(open), outbox.changes)
    // The job went on elsewhere: show what this window had, and let the person choose.
    if (!joined) return set({ history: { ...get().history, document: outbox.document }, unsent: outbox.changes, saving: "foreign" })
    let { history } = joined
    const unsent = [...joined.unsent]
    for (const change of get().unsent) {
      if (change.kind !== "edit") continue
      const revision = { ...change.revision, id: newId(), parent: history.head }
      history = append(history, revision)
      unsent.push({ kind: "edit", revision })
    }
    set({ history, unsent, saving: unsent.length > 0 ? "sending" : "saved" })
  }

  async function send(): Promise<void> {
    const { unsent, saving } = get()
    if (stopped || window_ === "" || busy || unsent.length === 0 || saving === "foreign" || saving === "refused") return
    busy = true
    const batch = unsent.slice(0, 500)
    const answer = await call<{ head: string }>("POST", `/api/jobs/${open.id}/changes`, { changes: batch })
    busy = false
    if (answer.ok) {
      const left = get().unsent.slice(batch.length)
      set({ unsent: left, saving: left.length > 0 ? "sending" : "saved" })
      keep()
      channel?.postMessage(answer.value.head)
      stepBack()
      return send()
    }
    owed = 0
    if (answer.error.code === AWAY || answer.error.code === "not-entered") {
      set({ saving: "away" })
      clearTimeout(timer)
      if (!stopped) timer = setTimeout(() => void send(), RETRY)
      return
    }
    set({ saving: answer.error.code === "conflict" ? "foreign" : "refused", refusal: answer.error.message })
  }

  /** Undo reaches as far as the job goes: where the revisions at hand end, the server has those before. */
  function stepBack(): void {
    for (; owed > 0; owed--) {
      const { history } = get()
      const back = goBack(history)
      if (!back) return void stepBehind()
      enter(back, { kind: "move", from: history.head, to: back.head })
    }
  }

  async function stepBehind(): Promise<void> {
    const { behind, unsent, history } = get()
    if (behind === null) owed = 0
    // The server must know all that came after; what is sent asks again.
    if (behind === null || unsent.length > 0 || fetching) return
    fetching = true
    const job = await fetchJob(behind)
    fetching = false
    // An edit in the meantime is on top of what was to be undone.
    if (!job || get().history.head !== history.head) return void (owed = 0)
    owed--
    set({ behind: job.behind })
    enter(asHistory(job), { kind: "move", from: history.head, to: behind })
    stepBack()
  }

  /** The job as the server has it, at its head or at another of its revisions. */
  async function fetchJob(at?: string): Promise<OpenJob | null> {
    const answer = await call<OpenJob>("GET", `/api/jobs/${open.id}${at ? `?at=${at}` : ""}`)
    return answer.ok ? answer.value : null
  }

  return Object.assign(store, {
    edit(edit: Edit): Fault | null {
      const { history } = get()
      const result = applyEdit(history.document, edit)
      if (!result.ok) {
        set({ preview: null })
        return result.error
      }
      if (result.value === null) {
        set({ preview: null })
        return null
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
      if (forward) enter(forward, { kind: "move", from: history.head, to: forward.head })
    },
    choose: (choice: Partial<Pick<JobView, "face" | "layer" | "part" | "season" | "overlays">>) => set(choice),
    async reload(): Promise<void> {
      owed = 0
      const job = await fetchJob()
      if (!job) return set({ saving: "away" })
      set({ history: asHistory(job), behind: job.behind, unsent: [], saving: "saved", refusal: null, preview: null })
      keep()
    },
    async takeOver(): Promise<void> {
      const mine = get().history.document
      const job = await fetchJob()
      if (!job) return
      set({ history: asHistory(job), behind: job.behind, unsent: [], saving: "saved", refusal: null })
      keep()
      this.edit(takeOver(mine))
    },
    start(): () => void {
      stopped = false
      void takeOutbox(open.id).then(({ window, outbox }) => {
        if (stopped) return
        window_ = window
        if (outbox) pickUp(outbox)
        keep()
        void send()
      })
      if ("BroadcastChannel" in globalThis) {
        channel = new BroadcastChannel(`pelzhaus:${open.id}`)
        channel.onmessage = ({ data }: MessageEvent<string>) => {
          if (data !== get().history.head) set({ saving: "foreign", refusal: null })
        }
      }
      return () => {
        stopped = true
        clearTimeout(timer)
        channel?.close()
      }
    },
  })
}

const Context = createContext<JobStore | null>(null)
export const JobProvider = Context.Provider

export function useJobStore(): JobStore {
  const store = useContext(Context)
  if (!store) throw new Error("There is no open job around this part of the screen.")
  return store
}

export function useJobView<T>(select: (view: JobView) => T): T {
  return useStore(useJobStore(), select)
}

/** Whether a part is the one that is chosen. */
export const isChosen = (chosen: ChosenPart | null, list: keyof Parts, id: string): boolean => chosen?.list === list && chosen.id === id

/** The job as shown: the drag in progress, else the document. */
export const useJob = (): Job => useJobView((view) => view.preview ?? view.history.document)
