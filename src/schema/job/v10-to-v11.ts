import { changed, eachState } from "./parts"

/** In version 11 a job may bring the weather of its place along; before, all were those of a built-in station. */
export const v10ToV11 = eachState(({ brief }) => ({ brief: changed(brief, (known) => ({ ...known, weather: null })) }))
