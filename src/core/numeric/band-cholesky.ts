import type { Grid } from "./grid"

/** A grid's matrix factored within its band; cells are counted along the shorter side. */
export interface BandFactor {
  /** Cell of each place in the order of the factor. */
  order: Int32Array
  band: number
  /** Row by row: the `band` entries before the diagonal, then one over the diagonal. */
  lower: Float64Array
}

/** Factors a symmetric positive definite grid. */
export function bandCholesky({ columns, rows, diagonal, right, up }: Grid): BandFactor {
  const size = columns * rows
  const lying = columns <= rows
  const band = lying ? columns : rows
  const order = new Int32Array(size).map((_, k) => (lying ? k : (k % rows) * columns + Math.floor(k / rows)))
  const [near, far] = lying ? [right, up] : [up, right]
  const stride = band + 1
  const lower = new Float64Array(size * stride)
  for (let i = 0; i < size; i++) {
    const [row, cell] = [i * stride, order[i]!]
    lower[row + band] = diagonal[cell]!
    if (i % band > 0) lower[row + band - 1] = -near[order[i - 1]!]!
    if (i >= band) lower[row]! -= far[order[i - band]!]!
    for (let j = Math.max(0, i - band); j <= i; j++) {
      const at = row + band - i + j
      let rest = lower[at]!
      const other = j * stride + band - j
      for (let k = Math.max(0, i - band); k < j; k++) rest -= lower[row + band - i + k]! * lower[other + k]!
      // A pivot that rounding has eaten belongs to a part that nothing holds: it keeps its place.
      lower[at] = i === j ? 1 / Math.sqrt(Math.max(rest, 1e-14 * diagonal[cell]!)) : rest * lower[j * stride + band]!
    }
  }
  return { order, band, lower }
}

/** x = A⁻¹·b by the factor. */
export function solveBanded({ order, band, lower }: BandFactor, b: Float64Array, x: Float64Array): void {
  const size = order.length
  const stride = band + 1
  const y = new Float64Array(size)
  for (let i = 0; i < size; i++) {
    let rest = b[order[i]!]!
    const row = i * stride + band - i
    for (let k = Math.max(0, i - band); k < i; k++) rest -= lower[row + k]! * y[k]!
    y[i] = rest * lower[row + i]!
  }
  for (let i = size - 1; i >= 0; i--) {
    const row = i * stride + band - i
    const value = y[i]! * lower[row + i]!
    x[order[i]!] = value
    for (let k = Math.max(0, i - band); k < i; k++) y[k]! -= lower[row + k]! * value
  }
}
