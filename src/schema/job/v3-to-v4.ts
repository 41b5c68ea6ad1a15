import { changed, eachState } from "./parts"

/** Version 4 knows upper walls of vans that bow out, where those of version 3 were straight, and what stands on the floor. */
export const v3ToV4 = eachState(({ shell }) => ({ shell: shellOf(shell) }))

const shellOf = (shell: unknown) =>
  changed(shell, (part) => ({
    ...part,
    loads: {},
    form: changed(part.form, (form) => (form.kind === "van" ? { ...form, wallBow: 0 } : form)),
  }))
