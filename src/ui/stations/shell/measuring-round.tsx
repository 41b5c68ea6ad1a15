"use client"
import { useState } from "react"
import type { Reading } from "../../../schema/job/shell"
import { Button } from "../../primitives/button"
import { later } from "../../primitives/later"

const Round = later(() => import("./round").then((module) => module.Round))

/** Asks for one length after the other, in the order in which one walks around and through the thing, and draws the pelt as it grows. */
export function MeasuringRound({ held }: { held: Reading["held"] }) {
  const [open, setOpen] = useState(false)
  return (
    <div>
      <Button onClick={() => setOpen(true)}>Measuring round</Button>
      {open ? <Round start={held} onDone={() => setOpen(false)} /> : null}
    </div>
  )
}
