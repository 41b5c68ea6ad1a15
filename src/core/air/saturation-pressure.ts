import { requireRange } from "../../schema/outcome"
import { ZERO_CELSIUS } from "../quantity/constants"

/**
 * Vapour pressure of saturated air, over water from 0 °C up and over ice below.
 * @param temperature °C, −100…200
 * @returns Pa
 * @throws InputError `out-of-range`
 * @see ASHRAE Fundamentals 2017, ch. 1, eq. 5 (ice) and 6 (water); fits of Hyland and Wexler
 */
export function saturationPressure(temperature: number): number {
  requireRange(temperature, -100, 200, "temperature", "°C")
  return saturationFit(temperature)
}

/** The same fits without the range check, for inverses that search a little outside. */
export function saturationFit(temperature: number): number {
  const kelvin = temperature + ZERO_CELSIUS
  const c = temperature < 0 ? ICE : WATER
  const polynomial = c[0] / kelvin + c[1] + kelvin * (c[2] + kelvin * (c[3] + kelvin * (c[4] + kelvin * c[5])))
  return Math.exp(polynomial + c[6] * Math.log(kelvin))
}

// Coefficients of rising powers of the absolute temperature, from −1 to 4, and of its logarithm.
const ICE = [-5.6745359e3, 6.3925247, -9.677843e-3, 6.2215701e-7, 2.0747825e-9, -9.484024e-13, 4.1635019] as const
const WATER = [-5.8002206e3, 1.3914993, -4.8640239e-2, 4.1764768e-5, -1.4452093e-8, 0, 6.5459673] as const
