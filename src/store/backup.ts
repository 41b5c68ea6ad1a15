import { closeSync, existsSync, fsyncSync, linkSync, mkdirSync, openSync, renameSync, rmSync, statfsSync, statSync } from "node:fs"
import { dirname, join } from "node:path"
import Database from "better-sqlite3"
import { openStore, storeFile } from "./open"

/** Copies a store that may be in use into one file. */
export async function backUp(folder: string, target: string): Promise<void> {
  const file = storeFile(folder)
  if (!existsSync(file)) throw new Error(`There is nothing to back up: ${file} does not exist.`)
  if (existsSync(target)) throw new Error(`${target} exists already; name another file.`)
  mkdirSync(dirname(target), { recursive: true })
  const store = new Database(file, { readonly: true })
  try {
    await store.backup(target)
  } finally {
    store.close()
  }
}

/**
 * Puts a backup in the place of a store; the store that was there is kept beside it. All that can fail is done beside first: the copy, its
 * migrations and its check; only then the two change places in one step, so that whoever ends this at any moment finds the one or the other.
 * @returns where the former store went, or null when there was none
 */
export function restore(backup: string, folder: string, now: Date): string | null {
  const file = storeFile(folder)
  if (!existsSync(backup)) throw new Error(`There is no backup ${backup}.`)
  if (isSame(backup, file)) throw new Error(`${backup} is the store itself; nothing was changed.`)
  checkSound(backup)
  mkdirSync(folder, { recursive: true })
  checkRoom(backup, folder)
  const fresh = `${file}.restoring`
  removeStore(fresh)
  try {
    copyInto(backup, fresh)
    const former = existsSync(file) ? join(folder, `before-restore-${now.toISOString().replace(/[:.]/g, "-")}.db`) : null
    if (former) closeLog(file)
    if (former) linkSync(file, former)
    syncFolder(folder)
    renameSync(fresh, file)
    syncFolder(folder)
    return former
  } finally {
    removeStore(fresh)
  }
}

/** Whether two names lead to one file. */
function isSame(a: string, b: string): boolean {
  if (!existsSync(b)) return false
  const [one, other] = [statSync(a), statSync(b)]
  return one.dev === other.dev && one.ino === other.ino
}

/** Tables that a store has had from its first version on. */
const TABLES = ["job", "revision", "checkpoint", "migration"] as const

function checkSound(backup: string): void {
  let state: unknown
  try {
    const store = new Database(backup, { readonly: true })
    try {
      state = store.pragma("integrity_check", { simple: true })
      for (const table of TABLES) store.prepare(`SELECT count(*) FROM ${table}`).get()
    } finally {
      store.close()
    }
  } catch {
    state = "not a store"
  }
  if (state !== "ok") throw new Error(`${backup} is not a sound backup (${String(state)}); nothing was changed.`)
}

/** The copy, and as much again while it is taken up to date. */
function checkRoom(backup: string, folder: string): void {
  const { bavail, bsize } = statfsSync(folder)
  const needed = 2 * statSync(backup).size
  if (bavail * bsize < needed)
    throw new Error(
      `There is no room for ${backup} in ${folder}: ${Math.ceil(needed / 1e6)} MB are needed, ${Math.floor((bavail * bsize) / 1e6)} MB are free. Nothing was changed.`,
    )
}

/** Copies a backup and takes the copy up to date, in one file that is on the disk. */
function copyInto(backup: string, fresh: string): void {
  try {
    const source = new Database(backup, { readonly: true })
    try {
      source.exec(`VACUUM INTO '${fresh.replace(/'/g, "''")}'`)
    } finally {
      source.close()
    }
    openStore(fresh).close()
    closeLog(fresh)
    checkSound(fresh)
    syncFile(fresh)
  } catch (error) {
    throw new Error(`${backup} could not be made ready (${(error as Error).message}); the store is as it was.`, { cause: error })
  }
}

/** Leaving the write-ahead log takes sole use of a store and writes the log into it, so that one file holds everything. */
function closeLog(file: string): void {
  const store = new Database(file, { timeout: 300 })
  try {
    store.pragma("journal_mode = DELETE")
  } catch {
    throw new Error(`The store ${file} is in use; stop Pelzhaus first. Nothing was changed.`)
  } finally {
    store.close()
  }
}

/** Removes a store with what SQLite lays beside it. */
const removeStore = (file: string): void => ["", "-wal", "-shm", "-journal"].forEach((end) => rmSync(`${file}${end}`, { force: true }))

function syncFile(file: string): void {
  const handle = openSync(file, "r+")
  try {
    fsyncSync(handle)
  } finally {
    closeSync(handle)
  }
}

/** Makes names that were given or changed last. */
function syncFolder(folder: string): void {
  const handle = openSync(folder, "r")
  try {
    fsyncSync(handle)
  } catch {
    // Some systems know no such thing for folders.
  } finally {
    closeSync(handle)
  }
}
