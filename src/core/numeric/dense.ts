/**
 * Solution of a small dense system by elimination with the greatest pivot of each column.
 * @param rows of a square matrix that can be solved; they are changed
 */
export function solveDense(rows: Float64Array[], right: readonly number[]): Float64Array {
  const n = rows.length
  const x = Float64Array.from(right)
  for (let column = 0; column < n; column++) {
    let pivot = column
    for (let row = column + 1; row < n; row++) if (Math.abs(rows[row]![column]!) > Math.abs(rows[pivot]![column]!)) pivot = row
    ;[rows[column], rows[pivot]] = [rows[pivot]!, rows[column]!]
    ;[x[column], x[pivot]] = [x[pivot]!, x[column]!]
    const top = rows[column]!
    for (let row = column + 1; row < n; row++) {
      const own = rows[row]!
      const share = own[column]! / top[column]!
      for (let at = column; at < n; at++) own[at]! -= share * top[at]!
      x[row]! -= share * x[column]!
    }
  }
  for (let row = n - 1; row >= 0; row--) {
    for (let at = row + 1; at < n; at++) x[row]! -= rows[row]![at]! * x[at]!
    x[row]! /= rows[row]![row]!
  }
  return x
}
