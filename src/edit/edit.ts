import type { Draft } from "immer"
import type { Job } from "../schema/job/job"

/** A named change of a job; the recipe writes on a draft and leaves the job as it was. */
export interface Edit {
  label: string
  recipe: (draft: Draft<Job>) => void
}

/** An edit by its label and its recipe. */
export const edit = (label: string, recipe: Edit["recipe"]): Edit => ({ label, recipe })
