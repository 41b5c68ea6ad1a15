/**
 * Balances of the cells of a rectangular grid, each coupled with its four neighbours: a symmetric matrix with a positive diagonal.
 * Cell `row * columns + column`; `right[i]` and `up[i]` couple it with its right and its upper neighbour, 0 at the grid's edge.
 */
export interface Grid {
  columns: number
  rows: number
  right: Float64Array
  up: Float64Array
  /** What couples a cell with anything outside of the grid. */
  sink: Float64Array
  /** Sum of all that couples a cell. */
  diagonal: Float64Array
  /** From a cell's middle to its left or right border, and to its lower or upper one; 0 for a cell that is coupled with nothing. */
  halfX: Float64Array
  halfY: Float64Array
}

/** A grid with its diagonal summed up; a cell that is coupled with nothing stays as it is. */
export function gridOf(parts: Omit<Grid, "diagonal">): Grid {
  const { columns, right, up, sink } = parts
  const diagonal = sink.map((outside, i) => {
    const left = i % columns > 0 ? right[i - 1]! : 0
    const below = i >= columns ? up[i - columns]! : 0
    return outside + left + right[i]! + below + up[i]! || 1
  })
  return { ...parts, diagonal }
}

/** out = A·x, or b − A·x where a b is given. */
export function multiply({ columns, rows, diagonal, right, up }: Grid, x: Float64Array, out: Float64Array, b?: Float64Array): void {
  for (let row = 0; row < rows; row++) {
    const [first, last] = [row * columns, (row + 1) * columns - 1]
    for (let i = first; i <= last; i++) {
      let product = diagonal[i]! * x[i]!
      if (i > first) product -= right[i - 1]! * x[i - 1]!
      if (i < last) product -= right[i]! * x[i + 1]!
      if (row > 0) product -= up[i - columns]! * x[i - columns]!
      if (row + 1 < rows) product -= up[i]! * x[i + columns]!
      out[i] = product
    }
  }
  if (b) for (let i = 0; i < out.length; i++) out[i] = b[i]! - out[i]!
}

/** Scalar product. */
export function dot(a: Float64Array, b: Float64Array): number {
  let total = 0
  for (let i = 0; i < a.length; i++) total += a[i]! * b[i]!
  return total
}
