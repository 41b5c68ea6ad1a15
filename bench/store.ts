import { randomUUID } from "node:crypto"
import { mkdtempSync, rmSync } from "node:fs"
import { tmpdir } from "node:os"
import { join } from "node:path"
import { setThickness } from "../src/edit/assembly-edits"
import { applyEdit } from "../src/edit/apply-edit"
import { replay } from "../src/edit/revision"
import { demoJobs } from "../src/edit/start/demo-jobs"
import type { Change, Revision } from "../src/schema/change"
import { createJob } from "../src/store/jobs"
import { openStore, type Store, storeFile } from "../src/store/open"
import { applyChanges, openJob } from "../src/store/revisions"
import { medianTime, row, type Row } from "./measure"

/** Size of revisions, and how fast a much edited job opens. */
export async function benchStore(): Promise<Row[]> {
  const folder = mkdtempSync(join(tmpdir(), "pelzhaus-bench-"))
  const store = openStore(storeFile(folder))
  try {
    const id = createJob(store, demoJobs()[2]!, NOW)
    const empty = sizeOf(store)
    edit(store, id, 1000)
    const thousand = (sizeOf(store) - empty) / 1000
    edit(store, id, 9000)
    const opening = await medianTime(30, () => openJob(store, id))
    const all = store.prepare<[], { patches: string }>("SELECT patches FROM revision ORDER BY sequence").all()
    const plain = await medianTime(3, () =>
      all.reduce((job, { patches }) => replay(job, { patches: JSON.parse(patches) as Revision["patches"] }), demoJobs()[2]!),
    )
    const saving = await medianTime(60, () => edit(store, id, 1))
    return [
      row("a revision in the store, after 1,000 edits", thousand, "bytes", null),
      row("a job of 10,000 edits opens", opening, "ms", 300),
      row("replaying all 10,000 against opening from a checkpoint", plain / opening, "times", null),
      row("an edit until it is on the disk", saving, "ms", null),
    ]
  } finally {
    store.close()
    rmSync(folder, { recursive: true, force: true })
  }
}

const NOW = "2026-11-25T12:00:00.000Z"

function sizeOf(store: Store): number {
  return Number(store.pragma("page_count", { simple: true })) * Number(store.pragma("page_size", { simple: true }))
}

function edit(store: Store, id: string, count: number): void {
  for (let left = count; left > 0; left -= 100) {
    let { document, head } = openJob(store, id)!
    const changes: Change[] = []
    for (let i = 0; i < Math.min(100, left); i++) {
      const result = applyEdit(document, setThickness("wall", "l2", 0.1 + Math.round(Math.random() * 1e6) / 1e7))
      if (!result.ok || !result.value) continue
      const { job, patches, inverse, label } = result.value
      const revision = { id: randomUUID(), parent: head, label, patches, inverse }
      changes.push({ kind: "edit", revision })
      ;[document, head] = [job, revision.id]
    }
    const done = applyChanges(store, id, changes, NOW)
    if (!done.ok) throw new Error(done.error.message)
  }
}
