"use client"
import { type ReactNode, useState } from "react"

/** A line that unfolds into what costs work to draw: it is drawn only while it is open. */
export function Unfolding({ words, children }: { words: string; children: () => ReactNode }) {
  const [open, setOpen] = useState(false)
  return (
    <details className="col-span-3" open={open} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="text-spruce underline underline-offset-2">{words}</summary>
      {open ? children() : null}
    </details>
  )
}
