import type { Chain } from "./chain"

/** Factors of the chains' matrices for one length of a part. */
export interface Factors {
  /** Elimination multipliers and inverse pivots by cell. */
  lower: Float64Array
  pivot: Float64Array
  /** Cells' answer to one kelvin of the air. */
  answer: Float64Array
  /** What all chains give back to the air for each of its kelvins, W/K. */
  back: number
}

/** All chains in one row, and how each is solved by itself. */
export interface ChainSolver {
  /** Where each chain's cells begin in the row; one more than chains. */
  first: Int32Array
  /** Of each cell, J/K. */
  capacities: Float64Array
  /** For an implicit part of a step, s. */
  factorsOf: (part: number) => Factors
  /** Solves one chain's matrix in place. */
  solve: (chain: number, b: Float64Array, factors: Pick<Factors, "lower" | "pivot">) => void
}

/** Chains as tridiagonal matrices C/h + K, eliminated from the air outwards. */
export function chainSolver(chains: readonly Chain[]): ChainSolver {
  const first = new Int32Array(chains.length + 1)
  chains.forEach(({ capacities }, i) => (first[i + 1] = first[i]! + capacities.length))
  const all = first[chains.length]!
  const capacities = new Float64Array(all)
  chains.forEach((chain, i) => capacities.set(chain.capacities, first[i]))
  const known = new Map<number, Factors>()

  function factorsOf(part: number): Factors {
    const found = known.get(part)
    if (found) return found
    const [lower, pivot, answer] = [new Float64Array(all), new Float64Array(all), new Float64Array(all)]
    let back = 0
    chains.forEach(({ links, capacities: own }, f) => {
      const [from, n] = [first[f]!, own.length]
      for (let i = 0; i < n; i++) {
        lower[from + i] = i === 0 ? 0 : links[i]! * pivot[from + i - 1]!
        const diagonal = own[i]! / part + links[i]! + links[i + 1]! - (i === 0 ? 0 : lower[from + i]! * links[i]!)
        pivot[from + i] = 1 / diagonal
      }
      if (n === 0) return
      answer[from] = links[0]!
      solve(f, answer, { lower, pivot })
      back += links[0]! * answer[from]
    })
    const factors = { lower, pivot, answer, back }
    // Steps are of few lengths, but where they are cut short; those are not worth keeping.
    if (known.size < 4) known.set(part, factors)
    return factors
  }

  function solve(f: number, b: Float64Array, { lower, pivot }: Pick<Factors, "lower" | "pivot">): void {
    const { links } = chains[f]!
    const [from, to] = [first[f]!, first[f + 1]!]
    for (let i = from + 1; i < to; i++) b[i]! += lower[i]! * b[i - 1]!
    for (let i = to - 1; i >= from; i--) b[i] = (b[i]! + (i + 1 < to ? links[i - from + 1]! * b[i + 1]! : 0)) * pivot[i]!
  }

  return { first, capacities, factorsOf, solve }
}
