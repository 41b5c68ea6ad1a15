import type { Material, MaterialClass } from "../../schema/material"

type Range = readonly [least: number, most: number]

/** Figures of a material that a class bounds: W/(m·K), kg/m³, J/(kg·K), and the dry vapour resistance factor. */
export interface Bounds {
  conductivity: Range
  density: Range
  specificHeat: Range
  mu: Range
}

/** Physical ranges by class: handbook extremes, with lead, vacuum panels, cellular glass, loose minerals, wet soil and twin-wall sheets in. */
const RANGES: Readonly<Record<MaterialClass, Bounds>> = {
  metal: { conductivity: [10, 400], density: [2600, 11400], specificHeat: [120, 910], mu: [1e6, Infinity] },
  wood: { conductivity: [0.09, 0.25], density: [300, 900], specificHeat: [1300, 2800], mu: [10, 250] },
  board: { conductivity: [0.1, 0.6], density: [400, 1500], specificHeat: [900, 1800], mu: [4, 20000] },
  stone: { conductivity: [0.035, 4], density: [80, 3000], specificHeat: [800, 2500], mu: [1, 1e5] },
  fibre: { conductivity: [0.004, 0.06], density: [8, 260], specificHeat: [800, 2400], mu: [1, 10] },
  foam: { conductivity: [0.018, 0.045], density: [7, 80], specificHeat: [1300, 2400], mu: [1, 1e4] },
  membrane: { conductivity: [0.1, 0.5], density: [200, 1200], specificHeat: [900, 2400], mu: [10, 1e6] },
  covering: { conductivity: [0.04, 0.5], density: [100, 2000], specificHeat: [800, 2200], mu: [2, 1e6] },
  plaster: { conductivity: [0.15, 1], density: [600, 1900], specificHeat: [800, 1100], mu: [4, 20] },
  glass: { conductivity: [0.05, 1.2], density: [150, 2700], specificHeat: [700, 1600], mu: [1000, Infinity] },
  air: { conductivity: [0.02, 0.03], density: [1, 1.4], specificHeat: [1000, 1020], mu: [1, 1] },
}

/** What of a record lies outside of what is known of its class, with the range. */
export function implausible(material: Material): { figure: keyof Bounds; value: number; range: Range }[] {
  const bounds = RANGES[material.class]
  const figures = {
    conductivity: material.conductivity.declared,
    density: material.density,
    specificHeat: material.specificHeat,
    ...(material.vapour.mu ? { mu: material.vapour.mu.dry } : {}),
  }
  return (Object.entries(figures) as [keyof Bounds, number][]).flatMap(([figure, value]) => {
    const range = bounds[figure]
    return value < range[0] || value > range[1] ? [{ figure, value, range }] : []
  })
}
