import type { SparseMatrix } from "./sparse-matrix"

/** A coarser matrix, and the aggregate that each unknown of the finer one has gone into. */
export interface Coarse {
  matrix: SparseMatrix
  aggregate: Int32Array
}

/**
 * A coupling weaker than this share of the strongest that either side has joins nothing: a cell of foam does not go with one of
 * steel, nor a pair that is held stiffly with one that hangs on it loosely, which no smoothing by single unknowns could move.
 */
const STRONG = 0.25

/**
 * Joins unknowns by fours along their strongest couplings and adds up the matrix over each aggregate: pairs of pairs.
 * What is strongly coupled has nearly one value, whatever the shape of the cells or the jump between materials.
 * @see Notay, An aggregation-based algebraic multigrid method, ETNA 37 (2010), algorithms 2 and 3
 */
export function coarsened(matrix: SparseMatrix): Coarse {
  const strongest = strongestCouplings(matrix)
  const first = pairs(matrix, strongest)
  const half = summed(matrix, first.of, first.count)
  const within = new Float64Array(first.count)
  strongest.forEach((coupling, i) => (within[first.of[i]!] = Math.max(within[first.of[i]!]!, coupling)))
  const second = pairs(half, within)
  return { matrix: summed(half, second.of, second.count), aggregate: first.of.map((pair) => second.of[pair]!) }
}

function strongestCouplings({ size, start, value }: SparseMatrix): Float64Array {
  const strongest = new Float64Array(size)
  for (let i = 0; i < size; i++) for (let k = start[i]!; k < start[i + 1]!; k++) if (-value[k]! > strongest[i]!) strongest[i] = -value[k]!
  return strongest
}

/** @param strongest coupling that each unknown, or any within it, has */
function pairs({ size, start, column, value }: SparseMatrix, strongest: Float64Array): { of: Int32Array; count: number } {
  const of = new Int32Array(size).fill(-1)
  let count = 0
  for (let i = 0; i < size; i++) {
    if (of[i]! >= 0) continue
    let [best, most] = [-1, 0]
    for (let k = start[i]!; k < start[i + 1]!; k++) {
      const [j, coupling] = [column[k]!, -value[k]!]
      if (coupling > most && of[j]! < 0 && coupling >= STRONG * Math.max(strongest[i]!, strongest[j]!)) [best, most] = [j, coupling]
    }
    of[i] = count
    if (best >= 0) of[best] = count
    count++
  }
  return { of, count }
}

/** The matrix of aggregates: entries between the members of two aggregates added up, inner ones into the diagonal. */
function summed({ size, diagonal, start, column, value }: SparseMatrix, of: Int32Array, count: number): SparseMatrix {
  const order = membersByAggregate(of, count)
  const coarse: SparseMatrix = {
    size: count,
    diagonal: new Float64Array(count),
    start: new Int32Array(count + 1),
    upper: new Int32Array(count),
    column: new Int32Array(column.length),
    value: new Float64Array(value.length),
  }
  // Where an aggregate's entry of the present row stands; places before the row's first are of rows gone by.
  const place = new Int32Array(count).fill(-1)
  let filled = 0
  for (let c = 0, m = 0; c < count; c++) {
    const first = filled
    coarse.start[c] = first
    for (; m < size && of[order[m]!] === c; m++) {
      const i = order[m]!
      coarse.diagonal[c]! += diagonal[i]!
      for (let k = start[i]!; k < start[i + 1]!; k++) {
        const to = of[column[k]!]!
        if (to === c) coarse.diagonal[c]! += value[k]!
        else if (place[to]! >= first) coarse.value[place[to]!]! += value[k]!
        else {
          place[to] = filled
          coarse.column[filled] = to
          coarse.value[filled++] = value[k]!
        }
      }
    }
    coarse.upper[c] = lowerFirst(coarse, c, first, filled)
  }
  coarse.start[count] = filled
  return { ...coarse, column: coarse.column.slice(0, filled), value: coarse.value.slice(0, filled) }
}

/** Puts the columns before a row's diagonal first. @returns where the others begin */
function lowerFirst({ column, value }: SparseMatrix, row: number, from: number, to: number): number {
  let upper = from
  for (let k = from; k < to; k++) {
    if (column[k]! > row) continue
    const [j, entry] = [column[k]!, value[k]!]
    column[k] = column[upper]!
    value[k] = value[upper]!
    column[upper] = j
    value[upper++] = entry
  }
  return upper
}

function membersByAggregate(of: Int32Array, count: number): Int32Array {
  const next = new Int32Array(count + 1)
  for (const c of of) next[c + 1]!++
  for (let c = 0; c < count; c++) next[c + 1]! += next[c]!
  const order = new Int32Array(of.length)
  for (let i = 0; i < of.length; i++) order[next[of[i]!]!++] = i
  return order
}
