import { changed, eachState, mapped } from "./parts"

/**
 * Version 5 knows what openings are set in, which was counted in their transmittance before, and how insulation is reckoned in service,
 * which was as declared.
 */
export const v4ToV5 = eachState(({ brief, shell }) => ({ brief: briefOf(brief), shell: shellOf(shell) }))

const briefOf = (brief: unknown) => changed(brief, (known) => ({ ...known, service: null }))

const shellOf = (shell: unknown) =>
  changed(shell, (part) => ({
    ...part,
    openings: mapped(part.openings, (opening) => changed(opening, (known) => ({ ...known, frame: null }))),
  }))
