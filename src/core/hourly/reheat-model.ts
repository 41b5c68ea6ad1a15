import type { Away } from "../../schema/job/inside"
import { type Coming, longestAbsence } from "../inside/presence"
import type { SteadyEnclosure } from "../steady/heat-loss"
import { type WinterModel, winterModel } from "./winter-enclosure"

/** An enclosure that is not held all along, in weeks as cold as the worst night. */
export interface ReheatModel extends WinterModel {
  coming: Coming
  away: Away
}

/**
 * What is stepped through to tell what a heater is asked for; null where the inside is held all along.
 * @param volume of the air inside, m³
 */
export function reheatModel(enclosure: SteadyEnclosure, volume: number): ReheatModel | null {
  const { away, from, to, days } = enclosure.inside
  const coming = { from, to, days }
  const absence = longestAbsence(coming)
  if (!away || absence === 0 || absence === Infinity) return null
  return { ...winterModel(enclosure, volume), coming, away }
}
