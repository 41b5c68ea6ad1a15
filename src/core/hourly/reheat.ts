import { enclosureHours } from "../dynamic/enclosure-hours"
import { DAYS_OF_WEEK, longestAbsence } from "../inside/presence"
import type { SteadyEnclosure } from "../steady/heat-loss"
import { heldByHour } from "./held-by-hour"
import { winterEnclosure } from "./winter-enclosure"

/** Weeks that are gone through; the last of them counts. */
const WEEKS = 2

/**
 * The greatest heat that a heater is asked for in weeks as cold as the worst night, W, the mean of an hour: to hold the inside, and to bring
 * it back in the time that the brief gives after nobody was there. Null where the inside is held all along.
 * @param volume of the air inside, m³
 * @see EN 12831-1:2017, 6.3.5 (additional heating-up power), here stepped through time
 */
export function reheat(enclosure: SteadyEnclosure, volume: number): number | null {
  const { away, from, to, days } = enclosure.inside
  const { inside, outside, windSpeed } = enclosure.conditions.winter
  const absence = longestAbsence({ from, to, days })
  if (!away || absence === 0 || absence === Infinity) return null
  const hours = 24 * DAYS_OF_WEEK * WEEKS
  const weather = { temperature: outside.temperature, directNormal: 0, diffuseHorizontal: 0, skyTemperature: null, windSpeed }
  const heater = { setpoint: inside.temperature, capacity: null }
  const { heating } = enclosureHours(
    { ...winterEnclosure(enclosure, volume), heating: heater, cooling: null },
    {
      ...{ latitude: 0, longitude: 0, start: 0, offset: 0, step: 3600, groundAlbedo: 0 },
      hours: new Array<typeof weather>(hours).fill(weather),
    },
    0,
    inside.temperature,
    heldByHour({ coming: { from, to, days }, away, heater, cooler: null }, DAYS_OF_WEEK * WEEKS),
  )
  return heating.slice(-24 * DAYS_OF_WEEK).reduce((most, power) => Math.max(most, power), 0)
}
