import { INCH } from "../../core/quantity/length"
import type { UnitSystem } from "../../core/quantity/unit-system"
import type { Material } from "../../schema/material"

/** How near a sold thickness must be to hold the edge, px. */
const HOLDS = 9

/** What a free edge moves by, m. */
const STEP: Readonly<Record<UnitSystem, number>> = { metric: 0.001, "inch-pound": INCH / 16 }

/**
 * The thickness at which a dragged edge rests: a sold one that is near, else whole millimetres or sixteenths, m.
 * @param scale px/m
 * @param free lets go of what is sold
 */
export function draggedThickness(
  thickness: number,
  material: Material,
  scale: number,
  free: boolean,
  units: UnitSystem = "metric",
): number {
  const step = STEP[units]
  const least = Math.min(material.sold.thicknesses[0] ?? step, step)
  const sold = free ? undefined : material.sold.thicknesses.find((candidate) => Math.abs(candidate - thickness) * scale < HOLDS)
  return sold ?? Math.max(least, Number((Math.round(thickness / step) * step).toFixed(6)))
}
