/** Lost in cables and charger, and to dirt. */
const LOST = 0.1
/** By which a panel gives less for each kelvin over 25 °C of its cells, 1/K. */
const BY_WARMTH = 0.004
/** K that cells stand over the air for each W/m² of sun: 45 °C at 800 W/m² and 20 °C. */
const WARMED = 25 / 800

/**
 * What a panel gives, W.
 * @param peak W in full sun, 1000 W/m² at 25 °C
 * @param sun W/m² on its plane
 * @param air °C
 * @see Duffie and Beckman, Solar Engineering of Thermal Processes, 4th ed., ch. 23 (cell temperature and its coefficient)
 */
export function panelPower(peak: number, sun: number, air: number): number {
  const cells = air + WARMED * sun
  return Math.max(0, peak * (sun / 1000) * (1 - BY_WARMTH * (cells - 25)) * (1 - LOST))
}
