import { existsSync, mkdirSync, renameSync, rmSync } from "node:fs"
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
 * Puts a backup in the place of a store; the store that was there is kept beside it.
 * @returns where the former store went, or null when there was none
 */
export function restore(backup: string, folder: string, now: Date): string | null {
  if (!existsSync(backup)) throw new Error(`There is no backup ${backup}.`)
  checkSound(backup)
  const file = storeFile(folder)
  mkdirSync(folder, { recursive: true })
  const former = existsSync(file) ? join(folder, `before-restore-${now.toISOString().replace(/[:.]/g, "-")}.db`) : null
  if (former) moveAside(file, former)
  const fresh = `${file}.new`
  rmSync(fresh, { force: true })
  const source = new Database(backup, { readonly: true })
  source.exec(`VACUUM INTO '${fresh.replace(/'/g, "''")}'`)
  source.close()
  renameSync(fresh, file)
  openStore(file).close()
  return former
}

function checkSound(backup: string): void {
  let state: unknown
  try {
    const store = new Database(backup, { readonly: true })
    state = store.pragma("integrity_check", { simple: true })
    store.prepare("SELECT count(*) FROM job").get()
    store.close()
  } catch {
    state = "not a store"
  }
  if (state !== "ok") throw new Error(`${backup} is not a sound backup (${String(state)}); nothing was changed.`)
}

/** Leaving the write-ahead log takes sole use of the store and writes the log into it, so that one file holds everything. */
function moveAside(file: string, former: string): void {
  const store = new Database(file, { timeout: 300 })
  try {
    store.pragma("journal_mode = DELETE")
  } catch {
    throw new Error("The store is in use; stop Pelzhaus first.")
  } finally {
    store.close()
  }
  renameSync(file, former)
}
