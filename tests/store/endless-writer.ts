import { randomUUID } from "node:crypto"
import { setName } from "../../src/edit/brief-edits"
import { applyEdit } from "../../src/edit/apply-edit"
import { openStore } from "../../src/store/open"
import { applyChanges, openJob } from "../../src/store/revisions"

// Edits a job without end and says each number once it is acknowledged; the test kills it.
const [file, id] = process.argv.slice(2) as [string, string]
const store = openStore(file)
let { document, head } = openJob(store, id)!
for (let i = 0; ; i++) {
  const result = applyEdit(document, setName(`edit ${i}`))
  if (!result.ok || !result.value) throw new Error("The edit did nothing.")
  const { job, patches, inverse, label } = result.value
  const revision = { id: randomUUID(), parent: head, label, patches, inverse }
  if (!applyChanges(store, id, [{ kind: "edit", revision }], new Date().toISOString()).ok) throw new Error("The edit was refused.")
  process.stdout.write(`${i}\n`)
  document = job
  head = revision.id
}
