import type { Material } from "../../schema/material"

/**
 * Equivalent air layer of a layer, by the dry cup: the safe side for what stands in heated rooms.
 * @param thickness m
 * @returns m
 * @see ISO 13788:2012, 3.1: sd = μ·d
 */
export function equivalentAirLayer(material: Material, thickness: number): number {
  return material.vapour.sd ? material.vapour.sd.dry : material.vapour.mu!.dry * thickness
}

/** Mass of a layer, kg/m². */
export function arealMass(material: Material, thickness: number): number {
  return material.density * thickness
}

/** Price of a layer, €/m². */
export function arealPrice(material: Material, thickness: number): number {
  const { amount, per } = material.price
  return amount * { "m²": 1, "m³": thickness, kg: arealMass(material, thickness) }[per]
}

/** How a material behaves in a fire, in words. */
export const fireWords = ({ fire: { reaction, needsCover } }: Material): string => (needsCover ? `${reaction}; cover it` : reaction)

/** The thickness sold nearest to a wanted one, m; the wanted one where it is sold in none. */
export function nearestSold(material: Material, thickness: number): number {
  const [first = thickness, ...more] = material.sold.thicknesses
  return more.reduce((best, sold) => (Math.abs(sold - thickness) < Math.abs(best - thickness) ? sold : best), first)
}

/**
 * The next thickness sold above (`step` 1) or below (−1), m; the same where there is none.
 */
export function nextSold(material: Material, thickness: number, step: 1 | -1): number {
  const further = material.sold.thicknesses.filter((sold) => (sold - thickness) * step > 1e-6)
  return further.length === 0 ? thickness : step === 1 ? Math.min(...further) : Math.max(...further)
}
