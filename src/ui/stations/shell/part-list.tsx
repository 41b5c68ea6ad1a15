"use client"
import { Plus, Trash2 } from "lucide-react"
import { type ReactNode, useState } from "react"
import type { Part, Parts } from "../../../edit/shell-edits"
import type { SurfaceId } from "../../../core/enclosure/surface"
import type { Fault } from "../../../schema/outcome"
import { fieldsOf } from "../../fields/fields-of"
import { useJobStore, useSelection } from "../../job/job-store"
import { isChosen } from "../../job/selection"
import { Button, IconButton } from "../../primitives/button"
import { Refusal } from "../../primitives/refusal"
import { useParts } from "./use-parts"

type Named = Exclude<keyof Parts, "readings">

interface Props<L extends Named> {
  list: L
  title: string
  addName: string
  /** The part that is added; null where there is no room for it, as `full` says. */
  first: () => Part<L> | null
  full?: string
  /** What is asked before one is added. */
  ask?: ReactNode
  /** What a part is, in a line behind its name. */
  words: (part: Part<L>) => string
  /** The face that it is on, or the surface that it is; choosing it chooses that too. */
  face?: (part: Part<L>, id: string) => SurfaceId
  /** A line under the list. @param none whether nothing is in it */
  note: (none: boolean) => ReactNode
  /** The fields of the chosen part beside its name. */
  children: (part: Part<L>, id: string, change: (change: Partial<Part<L>>) => Fault | null) => ReactNode
}

/** Parts of the shell; the chosen one is open to be changed. */
export function PartList<L extends Named>({ list, title, addName, first, full, ask, words, face, note, children }: Props<L>) {
  const chosen = useSelection((view) => view.part)
  const store = useJobStore()
  const { entries, add, change, remove } = useParts(list)
  const [refusal, setRefusal] = useState<string | null>(null)
  const onAdd = () => {
    const part = first()
    setRefusal(part ? (add(part)?.message ?? null) : (full ?? null))
  }
  const under = note(entries.length === 0)
  return (
    <section aria-label={title}>
      <div className="flex items-end justify-between gap-3 pb-1">
        <h2 className="grow font-display text-[15px] font-semibold">{title}</h2>
        {ask}
        <Button onClick={onAdd}>
          <Plus size={14} aria-hidden className="mr-1 inline" />
          {addName}
        </Button>
      </div>
      <Refusal>{refusal}</Refusal>
      <ul>
        {entries.map(([id, part]) => {
          const open = isChosen(chosen, list, id)
          const own = (next: Partial<Part<L>>) => change(id, next)
          const on = face ? { face: face(part, id), layer: null } : {}
          return (
            <li key={id} className="border-b border-seam py-1">
              <div className="flex items-center gap-2">
                <button
                  type="button"
                  aria-expanded={open}
                  className="grow truncate text-left"
                  onClick={() => store.choose({ part: open ? null : { list, id }, ...on })}
                >
                  <span className="font-semibold">{part.name}</span>
                  <span className="text-graphite">, {words(part)}</span>
                </button>
                <IconButton name={`Remove ${part.name}`} onClick={() => remove(id)}>
                  <Trash2 size={16} aria-hidden />
                </IconButton>
              </div>
              {open ? (
                <div className="grid grid-cols-3 items-end gap-x-4 gap-y-2 pt-1 pb-3">
                  {fieldsOf<{ name: string }>(part, (name) => own(name as Partial<Part<L>>)).text("name", "Name")}
                  {children(part, id, own)}
                </div>
              ) : null}
            </li>
          )
        })}
      </ul>
      {under === undefined ? null : <div className="pt-1 text-graphite">{under}</div>}
    </section>
  )
}
