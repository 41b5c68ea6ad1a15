import { saturationPressure } from "../air/saturation-pressure"
import { vapourPressureAt } from "../air/moist-air"
import type { AirState } from "../../schema/quantity"

/** Surface resistances that a mould check takes: behind furniture and in corners, and at glass and its frames, m²·K/W. @see ISO 13788:2012, 4.4.1 */
export const MOULD_RESISTANCE = { opaque: 0.25, glazing: 0.13 } as const

/** Humidity at a surface from which mould can grow. @see ISO 13788:2012, 5.2 */
const MOULD_HUMIDITY = 0.8

/**
 * How warm a surface stands between outdoors, 0, and indoors, 1, past a thicker film than it was solved with: its heat flow is that of a wall
 * of one resistance.
 * @param factor at the film it was solved with
 * @param film of that, m²·K/W
 */
export function factorPast(factor: number, film: number, thicker: number): number {
  if (factor >= 1) return factor
  const behind = film / (1 - factor) - film
  return 1 - thicker / (behind + thicker)
}

/**
 * Whether mould can grow on a surface in the mean of a month. Where the room's own air is as damp, its surfaces say nothing of the build-up.
 * @param factor f_Rsi of the surface, with the film of the mould check
 * @param beyond mean of the month on the other side, °C
 * @see ISO 13788:2012, 5.2 and 5.3
 */
export function canMould(factor: number, inside: AirState, beyond: number): boolean {
  if (inside.relativeHumidity >= MOULD_HUMIDITY || beyond >= inside.temperature) return false
  const surface = beyond + factor * (inside.temperature - beyond)
  const pressure = vapourPressureAt(inside.temperature, inside.relativeHumidity)
  return pressure >= MOULD_HUMIDITY * saturationPressure(surface)
}
