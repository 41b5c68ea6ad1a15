import type { Step } from "./migrate"
import { changed, mapped } from "./parts"

/** Version 5 knows what openings are set in; before, that was counted in their transmittance. */
export const v4ToV5: Step = (job) => ({
  ...job,
  shell: shellOf(job.shell),
  pinned: changed(job.pinned, (pinned) => ({ ...pinned, shell: shellOf(pinned.shell) })),
})

const shellOf = (shell: unknown) =>
  changed(shell, (part) => ({
    ...part,
    openings: mapped(part.openings, (opening) => changed(opening, (known) => ({ ...known, frame: null }))),
  }))
