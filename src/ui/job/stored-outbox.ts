import { type DBSchema, type IDBPDatabase, openDB } from "idb"
import { v4 as newId } from "uuid"
import type { Change } from "../../schema/change"
import type { Job } from "../../schema/job/job"

/** What was typed and is not on the server's disk yet, with the whole job as this window has it. */
export interface StoredOutbox {
  changes: Change[]
  document: Job
}

interface OutboxSchema extends DBSchema {
  outbox: { key: [job: string, window: string]; value: StoredOutbox }
}

/** Opened when it is first needed, and anew after it failed: a window may be let in later. */
let opened: Promise<IDBPDatabase<OutboxSchema>> | null = null
const database = (): Promise<IDBPDatabase<OutboxSchema>> =>
  (opened ??= openDB<OutboxSchema>("pelzhaus", 1, { upgrade: (db) => void db.createObjectStore("outbox") }).catch((error: unknown) => {
    opened = null
    throw error
  }))

/** Keeps the outbox where a reload, a crash or an empty battery leaves it. @returns whether it is on this machine's disk */
export async function storeOutbox(job: string, window: string, outbox: StoredOutbox): Promise<boolean> {
  try {
    // Done is only what the disk has: a browser that is killed a moment later must find it again.
    const step = (await database()).transaction("outbox", "readwrite", { durability: "strict" })
    if (outbox.changes.length === 0) await step.store.delete([job, window])
    else await step.store.put(outbox, [job, window])
    await step.done
    return true
  } catch {
    return false
  }
}

/**
 * Takes what this window, or a window that is gone, had kept for a job.
 * @returns the outbox and the window it belongs to now
 */
export async function takeOutbox(job: string): Promise<{ window: string; outbox: StoredOutbox | null }> {
  const window = await windowName()
  const alive = await windowsAlive()
  try {
    const step = (await database()).transaction("outbox", "readwrite", { durability: "strict" })
    const keys = (await step.store.getAllKeys()).filter(([of]) => of === job)
    const from = keys.find(([, name]) => name === window) ?? keys.find(([, name]) => !alive.has(name))
    const outbox = (from && (await step.store.get(from))) ?? null
    if (outbox && from![1] !== window) {
      await step.store.put(outbox, [job, window])
      await step.store.delete(from!)
    }
    await step.done
    return { window, outbox }
  } catch {
    return { window, outbox: null }
  }
}

/** Names the lock that a window holds for as long as it lives. */
const PREFIX = "pelzhaus:unsent:"

/**
 * A name that this window keeps over reloads. A duplicated window starts with the same name; the lock tells them apart.
 */
async function windowName(): Promise<string> {
  const kept = sessionStorage.getItem("pelzhaus:window")
  const name = kept && (await holdLock(kept)) ? kept : newId()
  if (name !== kept) await holdLock(name)
  sessionStorage.setItem("pelzhaus:window", name)
  return name
}

const held = new Set<string>()

/** Holds a lock for as long as the window lives. Without locks (a page that is not from this machine) every name is free. */
function holdLock(name: string): Promise<boolean> {
  if (!("locks" in navigator) || held.has(name)) return Promise.resolve(true)
  return new Promise((resolve) => {
    void navigator.locks.request(`${PREFIX}${name}`, { ifAvailable: true }, (lock) => {
      resolve(lock !== null)
      if (!lock) return
      held.add(name)
      return new Promise<void>(() => {})
    })
  })
}

async function windowsAlive(): Promise<Set<string>> {
  if (!("locks" in navigator)) return new Set()
  const { held: locks = [] } = await navigator.locks.query()
  return new Set(locks.map((lock) => lock.name?.slice(PREFIX.length) ?? ""))
}
