import { type Grid, gridOf } from "./grid"

/** A grid with the cells of a finer one joined by fours, and how its values go back to those. */
export interface Coarser {
  grid: Grid
  /**
   * What each fine cell takes of the coarse cell that lies beside its own, to the left of an even column and to the right of an odd
   * one, below an even row and above an odd one: 0…½. It takes the rest from its own.
   */
  shareX: Float64Array
  shareY: Float64Array
}

/**
 * Joins the cells of a grid by fours. Two coarse cells are coupled by the straight paths from the middle of one to the middle of the
 * other through the fine cells, and between two middles a value bends as those demand: no share leaks through a tight layer.
 */
export function coarser(fine: Grid): Coarser {
  const across = joined(fine.columns, fine.rows, fine.right, fine.halfX)
  const turn = transposed(fine.columns, fine.rows)
  const upwards = joined(fine.rows, fine.columns, turn(fine.up), turn(fine.halfY))
  const [columns, rows] = [Math.ceil(fine.columns / 2), Math.ceil(fine.rows / 2)]
  const back = transposed(rows, columns)
  return {
    grid: gridOf({
      columns,
      rows,
      right: across.coupling,
      up: back(upwards.coupling),
      halfX: across.half,
      halfY: back(upwards.half),
      sink: sinks(fine, columns, rows),
    }),
    shareX: across.share,
    shareY: transposed(fine.rows, fine.columns)(upwards.share),
  }
}

/** Couplings along the rows of a grid once its columns are joined two by two and its rows likewise. */
function joined(columns: number, rows: number, right: Float64Array, half: Float64Array) {
  const wide = Math.ceil(columns / 2)
  const coarse = () => new Float64Array(wide * Math.ceil(rows / 2))
  const [coupling, through, share] = [coarse(), coarse(), new Float64Array(half.length)]
  for (let row = 0; row < rows; row++)
    for (let pair = 0; pair < wide; pair++) {
      const [a, c] = [row * columns + 2 * pair, (row >> 1) * wide + pair]
      const b = 2 * pair + 1 < columns ? a + 1 : a
      const [first, second] = [half[a]!, half[b]!]
      // Two halves of a joined cell in a row; where one of them is coupled with nothing, like air, the other alone.
      through[c]! += a === b || first === 0 || second === 0 ? Math.max(first, second) : (first * second) / (first + second)
      if (pair + 1 === wide || right[b] === 0) continue
      const next = b + 1
      const alone = 2 * pair + 2 === columns - 1
      const path = 1 / right[b]! + 1 / second + (alone ? 0 : 1 / half[next]!)
      coupling[c]! += 1 / path
      share[b] = 1 / (second * path)
      share[next] = alone ? 0 : 1 / (half[next]! * path)
    }
  return { coupling, half: through, share }
}

/** What leaves a joined cell leaves from its middle, a fine cell's half further in. */
function sinks({ columns, rows, sink, halfX, halfY }: Grid, wide: number, high: number): Float64Array {
  const out = new Float64Array(wide * high)
  for (let i = 0; i < sink.length; i++) {
    if (sink[i] === 0) continue
    const [column, row] = [i % columns, Math.floor(i / columns)]
    const inner = Math.max(halfX[i]!, halfY[i]!)
    const alone = row === rows - 1 && rows % 2 === 1
    out[(row >> 1) * wide + (column >> 1)]! += alone ? sink[i]! : (sink[i]! * inner) / (sink[i]! + inner)
  }
  return out
}

/** Turns values of a grid with so many columns and rows over its diagonal. */
function transposed(columns: number, rows: number) {
  return (values: Float64Array): Float64Array => {
    const out = new Float64Array(values.length)
    for (let row = 0; row < rows; row++)
      for (let column = 0; column < columns; column++) out[column * rows + row] = values[row * columns + column]!
    return out
  }
}

/** Adds values of coarse cells, spread, to the fine ones. */
export function spread({ grid, shareX, shareY }: Coarser, { columns, rows }: Grid, coarse: Float64Array, fine: Float64Array): void {
  for (let row = 0; row < rows; row++) {
    const up = row & 1 ? grid.columns : -grid.columns
    for (let column = 0; column < columns; column++) {
      const [i, c] = [row * columns + column, (row >> 1) * grid.columns + (column >> 1)]
      const [x, y] = [shareX[i]!, shareY[i]!]
      let value = (1 - x - y) * coarse[c]!
      if (x > 0) value += x * coarse[column & 1 ? c + 1 : c - 1]!
      if (y > 0) value += y * coarse[c + up]!
      fine[i]! += value
    }
  }
}

/** Gathers what is left over in fine cells into the coarse ones: the transpose of spreading, so nothing is lost. */
export function gather({ grid, shareX, shareY }: Coarser, { columns, rows }: Grid, fine: Float64Array, coarse: Float64Array): void {
  coarse.fill(0)
  for (let row = 0; row < rows; row++) {
    const up = row & 1 ? grid.columns : -grid.columns
    for (let column = 0; column < columns; column++) {
      const [i, c] = [row * columns + column, (row >> 1) * grid.columns + (column >> 1)]
      const [x, y, value] = [shareX[i]!, shareY[i]!, fine[i]!]
      coarse[c]! += (1 - x - y) * value
      if (x > 0) coarse[column & 1 ? c + 1 : c - 1]! += x * value
      if (y > 0) coarse[c + up]! += y * value
    }
  }
}
