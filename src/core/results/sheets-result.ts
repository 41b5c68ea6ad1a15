import { memoised } from "../memoised"
import type { Boarding } from "../takeoff/boarding"
import type { SheetPlan } from "../takeoff/sheet-plan"
import type { Calculation } from "./calculation"

/** All boards of an enclosure, and how long their cutting may be thought about. */
export interface SheetsAsked {
  boarding: Boarding
  /** ms for each stuff, turned into a number of plans */
  time: number
}

/** Boards laid on all faces and cut out of sheets. */
export const SHEETS: Calculation<SheetsAsked, SheetPlan> = {
  kind: "sheets",
  key: memoised(({ boarding, time }: SheetsAsked) => `${time} ${JSON.stringify(boarding)}`),
}
