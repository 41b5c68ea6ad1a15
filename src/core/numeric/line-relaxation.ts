import type { Grid } from "./grid"

/** Every row and every column of a grid as a system of its own, factored. */
export interface LineFactors {
  /** One over the pivots of rows and of columns, cell by cell. */
  alongX: Float64Array
  alongY: Float64Array
}

/** Factors the tridiagonal systems of all rows and columns. */
export function lineFactors({ columns, rows, diagonal, right, up }: Grid): LineFactors {
  const [alongX, alongY] = [new Float64Array(diagonal.length), new Float64Array(diagonal.length)]
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      const i = row * columns + column
      const fromLeft = column > 0 ? right[i - 1]! * right[i - 1]! * alongX[i - 1]! : 0
      const fromBelow = row > 0 ? up[i - columns]! * up[i - columns]! * alongY[i - columns]! : 0
      alongX[i] = pivot(diagonal[i]!, fromLeft)
      alongY[i] = pivot(diagonal[i]!, fromBelow)
    }
  return { alongX, alongY }
}

/** A line that nothing but rounding holds keeps its place. */
const pivot = (diagonal: number, taken: number) => 1 / Math.max(diagonal - taken, 1e-13 * diagonal)

/**
 * Solves every second row for its balances with the rows beside it held.
 * @param first 0 or 1
 */
export function relaxRows({ columns, rows, right, up }: Grid, { alongX }: LineFactors, b: Float64Array, x: Float64Array, first: number) {
  for (let row = first; row < rows; row += 2) {
    const [from, to] = [row * columns, (row + 1) * columns]
    for (let i = from; i < to; i++) {
      let load = b[i]!
      if (row > 0) load += up[i - columns]! * x[i - columns]!
      if (row + 1 < rows) load += up[i]! * x[i + columns]!
      if (i > from) load += right[i - 1]! * x[i - 1]!
      x[i] = load * alongX[i]!
    }
    for (let i = to - 2; i >= from; i--) x[i]! += right[i]! * alongX[i]! * x[i + 1]!
  }
}

/** Solves every second column likewise; row by row, as the cells lie in memory. */
export function relaxColumns({ columns, rows, right, up }: Grid, { alongY }: LineFactors, b: Float64Array, x: Float64Array, first: number) {
  for (let row = 0; row < rows; row++) {
    const from = row * columns
    for (let column = first; column < columns; column += 2) {
      const i = from + column
      let load = b[i]!
      if (column > 0) load += right[i - 1]! * x[i - 1]!
      if (column + 1 < columns) load += right[i]! * x[i + 1]!
      if (row > 0) load += up[i - columns]! * x[i - columns]!
      x[i] = load * alongY[i]!
    }
  }
  for (let row = rows - 2; row >= 0; row--)
    for (let i = row * columns + first; i < (row + 1) * columns; i += 2) x[i]! += up[i]! * alongY[i]! * x[i + columns]!
}
