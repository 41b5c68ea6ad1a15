import { INCH } from "../../core/quantity/length"
import type { UnitSystem } from "../../core/quantity/unit-system"

/** To the nearest whole step, one at least. */
export const whole = (length: number, step: number): number => Math.max(1, Math.round(length / step)) * step

/** Lengths as one says them first where one builds by the inch: large ones to the inch, small ones to its parts; what is nothing stays so. */
export function roundedSize<T extends object>(size: T, units: UnitSystem): T {
  if (units === "metric") return size
  const rounded = (length: number) => whole(length, INCH / (length > 6 * INCH ? 1 : length > INCH ? 4 : 16))
  return Object.fromEntries(
    Object.entries(size).map(([key, value]) => [key, typeof value === "number" && value > 0 ? rounded(value) : value]),
  ) as T
}
