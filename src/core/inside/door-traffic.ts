import type { Traffic } from "../../schema/job/inside"
import { densityOf, enthalpyOf, humidityRatioOf } from "../air/moist-air"
import { STANDARD_PRESSURE } from "../quantity/constants"
import { hoursThere } from "./people"

const GRAVITY = 9.80665

/** Of the flow through a door that stands open for good, what goes while it is opened and shut. @see ASHRAE Refrigeration 2018, ch. 24, after eq. 19 */
const DOORWAY_FLOW = 0.8

/** What guards keep out of the flow through an open door. @see ASHRAE Refrigeration 2018, ch. 24: strips in use, air curtains */
const KEPT_OUT: Readonly<Record<Traffic["guard"], number>> = { none: 0, strips: 0.8, air: 0.7 }

/** Air by its temperature, °C, and the pressure of its water, Pa. */
export interface WetAir {
  temperature: number
  vapourPressure: number
}

const stateOf = ({ temperature, vapourPressure }: WetAir) => ({
  density: densityOf(temperature, vapourPressure, STANDARD_PRESSURE),
  enthalpy: enthalpyOf(temperature, humidityRatioOf(vapourPressure, STANDARD_PRESSURE)),
})

/**
 * Heat that air brings in through a door that stands open between two airs, water's included, W; negative where the room is the warmer.
 * @param area, height m², m, of the door
 * @see Gosney and Olama, Proc. Inst. Refrigeration 72 (1975); ASHRAE Refrigeration 2018, ch. 24, eq. 17 and 18
 */
export function openDoorHeat(area: number, height: number, outside: WetAir, inside: WetAir): number {
  const [out, room] = [stateOf(outside), stateOf(inside)]
  const [light, dense] = out.density < room.density ? [out.density, room.density] : [room.density, out.density]
  const densityFactor = (2 / (1 + Math.cbrt(dense / light))) ** 1.5
  const flow = 0.221 * area * dense * Math.sqrt((1 - light / dense) * GRAVITY * height) * densityFactor
  return flow * (out.enthalpy - room.enthalpy)
}

/**
 * Share of the hours in use for which a door stands open, 0…1.
 * @param from, to clock hours between which it is opened
 */
export const openShare = ({ perDay, seconds }: Traffic, from: number, to: number): number =>
  Math.min(1, (perDay * seconds) / (hoursThere(from, to) * 3600))

/** Heat that a door in use lets in over the hours of use, W. @see ASHRAE Refrigeration 2018, ch. 24, eq. 19 */
export const trafficHeat = (traffic: Traffic, openHeat: number, from: number, to: number): number =>
  openHeat * openShare(traffic, from, to) * DOORWAY_FLOW * (1 - KEPT_OUT[traffic.guard])
