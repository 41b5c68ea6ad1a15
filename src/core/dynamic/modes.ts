import { tridiagonalEigen } from "../numeric/tridiagonal-eigen"
import type { Chain } from "./chain"

/**
 * All faces as modes: patterns of temperature that fade each by itself, so that none hangs on another but through the air.
 * Mode z of face f: dz/dt = −rate·z + air·T_air + outside·T_outside(f), and the air gets Σ air·z of them.
 */
export interface Modes {
  /** Where each face's modes begin; one more than faces. A face without cells has none. */
  first: Int32Array
  /** 1/s */
  rate: Float64Array
  /** What the air and the outside give to a mode for a kelvin, and a mode to them, √(J/K)/s. */
  air: Float64Array
  outside: Float64Array
  /** What a mode is in the innermost and the outermost cell, √(K/J)·K, and as heat, √(J·K)/K. */
  inner: Float64Array
  outer: Float64Array
  heat: Float64Array
}

/** Modes of chains of cells: their matrices C⁻¹ᐟ² K C⁻¹ᐟ² in their own directions. */
export function modesOf(chains: readonly Chain[]): Modes {
  const first = new Int32Array(chains.length + 1)
  chains.forEach(({ capacities }, f) => (first[f + 1] = first[f]! + capacities.length))
  const all = first[chains.length]!
  const empty = () => new Float64Array(all)
  const modes: Modes = { first, rate: empty(), air: empty(), outside: empty(), inner: empty(), outer: empty(), heat: empty() }
  chains.forEach(({ capacities, links }, f) => {
    const n = capacities.length
    if (n === 0) return
    const roots = capacities.map(Math.sqrt)
    const diagonal = capacities.map((capacity, i) => (links[i]! + links[i + 1]!) / capacity)
    const beside = Float64Array.from({ length: n - 1 }, (_, i) => -links[i + 1]! / (roots[i]! * roots[i + 1]!))
    const unit = (at: number) => new Float64Array(n).fill(1, at, at + 1)
    const { values, products } = tridiagonalEigen(diagonal, beside, [unit(0), unit(n - 1), roots])
    const [inmost, outmost, heat] = products as [Float64Array, Float64Array, Float64Array]
    modes.rate.set(values, first[f])
    modes.heat.set(heat, first[f])
    for (let i = 0; i < n; i++) {
      const at = first[f]! + i
      const [inner, outer] = [inmost[i]! / roots[0]!, outmost[i]! / roots[n - 1]!]
      modes.inner[at] = inner
      modes.outer[at] = outer
      modes.air[at] = links[0]! * inner
      modes.outside[at] = links[n]! * outer
    }
  })
  return modes
}
