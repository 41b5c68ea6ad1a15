import { AIR_DENSITY, AIR_SPECIFIC_HEAT } from "../quantity/constants"

/**
 * Steady heat flow through a face or an opening.
 * @param area m²
 * @param uValue W/(m²·K)
 * @param difference K, positive in the direction of the flow
 * @returns W
 */
export function transmission(area: number, uValue: number, difference: number): number {
  return area * uValue * difference
}

/**
 * Temperature of the outdoor air that would drive as much heat into a face as air, sun and sky do together.
 * @param absorbed sun that it takes up less what it sends to the sky beyond its film's share, W/m²
 * @param rse m²·K/W
 * @see ASHRAE Fundamentals 2017, ch. 18, eq. 30
 */
export function solAirTemperature(outdoors: number, absorbed: number, rse: number): number {
  return outdoors + absorbed * rse
}

/**
 * Sensible heat that leaking air carries.
 * @param flow m³/s
 * @returns W
 */
export function airLeakageHeat(flow: number, difference: number): number {
  return AIR_DENSITY * AIR_SPECIFIC_HEAT * flow * difference
}

/**
 * Sensible heat of outdoor air that is let in, less what an exchanger keeps.
 * @param ventilation m³/s, and the share that is kept
 * @returns W
 */
export const ventilationHeat = ({ flow, recovery }: { flow: number; recovery: number }, difference: number): number =>
  airLeakageHeat(flow, difference) * (1 - recovery)

/**
 * Heat that a cooler must take out of leaking air to condense its surplus water.
 * @param humidityDifference kg/kg, outdoors over indoors; nothing is counted where it is negative
 * @returns W
 * @see ASHRAE Fundamentals 2017, ch. 18, eq. 10
 */
export function airLeakageLatentHeat(flow: number, humidityDifference: number): number {
  return AIR_DENSITY * 2.501e6 * flow * Math.max(0, humidityDifference)
}
