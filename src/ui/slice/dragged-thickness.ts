import type { Material } from "../../schema/material"

/** How near a sold thickness must be to hold the edge, px. */
const HOLDS = 9

/**
 * The thickness at which a dragged edge rests: a sold one that is near, else whole millimetres, m.
 * @param scale px/m
 * @param free lets go of what is sold
 */
export function draggedThickness(thickness: number, material: Material, scale: number, free: boolean): number {
  const least = Math.min(material.sold.thicknesses[0]!, 0.001)
  const sold = free ? undefined : material.sold.thicknesses.find((candidate) => Math.abs(candidate - thickness) * scale < HOLDS)
  return sold ?? Math.max(least, Math.round(thickness * 1000) / 1000)
}
