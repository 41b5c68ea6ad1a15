import "fake-indexeddb/auto"
import { afterEach, beforeEach, describe, expect, jest, test } from "@jest/globals"
import { setLeakage, setThickness } from "../../edit/assembly-edits"
import { openDB } from "idb"
import { replay } from "../../edit/revision"
import { demoJobs } from "../../edit/start/demo-jobs"
import type { Change, OpenJob, Revision } from "../../schema/change"
import type { Job } from "../../schema/job/job"
import { createJobStore, type JobStore } from "./job-store"

const START = "00000000-0000-4000-8000-000000000000"

/** The server's side of one job, in a few lines: a chain of revisions and how many of them are done. */
class PlainServer {
  readonly start: Job = demoJobs()[2]!
  revisions: Revision[] = []
  done = 0
  away = false
  refusing: { code: string; message: string } | null = null

  get head(): string {
    return this.idAt(this.done)
  }
  get document(): Job {
    return this.revisions.slice(0, this.done).reduce(replay, this.start)
  }

  /** As the real one, with three revisions back in place of fifty. */
  open(done = this.done): OpenJob {
    const first = Math.max(done - 3, 0)
    return {
      id: "job",
      head: this.idAt(done),
      document: this.revisions.slice(0, done).reduce(replay, this.start),
      undo: this.revisions.slice(first, done).reverse(),
      redo: this.revisions.slice(done),
      behind: first === 0 ? null : this.idAt(first - 1),
    }
  }

  answer(path: string, init: RequestInit | undefined): Response {
    if (this.away) throw new TypeError("fetch failed")
    if (init?.method === "GET") return Response.json(this.open(this.doneAt(path.split("?at=")[1] ?? this.head)))
    if (this.refusing) return Response.json({ error: { ...this.refusing, path: [] } }, { status: 400 })
    const { changes } = JSON.parse(init?.body as string) as { changes: Change[] }
    for (const change of changes) {
      if ((change.kind === "edit" ? change.revision.parent : change.from) !== this.head)
        return Response.json({ error: { code: "conflict", path: [], message: "changed" } }, { status: 409 })
      if (change.kind === "edit") this.revisions = [...this.revisions.slice(0, this.done), change.revision]
      this.done = this.doneAt(change.kind === "edit" ? change.revision.id : change.to)
    }
    return Response.json({ head: this.head })
  }

  private idAt(done: number): string {
    return done === 0 ? START : this.revisions[done - 1]!.id
  }
  private doneAt(id: string): number {
    return this.revisions.findIndex((one) => one.id === id) + 1
  }
}

class Memory {
  readonly kept = new Map<string, string>()
  getItem = (key: string) => this.kept.get(key) ?? null
  setItem = (key: string, value: string) => void this.kept.set(key, value)
}

/** What is kept in this machine's database. */
async function outboxes(): Promise<number> {
  const database = await openDB("pelzhaus", 1, { upgrade: (db) => void db.createObjectStore("outbox") })
  const count = await database.count("outbox")
  database.close()
  return count
}
async function emptied(): Promise<void> {
  const database = await openDB("pelzhaus", 1, { upgrade: (db) => void db.createObjectStore("outbox") })
  await database.clear("outbox")
  database.close()
}

let server: PlainServer
let ends: (() => void)[]
const realFetch = globalThis.fetch
const session = new Memory()

beforeEach(async () => {
  await emptied()
  server = new PlainServer()
  ends = []
  session.kept.clear()
  // Windows on two machines do not hear of each other.
  delete (globalThis as { BroadcastChannel?: unknown }).BroadcastChannel
  globalThis.fetch = ((path: string, init?: RequestInit) => Promise.resolve().then(() => server.answer(path, init))) as typeof fetch
  // No locks, as on a page that comes from another machine without TLS.
  Object.assign(globalThis, { sessionStorage: session, navigator: {} })
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
const until = async (what: () => boolean | Promise<boolean>) => {
  for (let i = 0; i < 400 && !(await what()); i++) await new Promise((resolve) => setTimeout(resolve, 10))
  expect(await what()).toBe(true)
}
const saved = (store: JobStore) => until(() => store.outbox.getState().saving === "saved")
const thicker = (thickness: number) => setThickness("wall", "l2", thickness)
/** A message with so many edits from the start of the job, each a millimetre more. */
function editsOf(count: number): RequestInit {
  const ids = Array.from({ length: count }, (_, i) => `revision-${i + 1}`)
  const changes = ids.map((id, i): Change => {
    const path = ["variants", "first", "assemblies", "wall", "layers", "l2", "thickness"]
    const to = (done: number): Revision["patches"] => [{ op: "replace", path, value: (120 + done) / 1000 }]
    return { kind: "edit", revision: { id, parent: ids[i - 1] ?? START, label: "Thickness", patches: to(i + 1), inverse: to(i) } }
  })
  return { method: "POST", body: JSON.stringify({ changes }) }
}
const wool = (job: Job) => job.variants.first!.assemblies.wall!.layers.l2!.thickness

describe("an open job in the browser", () => {
  test("shows an edit at once, and the server has it soon after", async () => {
    const store = open()
    expect(store.edit(thicker(0.2))).toBeNull()
    expect(wool(store.document.getState().history.document)).toBe(0.2)
    expect(store.outbox.getState().saving).toBe("sending")
    await saved(store)
    expect(wool(server.document)).toBe(0.2)
    store.undo()
    await saved(store)
    expect(wool(server.document)).toBe(0.12)
  })

  test("does nothing of a refused edit, and says why", () => {
    const store = open()
    expect(store.edit(thicker(-1))?.message).toContain("at least")
    expect(store.document.getState().history.undo).toEqual([])
    expect(store.edit(thicker(0.12))).toBeNull()
    expect(store.outbox.getState().unsent).toEqual([])
  })

  test("shows a drag without doing it", () => {
    const store = open()
    store.show(thicker(0.3))
    expect(wool(store.document.getState().preview!)).toBe(0.3)
    expect(store.outbox.getState().unsent).toEqual([])
    store.show(null)
    expect(store.document.getState().preview).toBeNull()
  })

  test("keeps what it cannot send, over a reload, and sends it when the server is back", async () => {
    const first = open()
    server.away = true
    first.edit(thicker(0.15))
    first.edit(setLeakage({ ach50: 2 }))
    await until(() => first.outbox.getState().saving === "away")
    await until(async () => (await outboxes()) === 1)
    // The page is loaded again: the window has its name, and the job as the server has it.
    for (const end of ends.splice(0)) end()
    const second = open()
    await until(() => second.outbox.getState().unsent.length === 2)
    expect(wool(second.document.getState().history.document)).toBe(0.15)
    server.away = false
    await saved(second)
    expect([wool(server.document), server.document.variants.first!.leakage.ach50]).toEqual([0.15, 2])
    await until(async () => (await outboxes()) === 0)
  })

  test("says what the store's trouble is, keeps the edit, and sends it when there is room again", async () => {
    const store = open()
    server.refusing = { code: "disk-full", message: "The disk is full; nothing was stored." }
    store.edit(thicker(0.15))
    await until(() => store.outbox.getState().saving === "away" && store.outbox.getState().kept === true)
    expect(store.outbox.getState().refusal).toMatch(/^The disk is full/)
    expect(await outboxes()).toBe(1)
    server.refusing = null
    await saved(store)
    expect(store.outbox.getState().refusal).toBeNull()
    expect(wool(server.document)).toBe(0.15)
  })

  test("does not say that it keeps what it cannot keep", async () => {
    const put = jest.spyOn(IDBObjectStore.prototype, "put").mockImplementation(() => {
      throw new DOMException("The quota is used up.", "QuotaExceededError")
    })
    server.away = true
    const store = open()
    store.edit(thicker(0.15))
    await until(() => store.outbox.getState().kept === false)
    expect(await outboxes()).toBe(0)
    put.mockRestore()
    server.away = false
    await saved(store)
    expect(store.outbox.getState().kept).toBe(true)
  })

  test("puts what was edited before the outbox was read behind what the outbox holds", async () => {
    const first = open()
    first.edit(setLeakage({ ach50: 2 }))
    await saved(first)
    server.away = true
    first.edit(thicker(0.15))
    await until(async () => (await outboxes()) === 1)
    for (const end of ends.splice(0)) end()
    server.away = false
    const second = open()
    second.edit(setLeakage({ ach50: 9 }))
    await saved(second)
    expect([wool(server.document), server.document.variants.first!.leakage.ach50]).toEqual([0.15, 9])
    expect(server.document).toEqual(second.document.getState().history.document)
  })

  test("tells when another has written, and overwrites nothing until it is told to", async () => {
    const store = open()
    const other = open()
    other.edit(thicker(0.2))
    await saved(other)
    store.edit(thicker(0.15))
    await until(() => store.outbox.getState().saving === "foreign")
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
    await until(() => store.outbox.getState().saving === "foreign")
    await store.reload()
    expect(wool(store.document.getState().history.document)).toBe(0.2)
    expect(store.outbox.getState()).toMatchObject({ saving: "saved", unsent: [] })
  })

  test("says what the server refuses, and keeps it", async () => {
    const store = open()
    server.refusing = { code: "invalid-patch", message: "does not fit" }
    store.edit(thicker(0.15))
    await until(() => store.outbox.getState().saving === "refused")
    expect(store.outbox.getState()).toMatchObject({ refusal: "does not fit", unsent: [expect.anything()] })
  })

  test("undo presses reach the start of a job, however fast they come, and redo its end", async () => {
    server.answer("", editsOf(11))
    const store = open()
    expect(store.document.getState().history.undo).toHaveLength(3)
    for (let i = 0; i < 11; i++) store.undo()
    await until(() => server.done === 0)
    await saved(store)
    expect(store.document.getState()).toMatchObject({ behind: null, history: { head: START, undo: [] } })
    expect(wool(store.document.getState().history.document)).toBe(0.12)
    for (let i = 0; i < 11; i++) store.redo()
    await until(() => server.done === 11)
    expect(wool(store.document.getState().history.document)).toBe(0.131)
    expect(store.document.getState().history.redo).toEqual([])
  })

  test("an edit made while undo waits for the server stays", async () => {
    server.answer("", editsOf(5))
    const store = open()
    for (let i = 0; i < 5; i++) store.undo()
    store.edit(setLeakage({ ach50: 9 }))
    await until(() => server.document.variants.first!.leakage.ach50 === 9)
    await saved(store)
    expect([wool(server.document), store.document.getState().history.undo.length]).toEqual([0.122, 1])
  })
})
