/** Rates of change of all that changes: writes dy/dt into `out`. */
export type Rates = (t: number, y: Float64Array, out: Float64Array) => void

/** What a step came to, and how far it may be off in each part. */
export interface Step {
  y: Float64Array
  error: Float64Array
}

/** Parts that the step is cut into, for each row of the extrapolation. */
const CUTS = [1, 2, 3, 4, 5]

/**
 * One step of a stiff system: linearly implicit Euler steps of ever smaller parts, extrapolated to order 5. Fast parts are damped however
 * long the step is.
 * @see Deuflhard, Recent progress in extrapolation methods for ordinary differential equations, SIAM Review 27 (1985), 505–535
 */
export function stiffStep(rates: Rates, t: number, y: Float64Array, h: number): Step {
  const n = y.length
  const slope = jacobian(rates, t, y)
  const rows: Float64Array[][] = []
  for (const [j, cuts] of CUTS.entries()) {
    const part = h / cuts
    const factors = factored(slope.map((row, i) => row.map((value, k) => (i === k ? 1 : 0) - part * value)))
    let at = Float64Array.from(y)
    const rise = new Float64Array(n)
    for (let k = 1; k <= cuts; k++) {
      rates(t + k * part, at, rise)
      const move = solved(
        factors,
        rise.map((value) => part * value),
      )
      at = at.map((value, i) => value + move[i]!)
    }
    const row = [at]
    for (let k = 0; k < j; k++) {
      const share = 1 / (cuts / CUTS[j - k - 1]! - 1)
      row.push(row[k]!.map((value, i) => value + share * (value - rows[j - 1]![k]![i]!)))
    }
    rows.push(row)
  }
  const [last, best] = rows.at(-1)!.slice(-2) as [Float64Array, Float64Array]
  return { y: best, error: best.map((value, i) => Math.abs(value - last[i]!)) }
}

/** Slopes of the rates by every part, row by row, from small differences. */
function jacobian(rates: Rates, t: number, y: Float64Array): number[][] {
  const n = y.length
  const [here, there, moved] = [new Float64Array(n), new Float64Array(n), Float64Array.from(y)]
  rates(t, y, here)
  const slope = Array.from({ length: n }, () => new Array<number>(n).fill(0))
  for (let k = 0; k < n; k++) {
    const by = 1e-6 * Math.max(1, Math.abs(y[k]!))
    moved[k] = y[k]! + by
    rates(t, moved, there)
    moved[k] = y[k]!
    for (let i = 0; i < n; i++) slope[i]![k] = (there[i]! - here[i]!) / by
  }
  return slope
}

interface Factors {
  rows: number[][]
  order: number[]
}

/** Lower and upper factor of a small matrix in one, its rows in the order of their pivots. */
function factored(rows: number[][]): Factors {
  const n = rows.length
  const order = rows.map((_, i) => i)
  for (let k = 0; k < n; k++) {
    let pivot = k
    for (let i = k + 1; i < n; i++) if (Math.abs(rows[i]![k]!) > Math.abs(rows[pivot]![k]!)) pivot = i
    ;[rows[k], rows[pivot]] = [rows[pivot]!, rows[k]!]
    ;[order[k], order[pivot]] = [order[pivot]!, order[k]!]
    for (let i = k + 1; i < n; i++) {
      const share = rows[i]![k]! / rows[k]![k]!
      rows[i]![k] = share
      if (share !== 0) for (let j = k + 1; j < n; j++) rows[i]![j]! -= share * rows[k]![j]!
    }
  }
  return { rows, order }
}

function solved({ rows, order }: Factors, b: Float64Array): Float64Array {
  const n = b.length
  const x = new Float64Array(n)
  for (let i = 0; i < n; i++) {
    let rest = b[order[i]!]!
    for (let j = 0; j < i; j++) rest -= rows[i]![j]! * x[j]!
    x[i] = rest
  }
  for (let i = n - 1; i >= 0; i--) {
    let rest = x[i]!
    for (let j = i + 1; j < n; j++) rest -= rows[i]![j]! * x[j]!
    x[i] = rest / rows[i]![i]!
  }
  return x
}
