"use client"
import { Plus, Trash2 } from "lucide-react"
import { type ReactNode, useState } from "react"
import { Button, IconButton } from "../../primitives/button"

/** A part of the shell in a list: what it is in a line, and its fields when it is opened. */
export interface Part {
  id: string
  name: string
  words: string
  fields: ReactNode
  onRemove: () => void
}

interface Props {
  title: string
  addName: string
  /** Adds a part and gives its id, or null when it was refused. */
  onAdd: () => string | null
  parts: readonly Part[]
  /** A line under the list. */
  children?: ReactNode
}

/** Parts of the shell, one at a time opened to be changed. */
export function PartList({ title, addName, onAdd, parts, children }: Props) {
  const [opened, setOpened] = useState<string | null>(null)
  return (
    <div className="border-t border-seam pt-3">
      <div className="flex items-center justify-between">
        <h2 className="font-display text-[15px] font-semibold">{title}</h2>
        <Button onClick={() => setOpened(onAdd())}>
          <Plus size={14} aria-hidden className="mr-1 inline" />
          {addName}
        </Button>
      </div>
      <ul>
        {parts.map(({ id, name, words, fields, onRemove }) => (
          <li key={id} className="border-b border-seam py-1">
            <div className="flex items-center gap-2">
              <button
                type="button"
                aria-expanded={opened === id}
                className="grow truncate text-left"
                onClick={() => setOpened(opened === id ? null : id)}
              >
                <span className="font-semibold">{name}</span>
                <span className="text-graphite">, {words}</span>
              </button>
              <IconButton name={`Remove ${name}`} onClick={onRemove}>
                <Trash2 size={16} aria-hidden />
              </IconButton>
            </div>
            {opened === id ? fields : null}
          </li>
        ))}
      </ul>
      {children === undefined ? null : <p className="text-graphite">{children}</p>}
    </div>
  )
}
