import { enclosureHours } from "../dynamic/enclosure-hours"
import { DAYS_OF_WEEK } from "../inside/presence"
import { heldByHour } from "./held-by-hour"
import type { ReheatModel } from "./reheat-model"
import { heldWinter, winterEnclosure } from "./winter-enclosure"

/** Weeks that are gone through; the last of them counts. */
const WEEKS = 2

/**
 * The greatest heat that a heater is asked for in weeks as cold as the worst night, W, the mean of an hour: to hold the inside, and to bring
 * it back in the time that the brief gives after nobody was there.
 * @see EN 12831-1:2017, 6.3.5 (additional heating-up power), here stepped through time
 */
export function reheat({ coming, away, ...model }: ReheatModel): number {
  const days = DAYS_OF_WEEK * WEEKS
  const { temperature } = model.winter.inside
  const heater = { setpoint: temperature, capacity: null }
  const { heating } = enclosureHours(
    { ...winterEnclosure(model), heating: heater, cooling: null },
    heldWinter(model, 24 * days, 3600),
    0,
    temperature,
    heldByHour({ coming, away, heater, cooler: null }, days),
  )
  return heating.slice(-24 * DAYS_OF_WEEK).reduce((most, power) => Math.max(most, power), 0)
}
