import { NOTHING_INSIDE } from "./inside"
import { changed, eachState } from "./parts"
import { NO_PLANT } from "./plant"

/** In version 12 a job says on which days it is in use, what is held meanwhile, and what heats, cools and gives power; before, all days were alike. */
export const v11ToV12 = eachState(({ brief }) => ({
  brief: changed(brief, ({ inside, ...known }) => ({
    ...known,
    inside: changed(inside, (part) => ({ ...part, days: NOTHING_INSIDE.days, away: null })),
    plant: NO_PLANT,
  })),
}))
