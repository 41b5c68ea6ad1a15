import type { SparseMatrix } from "./sparse-matrix"

/** Lower triangle of a small matrix's Cholesky factor, full rows of `size`. */
export interface Factor {
  size: number
  lower: Float64Array
}

/** Factor of a small symmetric positive definite matrix. */
export function cholesky({ size, diagonal, start, column, value }: SparseMatrix): Factor {
  const lower = new Float64Array(size * size)
  for (let i = 0; i < size; i++) {
    lower[i * size + i] = diagonal[i]!
    for (let k = start[i]!; k < start[i + 1]!; k++) if (column[k]! < i) lower[i * size + column[k]!] = value[k]!
  }
  for (let i = 0; i < size; i++)
    for (let j = 0; j <= i; j++) {
      let rest = lower[i * size + j]!
      for (let k = 0; k < j; k++) rest -= lower[i * size + k]! * lower[j * size + k]!
      // A pivot that rounding has eaten belongs to a part that nothing holds: it keeps its place.
      lower[i * size + j] = i === j ? Math.sqrt(Math.max(rest, 1e-14 * diagonal[i]!)) : rest / lower[j * size + j]!
    }
  return { size, lower }
}

/** x = A⁻¹·b by its factor. */
export function solveFactored({ size, lower }: Factor, b: Float64Array, x: Float64Array): void {
  for (let i = 0; i < size; i++) {
    let rest = b[i]!
    for (let k = 0; k < i; k++) rest -= lower[i * size + k]! * x[k]!
    x[i] = rest / lower[i * size + i]!
  }
  for (let i = size - 1; i >= 0; i--) {
    let rest = x[i]!
    for (let k = i + 1; k < size; k++) rest -= lower[k * size + i]! * x[k]!
    x[i] = rest / lower[i * size + i]!
  }
}
