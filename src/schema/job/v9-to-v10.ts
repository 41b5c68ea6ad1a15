import { NO_VENTILATION, NOTHING_INSIDE } from "./inside"
import { changed, eachState, mapped } from "./parts"

/** In version 10 a job says who and what is inside, what air is let in, and how doors are used; before, nobody was, and none was. */
export const v9ToV10 = eachState(({ brief, shell, variant }) => ({
  brief: changed(brief, (known) => ({ ...known, inside: NOTHING_INSIDE })),
  shell: changed(shell, ({ openings, ...known }) => ({
    ...known,
    openings: mapped(openings, (opening) => changed(opening, (part) => ({ ...part, traffic: null }))),
  })),
  variant: changed(variant, (known) => ({ ...known, ventilation: NO_VENTILATION })),
}))
