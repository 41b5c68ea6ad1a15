import { bisection } from "../numeric/bisection"
import { saturationFit } from "./saturation-pressure"

/**
 * Temperature at which air of a given vapour pressure is saturated; below 0 °C the frost point, over ice.
 * @param vapourPressure Pa, 0 up to saturation at 200 °C (1.55 MPa)
 * @returns °C, or null without vapour
 * @see inverse of ASHRAE Fundamentals 2017, ch. 1, eq. 5 and 6
 */
export function dewPoint(vapourPressure: number): number | null {
  if (vapourPressure <= 0) return null
  // The search starts far below the fit's −100 °C: in air so dry the figure is an extrapolation of no consequence.
  return bisection((temperature) => Math.log(saturationFit(temperature) / vapourPressure), -223, 201)
}
