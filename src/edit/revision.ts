import { applyPatches, enablePatches } from "immer"
import type { Job } from "../schema/job/job"
import type { Revision } from "../schema/change"

enablePatches()

/** The job after a revision. */
export function replay(job: Job, revision: Pick<Revision, "patches">): Job {
  return applyPatches(job, revision.patches)
}

/** The job before a revision, from the job after it. */
export function takeBack(job: Job, revision: Pick<Revision, "inverse">): Job {
  return applyPatches(job, revision.inverse)
}
