import type { PeriodicLayer } from "../assembly/periodic"
import { InputError } from "../../schema/outcome"

/** A face cut into cells from the room's air to what lies behind it: cells hold heat, links between them pass it. */
export interface Chain {
  /** Of each cell, J/K, the innermost first. */
  capacities: Float64Array
  /** From the air to the first cell, from cell to cell, from the last to outside, W/K; one more than cells. Nothing passes out of an adiabatic face. */
  links: Float64Array
}

/** Cells are at most this share of the depth to which a swing reaches: their heat flows are then right to a third of a per cent. */
const FINENESS = 0.12
/** However thick a layer is, it has no more cells. */
const MOST_CELLS = 120

/**
 * Cells of a face: finite volumes, each layer in equal parts that are fine enough for a swing of a period.
 * @param layers outside to inside
 * @param period s, of the fastest swing that is to be followed
 * @throws InputError `no-resistance` where nothing stands between the air and what lies behind
 */
export function chainOf(layers: readonly PeriodicLayer[], area: number, rsi: number, rse: number | null, period: number): Chain {
  const capacities: number[] = []
  const links: number[] = []
  // Resistance since the last cell.
  let since = rsi
  for (const layer of [...layers].reverse()) {
    if ("resistance" in layer) {
      since += layer.resistance
      continue
    }
    const { thickness, conductivity, density, specificHeat } = layer
    const cells = cellsOf(layer, period)
    const half = thickness / conductivity / cells / 2
    for (let i = 0; i < cells; i++) {
      links.push(area / (since + half))
      capacities.push((area * thickness * density * specificHeat) / cells)
      since = half
    }
  }
  if (rse === null) links.push(0)
  else if (since + rse > 0) links.push(area / (since + rse))
  else throw new InputError("no-resistance", ["layers"], "Nothing resists heat here: give a layer or a surface a resistance.")
  return { capacities: Float64Array.from(capacities), links: Float64Array.from(links) }
}

/** How many cells a layer is cut into. @param period s, of the fastest swing that is to be followed */
export function cellsOf(layer: PeriodicLayer, period: number): number {
  if ("resistance" in layer) return 0
  const depth = Math.sqrt((layer.conductivity * period) / (Math.PI * layer.density * layer.specificHeat))
  return Math.min(MOST_CELLS, Math.ceil(layer.thickness / (FINENESS * depth)))
}

/** The fastest swing that weather of a step can show, s: a day by hours, an hour by minutes. */
export const fastestSwing = (step: number): number => Math.min(86_400, Math.max(3600, 24 * step))
