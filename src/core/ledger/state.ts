import type { Brief, Job, Variant } from "../../schema/job/job"
import type { Shell } from "../../schema/job/shell"

/** Everything that the figures of one way to build a job rest on. */
export interface JobState {
  brief: Brief
  shell: Shell
  variant: Variant
}

/** The state that is being worked on. */
export function activeState(job: Job): JobState {
  return { brief: job.brief, shell: job.shell, variant: job.variants[job.active]! }
}
