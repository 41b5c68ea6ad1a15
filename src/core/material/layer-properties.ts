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

/** Mean humidities that the dry and the wet cup stand for. @see ISO 12572:2016, 6.1 */
const [DRY_CUP, WET_CUP] = [0.25, 0.72] as const

/**
 * How much of the dry cup's resistance to vapour is left where it is damp: 1 up to the humidity that the dry cup stands for, the wet cup's share
 * from its own on; between them straight. Null where both cups say the same.
 * @see ISO 10456:2007, 4.2 (wet cup where the mean humidity is 70 % or more)
 */
export function cupCourse({ vapour }: Pick<Material, "vapour">): readonly (readonly [humidity: number, share: number])[] | null {
  const { dry, wet } = (vapour.mu ?? vapour.sd)!
  return dry === wet
    ? null
    : [
        [DRY_CUP, 1],
        [WET_CUP, wet / dry],
      ]
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
