import { createHash } from "node:crypto"
import type { Store } from "./open"

/** More results are not kept: the one kept longest goes first. Each is a few kilobytes. */
export const MOST_RESULTS = 2000

/** Names a result by its kind and all that it depends on. */
export const resultHash = (kind: string, key: string): string => createHash("sha256").update(`${kind}:${key}`).digest("hex")

/** Results as this build worked them out, by their hashes; what is not kept is left out. */
export function keptResults(store: Store, program: string, hashes: readonly string[]): Map<string, unknown> {
  const find = store.prepare<[string, string], { result: string }>("SELECT result FROM result WHERE hash = ? AND program = ?")
  return new Map(
    hashes.flatMap((hash): [string, unknown][] => {
      const row = find.get(hash, program)
      return row ? [[hash, JSON.parse(row.result)]] : []
    }),
  )
}

/** Keeps results; those of other builds and the oldest beyond what is kept go. */
export function keepResults(store: Store, program: string, results: ReadonlyMap<string, unknown>, now: string): void {
  const put = store.prepare("INSERT OR REPLACE INTO result (hash, program, result, kept_at) VALUES (?, ?, ?, ?)")
  const others = store.prepare("DELETE FROM result WHERE program <> ?")
  const oldest = store.prepare("DELETE FROM result WHERE hash IN (SELECT hash FROM result ORDER BY kept_at DESC, hash LIMIT -1 OFFSET ?)")
  store
    .transaction(() => {
      for (const [hash, result] of results) put.run(hash, program, JSON.stringify(result), now)
      others.run(program)
      oldest.run(MOST_RESULTS)
    })
    .immediate()
}
