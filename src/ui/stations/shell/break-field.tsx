"use client"
import { QuantityField } from "../../primitives/fields"
import { setBreak } from "../../../edit/assembly-edits"
import type { Breaks } from "../../../schema/job/job"
import { useJob, useJobStore } from "../../job/job-store"

/** Plastic across a frame or in a bar; it belongs to the variant, the frame and the bar to all of them. */
export function BreakField({ list, id, label }: { list: keyof Breaks; id: string; label: string }) {
  const { variants, active, order } = useJob()
  const store = useJobStore()
  return (
    <QuantityField
      label={order.length > 1 ? `${label}, in this variant` : label}
      kind="length"
      value={variants[active]!.breaks[list][id] ?? 0}
      onCommit={(thickness) => store.edit(setBreak(list, id, thickness))}
    />
  )
}
