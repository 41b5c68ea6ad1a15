import type { Fault } from "../schema/outcome"

/** What SQLite's codes mean for who wanted to write or read. @see https://sqlite.org/rescode.html */
const TROUBLES: readonly [codes: RegExp, code: string, message: string][] = [
  [/^SQLITE_FULL/, "disk-full", "The disk is full; nothing was stored. Make room, and it goes on."],
  [/^SQLITE_READONLY/, "store-read-only", "The store cannot be written: it is read-only. Look at the rights of its folder."],
  [/^SQLITE_(BUSY|LOCKED)/, "store-busy", "The store is in use by another program; nothing was stored. Try again in a moment."],
  [
    /^SQLITE_(IOERR|CANTOPEN|CORRUPT|NOTADB|PERM)/,
    "store-broken",
    "The store cannot be read or written. Look at its disk; a backup can be restored.",
  ],
]

/** What is wrong with the store itself, if that is why something failed; null for any other error. */
export function storeTrouble(error: unknown): Fault | null {
  const sqlite = (error as { code?: unknown } | null)?.code
  if (typeof sqlite !== "string") return null
  const found = TROUBLES.find(([codes]) => codes.test(sqlite)) ?? (sqlite === "ENOSPC" ? TROUBLES[0] : undefined)
  return found ? { code: found[1], path: [], message: found[2] } : null
}
