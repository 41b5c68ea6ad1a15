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

function saturationFit(temperature: number): number {
  return Math.exp(logarithm(temperature < 0 ? ICE : WATER, temperature + ZERO_CELSIUS))
}

/**
 * Temperature at which the fit gives a pressure, by Newton's method on its logarithm, which rises ever less: from below it never oversteps.
 * Outside −100…200 °C the fit is extrapolated.
 * @param pressure Pa, above 0
 * @returns °C
 */
export function saturationTemperature(pressure: number): number {
  const c = pressure < ICE_POINT ? ICE : WATER
  const wanted = Math.log(pressure)
  // A first guess by the Clausius–Clapeyron line through 0 °C, which is right there and near enough everywhere.
  let kelvin = 1 / (1 / ZERO_CELSIUS - (wanted - Math.log(ICE_POINT)) / (ZERO_CELSIUS ** 2 * riseOf(c, ZERO_CELSIUS)))
  for (let round = 0; round < ROUNDS; round++) {
    const step = (wanted - logarithm(c, kelvin)) / riseOf(c, kelvin)
    kelvin += step
    if (Math.abs(step) < 1e-10) break
  }
  return kelvin - ZERO_CELSIUS
}

type Coefficients = typeof ICE | typeof WATER

const logarithm = (c: Coefficients, kelvin: number): number =>
  c[0] / kelvin + c[1] + kelvin * (c[2] + kelvin * (c[3] + kelvin * (c[4] + kelvin * c[5]))) + c[6] * Math.log(kelvin)

/** How fast the logarithm rises, 1/K. */
const riseOf = (c: Coefficients, kelvin: number): number =>
  -c[0] / kelvin ** 2 + c[2] + kelvin * (2 * c[3] + kelvin * (3 * c[4] + kelvin * 4 * c[5])) + c[6] / kelvin

/** Three are enough between −60 and 60 °C; far out it takes a few more. */
const ROUNDS = 30

// Coefficients of rising powers of the absolute temperature, from −1 to 4, and of its logarithm.
const ICE = [-5.6745359e3, 6.3925247, -9.677843e-3, 6.2215701e-7, 2.0747825e-9, -9.484024e-13, 4.1635019] as const
const WATER = [-5.8002206e3, 1.3914993, -4.8640239e-2, 4.1764768e-5, -1.4452093e-8, 0, 6.5459673] as const
/** Where ice takes over from water, Pa. */
const ICE_POINT = saturationFit(0)
