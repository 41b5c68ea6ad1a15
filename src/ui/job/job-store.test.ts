import { afterEach, beforeEach, describe, expect, test } from "@jest/globals"
import { setLeakage, setThickness } from "../../edit/assembly-edits"
import { replay, takeBack } from "../../edit/revision"
import { demoJobs } from "../../edit/start/demo-jobs"
import type { Change, OpenJob, Revision } from "../../schema/change"
import type { Job } from "../../schema/job/job"
import { createJobStore, type JobStore, ledgerFor } from "./job-store"

const START = "00000000-0000-4000-8000-000000000000"

/** The server's side of one job, in a few lines: a chain of revisions and its head. */
class PlainServer {
  head = START
  document: Job = demoJobs()[2]!
  revisions: Revision[] = []
  away = false
  refusing: { code: string; message: string } | null = null

  open(): OpenJob {
    return { id: "job", head: this.head, document: this.document, undo: [...this.revisions].reverse(), redo: [], behind: null }
  }

  answer(path: string, init: RequestInit | undefined): Response {
    if (this.away) throw new TypeError("fetch failed")
    if (init?.method === "GET") return Response.json(this.open())
    if (this.refusing) return Response.json({ error: { ...this.refusing, path: [] } }, { status: 400 })
    const { changes } = JSON.parse(init?.body as string) as { changes: Change[] }
    for (const change of changes) {
      if ((change.kind === "edit" ? change.revision.parent : change.from) !== this.head)
        return Response.json({ error: { code: "conflict", path: [], message: "changed" } }, { status: 409 })
      if (change.kind === "edit") {
        this.document = replay(this.document, change.revision)
        this.revisions.push(change.revision)
        this.head = change.revision.id
      } else {
        this.document = takeBack(this.document, this.revisions.pop()!)
        this.head = change.to
      }
    }
    return Response.json({ head: this.head })
  }
}

class Memory {
  readonly kept = new Map<string, string>()
  getItem = (key: string) => this.kept.get(key) ?? null
  setItem = (key: string, value: string) => void this.kept.set(key, value)
  removeItem = (key: string) => void this.kept.delete(key)
}

/** `Object.keys(localStorage)` gives the kept keys in a browser. */
const asStorage = (memory: Memory) =>
  new Proxy(memory, {
    ownKeys: () => [...memory.kept.keys()],
    getOwnPropertyDescriptor: () => ({ enumerable: true, configurable: true }),
  })

let server: PlainServer
let ends: (() => void)[]
const realFetch = globalThis.fetch
const local = new Memory()
const session = new Memory()

beforeEach(() => {
  server = new PlainServer()
  ends = []
  local.kept.clear()
  session.kept.clear()
  // Windows on two machines do not hear of each other.
  delete (globalThis as { BroadcastChannel?: unknown }).BroadcastChannel
  globalThis.fetch = ((path: string, init?: RequestInit) => Promise.resolve().then(() => server.answer(path, init))) as typeof fetch
  // No locks, as on a page that comes from another machine without TLS.
  Object.assign(globalThis, { localStorage: asStorage(local), sessionStorage: session, navigator: {} })
})
afterEach(() => {
  for (const end of ends) end()
  globalThis.fetch = realFetch
})

function open(): JobStore {
  const store = createJobStore(server.open())
  ends.push(store.start())
  return store
}
const until = async (what: () => boolean) => {
  for (let i = 0; i < 400 && !what(); i++) await new Promise((resolve) => setTimeout(resolve, 10))
  expect(what()).toBe(true)
}
const saved = (store: JobStore) => until(() => store.getState().saving === "saved")
const thicker = (thickness: number) => setThickness("wall", "l2", thickness)
const wool = (job: Job) => job.variants.first!.assemblies.wall!.layers.l2!.thickness

describe("an open job in the browser", () => {
  test("shows an edit at once, and the server has it soon after", async () => {
    const store = open()
    expect(store.edit(thicker(0.2))).toBeNull()
    expect(wool(store.getState().history.document)).toBe(0.2)
    expect(store.getState().saving).toBe("sending")
    await saved(store)
    expect(wool(server.document)).toBe(0.2)
    store.undo()
    await saved(store)
    expect(wool(server.document)).toBe(0.12)
  })

  test("does nothing of a refused edit, and says why", () => {
    const store = open()
    expect(store.edit(thicker(-1))?.message).toContain("at least")
    expect(store.getState().history.undo).toEqual([])
    expect(store.edit(thicker(0.12))).toBeNull()
    expect(store.getState().unsent).toEqual([])
  })

  test("shows a drag without doing it", () => {
    const store = open()
    store.show(thicker(0.3))
    expect(wool(store.getState().preview!)).toBe(0.3)
    expect(store.getState().unsent).toEqual([])
    store.show(null)
    expect(store.getState().preview).toBeNull()
  })

  test("keeps what it cannot send, over a reload, and sends it when the server is back", async () => {
    const first = open()
    server.away = true
    first.edit(thicker(0.15))
    first.edit(setLeakage({ ach50: 2 }))
    await until(() => first.getState().saving === "away")
    expect(local.kept.size).toBe(1)
    // The page is loaded again: the window has its name, and the job as the server has it.
    for (const end of ends.splice(0)) end()
    const second = open()
    await until(() => second.getState().unsent.length === 2)
    expect(wool(second.getState().history.document)).toBe(0.15)
    server.away = false
    await saved(second)
    expect([wool(server.document), server.document.variants.first!.leakage.ach50]).toEqual([0.15, 2])
    await until(() => local.kept.size === 0)
  })

  test("puts what was edited before the outbox was read behind what the outbox holds", async () => {
    const first = open()
    first.edit(setLeakage({ ach50: 2 }))
    await saved(first)
    server.away = true
    first.edit(thicker(0.15))
    await until(() => local.kept.size === 1)
    for (const end of ends.splice(0)) end()
    server.away = false
    const second = open()
    second.edit(setLeakage({ ach50: 9 }))
    await saved(second)
    expect([wool(server.document), server.document.variants.first!.leakage.ach50]).toEqual([0.15, 9])
    expect(server.document).toEqual(second.getState().history.document)
  })

  test("tells when another has written, and overwrites nothing until it is told to", async () => {
    const store = open()
    const other = open()
    other.edit(thicker(0.2))
    await saved(other)
    store.edit(thicker(0.15))
    await until(() => store.getState().saving === "foreign")
    expect(wool(server.document)).toBe(0.2)
    // More edits wait.
    store.edit(setLeakage({ ach50: 1 }))
    expect(server.document.variants.first!.leakage.ach50).toBe(5)
    await store.takeOver()
    await saved(store)
    expect([wool(server.document), server.document.variants.first!.leakage.ach50]).toEqual([0.15, 1])
    // What the other wrote lies one step back.
    store.undo()
    await saved(store)
    expect(wool(server.document)).toBe(0.2)
  })

  test("can take what was saved instead of its own", async () => {
    const store = open()
    const other = open()
    other.edit(thicker(0.2))
    await saved(other)
    store.edit(thicker(0.15))
    await until(() => store.getState().saving === "foreign")
    await store.reload()
    expect(wool(store.getState().history.document)).toBe(0.2)
    expect(store.getState()).toMatchObject({ saving: "saved", unsent: [] })
  })

  test("says what the server refuses, and keeps it", async () => {
    const store = open()
    server.refusing = { code: "invalid-patch", message: "does not fit" }
    store.edit(thicker(0.15))
    await until(() => store.getState().saving === "refused")
    expect(store.getState()).toMatchObject({ refusal: "does not fit", unsent: [expect.anything()] })
  })

  test("works out a ledger once for each state of the job", () => {
    const store = open()
    const { document } = store.getState().history
    expect(ledgerFor(document)).toBe(ledgerFor(document))
    store.edit(thicker(0.2))
    expect(ledgerFor(store.getState().history.document)).not.toBe(ledgerFor(document))
  })
})
