import { enablePatches, produceWithPatches, type Patch } from "immer"
import { attempt, type Outcome } from "../schema/outcome"
import { Job } from "../schema/job/job"
import { referenceFault } from "../schema/job/references"
import { check } from "../schema/parse"
import type { Edit } from "./edit"
import { KNOWN } from "./known"

enablePatches()

/** What an edit did, both ways. */
export interface EditResult {
  job: Job
  label: string
  patches: Patch[]
  inverse: Patch[]
}

/**
 * Applies an edit; a result that the schema refuses is not a job, and the reason comes back instead.
 * @returns null in `value` when nothing changed
 */
export function applyEdit(job: Job, edit: Edit): Outcome<EditResult | null> {
  const produced = attempt(() => produceWithPatches(job, edit.recipe))
  if (!produced.ok) return produced
  const [next, patches, inverse] = produced.value
  if (patches.length === 0) return { ok: true, value: null }
  const checked = check(Job, next)
  if (!checked.ok) return checked
  const fault = referenceFault(next, KNOWN)
  if (fault) return { ok: false, error: fault }
  return { ok: true, value: { job: next, label: edit.label, patches, inverse } }
}
