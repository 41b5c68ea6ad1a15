import { KNOWN } from "../edit/known"
import type { Kept, KeptThing } from "../schema/kept"
import { readKept } from "../schema/read-kept"
import type { Store } from "./open"

/** Build-ups and own materials on the shelf, the newest first; what cannot be read is named and stays. */
export function listKept(store: Store): Kept {
  const kept: Kept = { things: [], unreadable: [] }
  const rows = store
    .prepare<[], { id: string; document: string }>("SELECT id, document FROM kept WHERE deleted_at IS NULL ORDER BY kept_at DESC, id")
    .all()
  for (const { id, document } of rows) {
    const read = readKept(JSON.parse(document), KNOWN)
    if (read.ok) kept.things.push({ id, document: read.value })
    else kept.unreadable.push({ id, message: read.error.message })
  }
  return kept
}

/** Keeps a thing under a name of its own; one that is there already is written anew. */
export function keep(store: Store, id: string, document: KeptThing, now: string): void {
  store
    .prepare(
      `INSERT INTO kept (id, document, kept_at) VALUES (?, ?, ?)
       ON CONFLICT (id) DO UPDATE SET document = excluded.document, kept_at = excluded.kept_at, deleted_at = NULL`,
    )
    .run(id, JSON.stringify(document), now)
}

/** Takes a thing off the shelf, or puts it back. */
export function setKeptDeleted(store: Store, id: string, deletedAt: string | null): boolean {
  return store.prepare("UPDATE kept SET deleted_at = ? WHERE id = ?").run(deletedAt, id).changes === 1
}
