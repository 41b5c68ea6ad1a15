import type { Goods } from "../../schema/job/inside"

/**
 * Heat that goods give off from what they come in at down to a room's temperature, J/kg; 0 for what comes in colder.
 * @param room °C
 * @see ASHRAE Refrigeration 2018, ch. 24, eq. 8–11 (cooling, freezing, cooling frozen)
 */
export function coolingOf(
  { temperature, specificHeat, freezing }: Pick<Goods, "temperature" | "specificHeat" | "freezing">,
  room: number,
): number {
  if (temperature <= room) return 0
  if (freezing === null || room >= freezing.temperature) return specificHeat * (temperature - room)
  const thawed = Math.max(0, temperature - freezing.temperature)
  const frozen = Math.min(temperature, freezing.temperature) - room
  return specificHeat * thawed + (temperature > freezing.temperature ? freezing.latentHeat : 0) + freezing.specificHeat * frozen
}

/** Heat of goods while they are cooled and lie in a room, W. @see ASHRAE Refrigeration 2018, ch. 24, eq. 12; living goods: ch. 19, table 9 */
export const goodsHeat = (goods: Goods, room: number): number =>
  (goods.mass * coolingOf(goods, room)) / (goods.hours * 3600) + goods.stored * goods.respiration
