import { createHash } from "node:crypto"
import { existsSync, mkdirSync, readdirSync, readFileSync } from "node:fs"
import { basename, dirname, join } from "node:path"
import Database from "better-sqlite3"

export type Store = Database.Database

/** Where the data of this machine lives; the demo and the tests name folders of their own. */
export function dataFolder(): string {
  return process.env.PELZHAUS_DATA ?? join(process.cwd(), "data")
}

export const storeFile = (folder = dataFolder()) => join(folder, "pelzhaus.db")

/** The numbered SQL files, relative to the project's folder from which every command starts. */
const MIGRATIONS = join("src", "store", "migrations")

/**
 * Opens a store and brings it up to date. Every commit reaches the disk before it is acknowledged.
 * @throws Error with a plain message when a migration is missing, changed or newer than this program
 */
export function openStore(file: string): Store {
  mkdirSync(dirname(file), { recursive: true })
  refuseVanished(file)
  const store = new Database(file)
  store.pragma("journal_mode = WAL")
  store.pragma("synchronous = FULL")
  store.pragma("foreign_keys = ON")
  store.pragma("busy_timeout = 5000")
  migrateStore(store)
  return store
}

/** @throws Error where a store is gone and former ones lie beside it: a new one would be an empty shelf that nobody asked for */
function refuseVanished(file: string): void {
  if (existsSync(file)) return
  const former = readdirSync(dirname(file)).filter((name) => /^before-restore-.*\.db$/.test(name))
  if (former.length > 0)
    throw new Error(
      `There is no store ${file}, while former ones lie beside it: ${former.join(", ")}. Name one of them ${basename(file)}, or move them away to begin with an empty shelf.`,
    )
}

interface Migration {
  name: string
  sql: string
  checksum: string
}

function migrateStore(store: Store): void {
  store.exec("CREATE TABLE IF NOT EXISTS migration (name TEXT PRIMARY KEY, checksum TEXT NOT NULL, applied_at TEXT NOT NULL) STRICT")
  const files = readMigrations()
  const applied = store.prepare<[], { name: string; checksum: string }>("SELECT name, checksum FROM migration ORDER BY name").all()
  for (const { name, checksum } of applied) {
    const file = files.find((migration) => migration.name === name)
    if (!file) throw new Error(`The data was written by a newer Pelzhaus (it knows ${name}). Start that one, or restore an older backup.`)
    if (file.checksum !== checksum)
      throw new Error(`The migration ${name} was changed after it had been applied. Restore the file as it was.`)
  }
  for (const migration of files.slice(applied.length)) apply(store, migration)
}

function apply(store: Store, { name, sql, checksum }: Migration): void {
  store.transaction(() => {
    store.exec(sql)
    store.prepare("INSERT INTO migration (name, checksum, applied_at) VALUES (?, ?, ?)").run(name, checksum, new Date().toISOString())
  })()
}

function readMigrations(): Migration[] {
  return readdirSync(MIGRATIONS)
    .filter((name) => name.endsWith(".sql"))
    .sort()
    .map((name) => {
      const sql = readFileSync(join(MIGRATIONS, name), "utf8")
      return { name, sql, checksum: createHash("sha256").update(sql).digest("hex") }
    })
}
