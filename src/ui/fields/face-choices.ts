import { faceName } from "../../core/shell/face-name"
import type { Job } from "../../schema/job/job"
import { FACES } from "../../schema/job/references"

/** The faces of a job, to choose from. */
export const faceChoices = ({ brief, shell: { form } }: Job) =>
  FACES[form.kind].map((value) => ({ value, name: faceName(value, brief.kind, form.kind) }))
