import { changed, type Step } from "./parts"

/** Version 4 knows upper walls of vans that bow out, where those of version 3 were straight, and what stands on the floor. */
export const v3ToV4: Step = (job) => ({
  ...job,
  shell: shellOf(job.shell),
  pinned: changed(job.pinned, (pinned) => ({ ...pinned, shell: shellOf(pinned.shell) })),
})

const shellOf = (shell: unknown) =>
  changed(shell, (part) => ({
    ...part,
    loads: {},
    form: changed(part.form, (form) => (form.kind === "van" ? { ...form, wallBow: 0 } : form)),
  }))
