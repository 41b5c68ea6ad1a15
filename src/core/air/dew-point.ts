import { saturationTemperature } from "./saturation-pressure"

/**
 * Temperature at which air of a given vapour pressure is saturated; below 0 °C the frost point, over ice.
 * @param vapourPressure Pa, 0 up to saturation at 200 °C (1.55 MPa)
 * @returns °C, or null without vapour
 * @see inverse of ASHRAE Fundamentals 2017, ch. 1, eq. 5 and 6
 */
export function dewPoint(vapourPressure: number): number | null {
  return vapourPressure <= 0 ? null : saturationTemperature(vapourPressure)
}
