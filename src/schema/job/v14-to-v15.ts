import { changed, eachState } from "./parts"

/** In version 15 a face may be divided into zones; before, each was of one piece. */
export const v14ToV15 = eachState(({ shell }) => ({ shell: changed(shell, (known) => ({ ...known, zones: {} })) }))
