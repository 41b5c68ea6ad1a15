import { v4 as newId } from "uuid"
import type { Change } from "../../schema/change"
import type { Job } from "../../schema/job/job"

/** What was typed and is not on the server's disk yet, with the whole job as this window has it. */
export interface StoredOutbox {
  changes: Change[]
  document: Job
}

const PREFIX = "pelzhaus:unsent:"
const keyOf = (job: string, window: string) => `${PREFIX}${job}:${window}`

/** Keeps the outbox where a reload, a crash or an empty battery leaves it. @returns whether it could be kept */
export function storeOutbox(job: string, window: string, outbox: StoredOutbox): boolean {
  try {
    if (outbox.changes.length === 0) localStorage.removeItem(keyOf(job, window))
    else localStorage.setItem(keyOf(job, window), JSON.stringify(outbox))
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
  const own = read(keyOf(job, window))
  if (own) return { window, outbox: own }
  const alive = await windowsAlive()
  for (const key of Object.keys(localStorage)) {
    if (!key.startsWith(`${PREFIX}${job}:`) || alive.has(key.split(":")[3] ?? "")) continue
    const outbox = read(key)
    if (!outbox) continue
    storeOutbox(job, window, outbox)
    localStorage.removeItem(key)
    return { window, outbox }
  }
  return { window, outbox: null }
}

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

function read(key: string): StoredOutbox | null {
  try {
    return JSON.parse(localStorage.getItem(key) ?? "null") as StoredOutbox | null
  } catch {
    return null
  }
}
