import { NOTHING_INSIDE } from "./inside"
import { changed, eachState, mapped } from "./parts"
import { NO_PLANT } from "./plant"

/**
 * In version 12 a job says on which days it is in use, what is held meanwhile, what heats, cools and gives power, and what stands around it
 * and before its windows, and what sun comes into spaces beside it; before, all days were alike, nothing stood there and none came in.
 */
export const v11ToV12 = eachState(({ brief, shell }) => ({
  shell: changed(shell, ({ openings, spaces, ...known }) => ({
    ...known,
    around: { horizon: [0, 0, 0, 0, 0, 0, 0, 0], roof: null },
    spaces: mapped(spaces, (space) => changed(space, (part) => (part.kind === "unheated" ? { ...part, glass: 0 } : part))),
    openings: mapped(openings, (opening) => changed(opening, (part) => ({ ...part, shade: { over: 0, beside: 0 } }))),
  })),
  brief: changed(brief, ({ inside, ...known }) => ({
    ...known,
    inside: changed(inside, (part) => ({ ...part, days: NOTHING_INSIDE.days, away: null, defrost: 0 })),
    plant: NO_PLANT,
  })),
}))
