/**
 * A symmetric matrix with a positive diagonal, by rows: row i has `diagonal[i]` and, beside it, `value[k]` in `column[k]`
 * for k from `start[i]` up to `start[i + 1]`; columns before the diagonal stand first, up to `upper[i]`.
 */
export interface SparseMatrix {
  size: number
  diagonal: Float64Array
  start: Int32Array
  upper: Int32Array
  column: Int32Array
  value: Float64Array
}

/** out = b − A·x */
export function residual(
  { size, diagonal, start, column, value }: SparseMatrix,
  b: Float64Array,
  x: Float64Array,
  out: Float64Array,
): void {
  for (let i = 0; i < size; i++) {
    let rest = b[i]! - diagonal[i]! * x[i]!
    const end = start[i + 1]!
    for (let k = start[i]!; k < end; k++) rest -= value[k]! * x[column[k]!]!
    out[i] = rest
  }
}

/** out = A·x */
export function multiply({ size, diagonal, start, column, value }: SparseMatrix, x: Float64Array, out: Float64Array): void {
  for (let i = 0; i < size; i++) {
    let product = diagonal[i]! * x[i]!
    const end = start[i + 1]!
    for (let k = start[i]!; k < end; k++) product += value[k]! * x[column[k]!]!
    out[i] = product
  }
}

/** Scalar product. */
export function dot(a: Float64Array, b: Float64Array): number {
  let total = 0
  for (let i = 0; i < a.length; i++) total += a[i]! * b[i]!
  return total
}

/** The Euclidean length of a vector. */
export const norm = (a: Float64Array): number => Math.sqrt(dot(a, a))
