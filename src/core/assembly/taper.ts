import type { Assembly } from "../../schema/job/build-up"
import { sum } from "../numeric/sum"
import type { Transmittance } from "./thermal-transmittance"

/** A layer is no thinner anywhere, m. */
const THINNEST = 1e-5

/** Whether any layer is thicker at one end of its surface than at the other. */
export const tapers = ({ layers, order }: Assembly): boolean => order.some((id) => layers[id]!.taper !== 0)

/**
 * A build-up with even layers, as it is somewhere between its two ends. Layers that taper all fall along the same line.
 * @param at from −½ at one end to ½ at the other
 */
export function evenAt(assembly: Assembly, at: number): Assembly {
  const layers = Object.entries(assembly.layers).map(([id, layer]) => {
    const thickness = Math.max(THINNEST, layer.thickness + at * layer.taper)
    return [id, layer.taper === 0 ? layer : { ...layer, thickness, taper: 0 }] as const
  })
  return { ...assembly, layers: Object.fromEntries(layers) }
}

/** A place along the fall and the share of the surface that it stands for. */
export interface TaperPlace {
  /** From −½ to ½. */
  at: number
  weight: number
}

/** Gauss and Legendre's five places between 0 and 1, with their weights. @see Abramowitz and Stegun, 25.4.30 */
const FIVE = [
  [0.04691007703066802, 0.11846344252809454],
  [0.23076534494715845, 0.23931433524968324],
  [0.5, 0.28444444444444444],
  [0.7692346550528415, 0.23931433524968324],
  [0.9530899229693319, 0.11846344252809454],
] as const

/**
 * The places at which a fall is looked at, spread so that resistance grows from one to the next by the same factor: of layers without members the
 * mean of U is then that of ISO 6946 to the last digit, ln(1 + R1/R0)/R1.
 * @param first, last resistance from air to air at both ends, m²·K/W
 * @see ISO 6946:2017, annex E (tapered layers, rectangular area)
 */
export function taperPlaces(first: number, last: number): TaperPlace[] {
  const ratio = last / first
  const even = Math.abs(ratio - 1) < 1e-9
  return FIVE.map(([place, weight]) => {
    if (even) return { at: place - 0.5, weight }
    const grown = ratio ** place
    return { at: (grown - 1) / (ratio - 1) - 0.5, weight: (weight * Math.log(ratio) * grown) / (ratio - 1) }
  })
}

/** Transmittance of a surface whose parts lie side by side; each resistance is that of the mean of what passes. @param parts weights add up to 1 */
export function meanTransmittance(parts: readonly { weight: number; of: Transmittance }[]): Transmittance {
  const mean = (value: (of: Transmittance) => number) => sum(parts.map(({ weight, of }) => weight * value(of)))
  const passed = (resistance: (of: Transmittance) => number) => 1 / mean((of) => 1 / resistance(of))
  return {
    ...parts[0]!.of,
    uValue: mean(({ uValue }) => uValue),
    resistanceTotal: passed(({ resistanceTotal }) => resistanceTotal),
    resistanceUpper: passed(({ resistanceUpper }) => resistanceUpper),
    resistanceLower: passed(({ resistanceLower }) => resistanceLower),
    centreResistance: passed(({ centreResistance }) => centreResistance),
    corrections: { voids: mean(({ corrections }) => corrections.voids), fasteners: mean(({ corrections }) => corrections.fasteners) },
    thickness: mean(({ thickness }) => thickness),
  }
}
