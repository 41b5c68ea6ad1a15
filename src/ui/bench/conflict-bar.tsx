"use client"
import { useJobStore, useOutbox } from "../job/job-store"
import { Button } from "../primitives/button"

/** What to do when another window has written, or the server refuses: nothing is overwritten in silence. */
export function ConflictBar() {
  const saving = useOutbox((view) => view.saving)
  const refusal = useOutbox((view) => view.refusal)
  const unsent = useOutbox((view) => view.unsent.length)
  const store = useJobStore()
  if (saving !== "foreign" && saving !== "refused") return null
  const words =
    saving === "refused"
      ? `The server did not take the last change: ${refusal ?? ""}`
      : `This job was changed in another window.${unsent > 0 ? ` ${unsent} of your changes are not saved.` : ""}`
  return (
    <div role="alert" className="flex flex-wrap items-center gap-3 border-b border-ink bg-sheet px-4 py-2">
      <span className="border-l-[3px] border-clay pl-3 font-semibold">{words}</span>
      <Button look="strong" onClick={() => void store.takeOver()}>
        Take over with what is here
      </Button>
      <Button onClick={() => void store.reload()}>Reload what was saved</Button>
    </div>
  )
}
