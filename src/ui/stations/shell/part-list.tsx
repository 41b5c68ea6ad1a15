"use client"
import type { Parts } from "../../../edit/shell-edits"
import { Plus, Trash2 } from "lucide-react"
import { type ReactNode, useState } from "react"
import type { FaceId } from "../../../schema/job/shell"
import type { Fault } from "../../../schema/parse"
import { isChosen, useJobStore, useJobView } from "../../job/job-store"
import { Button, IconButton } from "../../primitives/button"
import { TypedField } from "../../primitives/fields"
import { Refusal } from "../../primitives/refusal"

/** A part of the shell in a list: what it is in a line, and its fields when it is chosen. */
export interface Part {
  id: string
  name: string
  words: string
  /** The face that it is on; choosing it chooses the face too. */
  face?: FaceId
  fields: ReactNode
  onRemove: () => void
}

interface Props {
  /** The list of the shell that they are in. */
  list: keyof Parts
  title: string
  addName: string
  /** Adds a part; a fault says why not. */
  onAdd: () => Fault | null
  /** What is asked before one is added. */
  ask?: ReactNode
  parts: readonly Part[]
  /** A line under the list. */
  children?: ReactNode
}

/** Parts of the shell; the chosen one is open to be changed. */
export function PartList({ list, title, addName, onAdd, ask, parts, children }: Props) {
  const chosen = useJobView((view) => view.part)
  const store = useJobStore()
  const [refusal, setRefusal] = useState<string | null>(null)
  return (
    <section aria-label={title}>
      <div className="flex items-end justify-between gap-3 pb-1">
        <h2 className="grow font-display text-[15px] font-semibold">{title}</h2>
        {ask}
        <Button onClick={() => setRefusal(onAdd()?.message ?? null)}>
          <Plus size={14} aria-hidden className="mr-1 inline" />
          {addName}
        </Button>
      </div>
      <Refusal>{refusal}</Refusal>
      <ul>
        {parts.map(({ id, name, words, face, fields, onRemove }) => {
          const open = isChosen(chosen, list, id)
          return (
            <li key={id} className="border-b border-seam py-1">
              <div className="flex items-center gap-2">
                <button
                  type="button"
                  aria-expanded={open}
                  className="grow truncate text-left"
                  onClick={() => store.choose({ part: open ? null : { list, id }, ...(face ? { face, layer: null } : {}) })}
                >
                  <span className="font-semibold">{name}</span>
                  <span className="text-graphite">, {words}</span>
                </button>
                <IconButton name={`Remove ${name}`} onClick={onRemove}>
                  <Trash2 size={16} aria-hidden />
                </IconButton>
              </div>
              {open ? <div className="grid grid-cols-3 items-end gap-x-4 gap-y-2 pt-1 pb-3">{fields}</div> : null}
            </li>
          )
        })}
      </ul>
      {children === undefined ? null : <div className="pt-1 text-graphite">{children}</div>}
    </section>
  )
}

/** What a part is called. */
export function NameField({ part, onChange }: { part: { name: string }; onChange: (change: { name: string }) => Fault | null }) {
  return <TypedField label="Name" shown={part.name} onCommit={(name) => onChange({ name: name.trim() })} />
}
