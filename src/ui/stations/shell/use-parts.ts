"use client"
import { v4 as newId } from "uuid"
import { addPart, type Part, type Parts, removePart, setPart } from "../../../edit/shell-edits"
import type { Fault } from "../../../schema/outcome"
import { useJob, useJobStore } from "../../job/job-store"

/** One of the shell's lists of parts, and what can be done to it; a part that is added is chosen. */
export function useParts<L extends keyof Parts>(list: L) {
  const store = useJobStore()
  const entries = Object.entries(useJob().shell[list]) as [string, Part<L>][]
  return {
    entries,
    add: (part: Part<L>): Fault | null => {
      const id = `${list}-${newId().slice(0, 8)}`
      const fault = store.edit(addPart(list, id, part))
      // A zone is a surface too.
      if (!fault) store.choose({ part: { list, id }, ...(list === "zones" && { face: id, layer: null }) })
      return fault
    },
    change: (id: string, change: Partial<Part<L>>): Fault | null => store.edit(setPart(list, id, change)),
    remove: (id: string) => void store.edit(removePart(list, id)),
  }
}
