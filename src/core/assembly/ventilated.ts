import { INDOOR_RESISTANCE } from "./surface-resistance"
import type { HeatFlowDirection } from "../../schema/quantity"

/** Openings up to which an air space is unventilated, and from which it is well ventilated, m² for a metre of its width. */
export const [UNVENTILATED, WELL_VENTILATED] = [500e-6, 1500e-6] as const

/** How well an air space is ventilated: 0 not, 1 well. @see ISO 6946:2017, 6.9 */
export const ventilation = (vents: number): number => Math.min(1, Math.max(0, (vents - UNVENTILATED) / (WELL_VENTILATED - UNVENTILATED)))

/**
 * Share of its resistance that each layer has: all of it inside the vented air spaces, none outside of a well vented one, and in between in
 * step with the openings. What is innermost always counts.
 * @param vents of each layer, outside to inside; 0 for what is no air space
 * @see ISO 6946:2017, 6.9.3: R = (1500 − A)/1000·R unventilated + (A − 500)/1000·R well ventilated
 */
export function effectiveShares(vents: readonly number[]): number[] {
  const shares = vents.map(() => 1)
  for (let i = vents.length - 2; i >= 0; i--) shares[i] = shares[i + 1]! * (1 - ventilation(vents[i]!))
  return shares
}

/**
 * Film on the outdoor side of what counts: still air in a well vented space, else that of the outdoors.
 * @param effectiveShare share of the outermost layer's resistance that counts
 * @returns m²·K/W
 * @see ISO 6946:2017, 6.9.4 (a surface towards a well ventilated space has the resistance of one indoors)
 */
export const filmOutside = (effectiveShare: number, film: number, direction: HeatFlowDirection): number =>
  effectiveShare * film + (1 - effectiveShare) * INDOOR_RESISTANCE[direction]
