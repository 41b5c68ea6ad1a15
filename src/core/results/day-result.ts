import type { DayAsked, DayOfYear } from "../hourly/day-of-year"
import { memoised } from "../memoised"
import type { Calculation } from "./calculation"
import { YEAR } from "./year-result"

/** One day of a year by hours; it tells no progress. */
export const DAY: Calculation<DayAsked, DayOfYear> = {
  kind: "day",
  key: memoised(({ model, day }: DayAsked) => `${day} ${YEAR.key(model)}`),
}
