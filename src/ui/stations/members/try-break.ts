import { v4 as newId } from "uuid"
import { crossingOf } from "../../../core/assembly/crossing"
import type { FaceFigures } from "../../../core/ledger/face-figures"
import { addLayer } from "../../../edit/assembly-edits"
import { addVariant } from "../../../edit/variant-edits"
import type { JobStore } from "../../job/job-store"

/** A variant of its own with one layer more across the inside of a set's members. */
export function tryBreak(store: JobStore, figures: FaceFigures, set: string, material: string, thickness: number): void {
  const crossing = crossingOf(figures.layers, set)!
  const at = crossing.outside.length + crossing.between.length
  const fault = store.edit(addVariant(`v-${newId().slice(0, 8)}`, "with a break"))
  if (!fault) store.edit(addLayer(figures.assembly, `l-${newId().slice(0, 8)}`, material, at, thickness))
}
