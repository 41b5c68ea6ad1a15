import type { Modes } from "./modes"

/** What each stage counts for itself. */
export const GAMMA = 0.25
/**
 * Coefficients of a diagonally implicit Runge–Kutta method of order 4 that damps what is fast however long the step is: what each stage
 * counts of those before it.
 * @see Hairer and Wanner, Solving Ordinary Differential Equations II (1996), IV.6, table 6.5
 */
export const STAGES: readonly (readonly number[])[] = [
  [],
  [1 / 2],
  [17 / 50, -1 / 25],
  [371 / 1360, -137 / 2720, 15 / 544],
  [25 / 24, -49 / 48, 125 / 16, -85 / 12],
]
/** Weights of the stages in the step: the last is the step's end. */
export const WEIGHTS: readonly number[] = [...STAGES[4]!, GAMMA]
/** How many stages, and powers of d. */
export const S = 5

/** A polynomial without a constant: coefficients of the first to the fifth power. */
type Polynomial = readonly number[]

const weighted = (parts: readonly (readonly [number, Polynomial])[]): number[] =>
  Array.from({ length: S + 1 }, (_, k) => parts.reduce((sum, [weight, one]) => sum + weight * (one[k] ?? 0), 0))
/** From the polynomial of a stage to that of how it fades: times μ, where d = 1 ÷ (1 + γμ) and so μ = (1 ÷ d − 1) ÷ γ; with its constant. */
const fading = (one: Polynomial): number[] =>
  Array.from({ length: S + 1 }, (_, k) => ((one[k] ?? 0) - (k === 0 ? 0 : (one[k - 1] ?? 0))) / GAMMA)

/**
 * What a mode is in stage s by itself as it was, and by one unit of drive in stage j, over a step in which it fades by μ = rate·length:
 * polynomials in d = 1 ÷ (1 + γμ). A stage is Z = d·(z + Σ a·K + γ·drive) with K = drive − μ·Z.
 */
const OWN: Polynomial[] = []
const DRIVEN: Polynomial[][] = []
for (const row of STAGES) {
  const one = [1, 0, 0, 0, 0, 0]
  OWN.push(weighted([[1, one], ...row.map((a, k) => [-a, fading(OWN[k]!)] as const)]).slice(0, S))
  DRIVEN.push([
    ...row.map((a, j) => weighted([[a, one], ...row.slice(j).map((b, k) => [-b, fading(DRIVEN[j + k]![j]!)] as const)]).slice(0, S)),
    [GAMMA, 0, 0, 0, 0],
  ])
}
const mean = (of: (s: number) => Polynomial | undefined): number[] =>
  weighted(WEIGHTS.map((weight, s) => [weight, of(s) ?? []])).slice(0, S)

/** A mode in stage s by itself as it was: `[s·5 + k]`, the power of d being k + 1. */
export const OWN_POWERS = Float64Array.from(OWN.flat())
/** The same by a drive of one in stage j: `[(s·5 + j)·5 + k]`. */
export const DRIVEN_POWERS = Float64Array.from(
  DRIVEN.flatMap((row) => Array.from({ length: S }, (_, j) => row[j] ?? [0, 0, 0, 0, 0])).flat(),
)
/** By a drive that is one through all stages: `[s·5 + k]`. */
const ALL_DRIVEN_POWERS = Float64Array.from(DRIVEN.flatMap((row) => weighted(row.map((one) => [1, one])).slice(0, S)))
/** In the mean of the step. */
const MEAN_OWN = Float64Array.from(mean((s) => OWN[s]))
const MEAN_DRIVEN = Float64Array.from(Array.from({ length: S }, (_, j) => mean((s) => DRIVEN[s]![j])).flat())
const MEAN_ALL_DRIVEN = Float64Array.from(mean((s) => Array.from(ALL_DRIVEN_POWERS.subarray(s * S, s * S + S))))

/** What is left of a mode by itself after a step in which it fades by μ = rate·length; in truth e^(−μ). */
export const leftOf = (fade: number): number => at(OWN_POWERS, (S - 1) * S, 1 / (1 + GAMMA * fade))

/** What the method makes of the modes in a step of one length. */
export interface StageSums {
  /** d of each mode. */
  damped: Float64Array
  /** A mode at the end by itself as it was, by a kelvin outside, and what it gives to the outside in the mean by itself. */
  kept: Float64Array
  byOutside: Float64Array
  toOutside: Float64Array
  /** W to the air in stage s by a kelvin of it in stage j `[s·5 + j]`, and by one outside of face f `[s·faces + f]`. */
  airByAir: Float64Array
  airByOutside: Float64Array
  /** W to the outside in the mean by a kelvin of the air in stage j, and to that of face f by one there. */
  outsideByAir: Float64Array
  outsideByOutside: Float64Array
}

/** Room for the sums of so many modes and faces. */
export const emptySums = ({ first, rate }: Modes): StageSums => {
  const [modes, faces] = [rate.length, first.length - 1]
  return {
    damped: new Float64Array(modes),
    kept: new Float64Array(modes),
    byOutside: new Float64Array(modes),
    toOutside: new Float64Array(modes),
    airByAir: new Float64Array(S * S),
    airByOutside: new Float64Array(S * faces),
    outsideByAir: new Float64Array(S),
    outsideByOutside: new Float64Array(faces),
  }
}

/** A polynomial without a constant at d. */
const at = (powers: Float64Array, from: number, d: number): number =>
  d * (powers[from]! + d * (powers[from + 1]! + d * (powers[from + 2]! + d * (powers[from + 3]! + d * powers[from + 4]!))))
/** The same where sums of dᵏ stand for its powers. */
const withSums = (powers: Float64Array, from: number, sums: Float64Array): number =>
  powers[from]! * sums[0]! +
  powers[from + 1]! * sums[1]! +
  powers[from + 2]! * sums[2]! +
  powers[from + 3]! * sums[3]! +
  powers[from + 4]! * sums[4]!

/** Sums over modes of air²·dᵏ, of air·outside·dᵏ, and of the latter over those of one face, times the length. */
const [airAir, airOutside, ofFace] = [new Float64Array(S), new Float64Array(S), new Float64Array(S)]

/** Fills in the sums for a length of step, s. */
export function fillSums(sums: StageSums, { first, rate, air, outside }: Modes, length: number): void {
  const { damped, kept, byOutside, toOutside, airByAir, airByOutside, outsideByAir, outsideByOutside } = sums
  const faces = first.length - 1
  const LAST = (S - 1) * S
  airAir.fill(0)
  airOutside.fill(0)
  for (let f = 0; f < faces; f++) {
    ofFace.fill(0)
    let own = 0
    for (let i = first[f]!, end = first[f + 1]!; i < end; i++) {
      const a = air[i]!
      const o = outside[i]!
      const d = 1 / (1 + GAMMA * rate[i]! * length)
      damped[i] = d
      kept[i] = at(OWN_POWERS, LAST, d)
      byOutside[i] = length * o * at(ALL_DRIVEN_POWERS, LAST, d)
      toOutside[i] = o * at(MEAN_OWN, 0, d)
      own += o * o * at(MEAN_ALL_DRIVEN, 0, d)
      let both = length * a * a
      let cross = length * a * o
      for (let k = 0; k < S; k++) {
        both *= d
        cross *= d
        airAir[k]! += both
        ofFace[k]! += cross
      }
    }
    outsideByOutside[f] = length * own
    for (let k = 0; k < S; k++) airOutside[k]! += ofFace[k]!
    for (let s = 0; s < S; s++) airByOutside[s * faces + f] = withSums(ALL_DRIVEN_POWERS, s * S, ofFace)
  }
  for (let one = 0; one < S * S; one++) airByAir[one] = withSums(DRIVEN_POWERS, one * S, airAir)
  for (let j = 0; j < S; j++) outsideByAir[j] = withSums(MEAN_DRIVEN, j * S, airOutside)
}
