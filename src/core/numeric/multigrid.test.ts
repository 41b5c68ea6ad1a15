import { describe, expect, test } from "@jest/globals"
import fc from "fast-check"
import { coarsened } from "./aggregation"
import { cholesky, solveFactored } from "./cholesky"
import { solveByMultigrid } from "./multigrid"
import { norm, residual, type SparseMatrix } from "./sparse-matrix"

/** Conductances between neighbours of a grid, with one place held. */
function grid(columns: number, rows: number, conductance: (i: number) => number): SparseMatrix {
  const entries = Array.from({ length: columns * rows }, () => new Map<number, number>())
  const diagonal = new Float64Array(columns * rows)
  let k = 0
  const join = (i: number, j: number) => {
    const g = conductance(k++)
    entries[i]!.set(j, -g)
    entries[j]!.set(i, -g)
    diagonal[i]! += g
    diagonal[j]! += g
  }
  for (let i = 0; i < columns * rows; i++) {
    if (i % columns < columns - 1) join(i, i + 1)
    if (i + columns < columns * rows) join(i, i + columns)
  }
  diagonal[0]! += 1
  const start = new Int32Array(columns * rows + 1)
  entries.forEach((row, i) => (start[i + 1] = start[i]! + row.size))
  return {
    size: columns * rows,
    diagonal,
    start,
    upper: Int32Array.from(entries, (row, i) => start[i]! + [...row.keys()].filter((j) => j < i).length),
    column: Int32Array.from(entries.flatMap((row) => [...row.keys()].sort((a, b) => a - b))),
    value: Float64Array.from(entries.flatMap((row) => [...row].sort(([a], [b]) => a - b).map(([, entry]) => entry))),
  }
}

const seeded = (seed: number) => (i: number) => 10 ** (4 * Math.abs(Math.sin(seed + i * 12.9898)))

describe("the multigrid solver", () => {
  test("finds what the factor of the whole matrix finds, with conductances 10,000 apart", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 24 }),
        fc.integer({ min: 2, max: 24 }),
        fc.integer({ min: 0, max: 1000 }),
        (columns, rows, seed) => {
          const matrix = grid(columns, rows, seeded(seed))
          const b = Float64Array.from({ length: matrix.size }, (_, i) => Math.sin(i + seed))
          const exact = new Float64Array(matrix.size)
          solveFactored(cholesky(matrix), b, exact)
          const { x, converged } = solveByMultigrid(matrix, b, new Float64Array(matrix.size), (_, rest) => norm(rest) <= 1e-11 * norm(b))
          expect(converged).toBe(true)
          const largest = Math.max(...exact.map(Math.abs))
          for (let i = 0; i < x.length; i++) expect(Math.abs(x[i]! - exact[i]!) / largest).toBeLessThan(1e-6)
        },
      ),
      { numRuns: 40 },
    )
  })

  test("needs hardly more iterations for sixty times the unknowns", () => {
    const count = (side: number) => {
      const matrix = grid(side, side, () => 1)
      const b = Float64Array.from({ length: matrix.size }, (_, i) => Math.sin(i))
      return solveByMultigrid(matrix, b, new Float64Array(matrix.size), (_, rest) => norm(rest) <= 1e-8 * norm(b)).iterations
    }
    expect(count(320)).toBeLessThan(2 * count(40) + 5)
  })

  test("leaves an exact guess alone", () => {
    const matrix = grid(5, 5, () => 1)
    const b = new Float64Array(25)
    expect(solveByMultigrid(matrix, b, new Float64Array(25), (_, rest) => norm(rest) === 0)).toMatchObject({
      iterations: 0,
      converged: true,
    })
  })
})

test("a coarser matrix has the sum of the finer one's entries, and its rows hold what theirs did", () => {
  const matrix = grid(17, 13, seeded(3))
  const { matrix: coarse, aggregate } = coarsened(matrix)
  expect(coarse.size).toBeLessThan(matrix.size / 2)
  // A constant on the fine grid is a constant on the coarse one: row sums add up over each aggregate.
  const rowSums = ({ size, ...rest }: SparseMatrix) => {
    const out = new Float64Array(size)
    residual({ size, ...rest }, new Float64Array(size), new Float64Array(size).fill(-1), out)
    return out
  }
  const expected = new Float64Array(coarse.size)
  rowSums(matrix).forEach((sum, i) => (expected[aggregate[i]!]! += sum))
  rowSums(coarse).forEach((sum, i) => expect(sum).toBeCloseTo(expected[i]!, 6))
})
