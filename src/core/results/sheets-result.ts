import { memoised } from "../memoised"
import type { Boarding } from "../takeoff/boarding"
import type { StuffAsked, StuffCut } from "../takeoff/cut-stuff"
import type { SheetPlan } from "../takeoff/sheet-plan"
import type { Calculation } from "./calculation"

/** Boards laid on all faces and cut out of sheets. */
export const SHEETS: Calculation<Boarding, SheetPlan> = {
  kind: "sheets",
  most: 12,
  key: memoised((boarding: Boarding) => JSON.stringify(boarding)),
}

/** Boards of one stuff, as they are laid, cut once more with more time for it. */
export const STUFF: Calculation<StuffAsked, StuffCut> = {
  kind: "stuff",
  most: 60,
  key: memoised((asked: StuffAsked) => JSON.stringify(asked)),
}

/** ms for each stuff of a first plan, and for one that is looked at longer. */
export const [SOON, LONGER] = [40, 1500] as const
