import { createStore, type StoreApi } from "zustand"
import type { Change } from "../../schema/change"
import type { Job } from "../../schema/job/job"
import { AWAY, call } from "./api"
import { storeOutbox, type StoredOutbox, takeOutbox } from "./stored-outbox"

/** Whether what is on screen is on the server's disk. `foreign`: another window has written since. */
export type Saving = "saved" | "sending" | "away" | "refused" | "foreign"

export interface OutboxView {
  unsent: Change[]
  saving: Saving
  /** Why the server refused or cannot write, in words. */
  refusal: string | null
  /** Whether what is not sent is on this machine's disk; null while it is on its way there. */
  kept: boolean | null
}

/** What was done here and is on its way to the server's disk. */
export interface OutboxStore extends StoreApi<OutboxView> {
  put: (change: Change) => void
  /** Drops what is not sent: the job stands as the server has it. */
  clear: () => void
  /** Picks up what was kept before a reload, and starts to send. @returns what ends it */
  start: () => () => void
}

/** What an outbox is told, and tells. */
interface Around {
  document: () => Job
  head: () => string
  /** What was kept before a reload: what of it is to be sent, and whether the job went on elsewhere meanwhile. */
  found: (kept: StoredOutbox) => Pick<OutboxView, "unsent" | "saving">
  /** The server has taken what was sent. */
  sent: () => void
  /** It has not. */
  failed: () => void
}

/** The server is there but its store is in trouble, or nobody has let this window in: it is tried again. @see store/trouble */
const TROUBLES: readonly string[] = ["disk-full", "store-read-only", "store-busy", "store-broken", "fault"]

/** Milliseconds between tries while the server is away. */
const RETRY = 1500

/** Milliseconds before what was done is kept and sent: what it changes is painted first. */
const PAINT = 40

/** An empty outbox of a job. */
export function createOutbox(job: string, around: Around): OutboxStore {
  const store = createStore<OutboxView>(() => ({ unsent: [], saving: "saved", refusal: null, kept: true }))
  const { getState: get, setState: set } = store
  let window_ = ""
  let busy = false
  let stopped = true
  let timer: ReturnType<typeof setTimeout> | undefined
  let soon: ReturnType<typeof setTimeout> | undefined
  let channel: BroadcastChannel | undefined

  /** Until the window has its name, what it edits waits: another window's outbox may come before it. */
  async function keep(): Promise<void> {
    if (window_ === "") return
    const changes = get().unsent
    set({ kept: changes.length === 0 ? true : null })
    const kept = await storeOutbox(job, window_, { changes, document: around.document() })
    // What was put in meanwhile is on a way of its own.
    if (get().unsent === changes) set({ kept: kept || changes.length === 0 })
  }

  async function send(): Promise<void> {
    const { unsent, saving } = get()
    if (stopped || window_ === "" || busy || unsent.length === 0 || saving === "foreign" || saving === "refused") return
    busy = true
    const batch = unsent.slice(0, 500)
    const answer = await call<{ head: string }>("POST", `/api/jobs/${job}/changes`, { changes: batch })
    busy = false
    if (answer.ok) {
      const left = get().unsent.slice(batch.length)
      set({ unsent: left, saving: left.length > 0 ? "sending" : "saved", refusal: null })
      void keep()
      channel?.postMessage(answer.value.head)
      around.sent()
      return send()
    }
    around.failed()
    const troubled = TROUBLES.includes(answer.error.code)
    if (answer.error.code === AWAY || answer.error.code === "not-entered" || troubled) {
      set({ saving: "away", refusal: troubled ? answer.error.message : null })
      clearTimeout(timer)
      if (!stopped) timer = setTimeout(() => void send(), RETRY)
      return
    }
    set({ saving: answer.error.code === "conflict" ? "foreign" : "refused", refusal: answer.error.message })
  }

  /** Keeps and sends what waits to be painted. */
  function now(): void {
    if (soon === undefined) return
    clearTimeout(soon)
    soon = undefined
    void keep()
    void send()
  }

  return Object.assign(store, {
    put(change: Change): void {
      set(({ unsent, saving }) => ({ unsent: [...unsent, change], saving: saving === "saved" ? "sending" : saving, kept: null }))
      soon ??= setTimeout(now, PAINT)
    },
    clear(): void {
      set({ unsent: [], saving: "saved", refusal: null })
      void keep()
    },
    start(): () => void {
      stopped = false
      void takeOutbox(job).then(({ window, outbox }) => {
        if (stopped) return
        window_ = window
        if (outbox) set(around.found(outbox))
        void keep()
        void send()
      })
      if ("BroadcastChannel" in globalThis) {
        channel = new BroadcastChannel(`pelzhaus:${job}`)
        channel.onmessage = ({ data }: MessageEvent<string>) => {
          if (data !== around.head()) set({ saving: "foreign", refusal: null })
        }
      }
      // A page that is left has no time to wait.
      globalThis.window?.addEventListener("pagehide", now)
      return () => {
        now()
        stopped = true
        globalThis.window?.removeEventListener("pagehide", now)
        clearTimeout(timer)
        channel?.close()
      }
    },
  })
}
