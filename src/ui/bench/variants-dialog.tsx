"use client"
import { Trash2 } from "lucide-react"
import { useState } from "react"
import { v4 as newId } from "uuid"
import { setName } from "../../edit/brief-edits"
import { addVariant, pin, removeVariant, renameVariant, setActive, unpin } from "../../edit/variant-edits"
import { useJob, useJobStore } from "../job/job-store"
import { Button, IconButton } from "../primitives/button"
import { Dialog } from "../primitives/dialog"
import { TypedField } from "../primitives/fields"

/** The job's name, its variants and what is pinned. */
export function VariantsDialog({ onClose }: { onClose: () => void }) {
  const job = useJob()
  const store = useJobStore()
  const [renaming, setRenaming] = useState<string | null>(null)
  const active = job.variants[job.active]!
  return (
    <Dialog
      open
      onClose={onClose}
      title="Variants"
      words="Ways to build the same job: each has its own build-ups and leakage; brief and shell are shared."
    >
      <div className="grid gap-3">
        <TypedField label="Name of the job" shown={job.name} onCommit={(text) => store.edit(setName(text.trim()))} />
        <ul className="border-y border-seam">
          {job.order.map((id) => (
            <li key={id} className="flex items-center gap-2 border-b border-seam py-1 last:border-0">
              {renaming === id ? (
                <div className="grow">
                  <TypedField
                    autoFocus
                    label="Name of the variant"
                    shown={job.variants[id]!.name}
                    onCommit={(text) => {
                      const fault = store.edit(renameVariant(id, text.trim()))
                      if (!fault) setRenaming(null)
                      return fault
                    }}
                  />
                </div>
              ) : (
                <>
                  <button
                    type="button"
                    aria-pressed={id === job.active}
                    className={`grow rounded-soft px-2 py-1 text-left hover:bg-chosen ${id === job.active ? "font-semibold text-spruce" : ""}`}
                    onClick={() => store.edit(setActive(id))}
                  >
                    {job.variants[id]!.name}
                  </button>
                  <Button look="link" onClick={() => setRenaming(id)}>
                    Rename
                  </Button>
                  <IconButton
                    name={`Remove ${job.variants[id]!.name}`}
                    disabled={job.order.length === 1}
                    onClick={() => store.edit(removeVariant(id))}
                  >
                    <Trash2 size={16} aria-hidden />
                  </IconButton>
                </>
              )}
            </li>
          ))}
        </ul>
        <div className="flex flex-wrap gap-2">
          <Button
            look="strong"
            onClick={() => store.edit(addVariant(`v-${newId().slice(0, 8)}`, `${active.name.slice(0, 110)}, ${job.order.length + 1}`))}
          >
            Copy to a new variant
          </Button>
          {job.pinned ? (
            <Button onClick={() => store.edit(unpin())}>Stop comparing</Button>
          ) : (
            <Button onClick={() => store.edit(pin(active.name))}>Compare with this state from now on</Button>
          )}
        </div>
        <p className="text-graphite">
          {job.pinned
            ? `Compared with ${job.pinned.name}: the ledger shows what has changed since.`
            : "Nothing is compared; the ledger shows no changes."}
        </p>
      </div>
    </Dialog>
  )
}
