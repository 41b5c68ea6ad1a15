import { describe, expect, test } from "@jest/globals"
import fc from "fast-check"
import { bandCholesky, solveBanded } from "./band-cholesky"
import { coarser, gather, spread } from "./coarser-grid"
import { dot, type Grid, gridOf, multiply } from "./grid"
import { levelsOf, solveByMultigrid } from "./multigrid"

/** A plate of square pieces of one stuff each, every one cut in four so many times, with its corner piece held. */
function plate(columns: number, rows: number, cuts: number, conductivity: (cell: number) => number): Grid {
  const [wide, high] = [columns << cuts, rows << cuts]
  const size = wide * high
  const half = Float64Array.from(
    { length: size },
    (_, i) => 2 * conductivity((Math.floor(i / wide) >> cuts) * columns + ((i % wide) >> cuts)),
  )
  const [right, up, sink] = [new Float64Array(size), new Float64Array(size), new Float64Array(size)]
  const join = (i: number, j: number) => (half[i]! * half[j]!) / (half[i]! + half[j]!)
  for (let i = 0; i < size; i++) {
    if ((i + 1) % wide > 0) right[i] = join(i, i + 1)
    if (i + wide < size) up[i] = join(i, i + wide)
  }
  for (let i = 0; i < 1 << cuts; i++) sink[i] = half[i]!
  return gridOf({ columns: wide, rows: high, right, up, sink, halfX: half, halfY: half })
}

/** Conductivities up to 10,000 apart. */
const seeded = (seed: number) => (i: number) => 10 ** (4 * Math.abs(Math.sin(seed + i * 12.9898)))

const norm = (a: Float64Array) => Math.sqrt(dot(a, a))
const waves = (size: number, seed: number) => Float64Array.from({ length: size }, (_, i) => Math.sin(i * i + seed))

const side = fc.integer({ min: 1, max: 7 })
const seed = fc.integer({ min: 0, max: 1000 })

describe("the multigrid solver", () => {
  test("finds what the factor of the whole matrix finds, with stuffs 10,000 apart", () => {
    fc.assert(
      fc.property(side, side, seed, (columns, rows, from) => {
        const grid = plate(columns, rows, 3, seeded(from))
        const size = grid.diagonal.length
        const b = waves(size, from)
        const exact = new Float64Array(size)
        solveBanded(bandCholesky(grid), b, exact)
        // To what rounding lets a rest of such a matrix come down to, whatever the right side.
        const least = 1e-13 * Math.max(...grid.diagonal)
        const { x, converged } = solveByMultigrid(levelsOf(grid), b, new Float64Array(size), (x, rest) => norm(rest) <= least * norm(x))
        expect(converged).toBe(true)
        const largest = Math.max(...exact.map(Math.abs))
        for (let i = 0; i < size; i++) expect(Math.abs(x[i]! - exact[i]!) / largest).toBeLessThan(1e-7)
      }),
      { numRuns: 40 },
    )
  })

  test("needs hardly more iterations for 64 times the unknowns", () => {
    const count = (cuts: number) => {
      const grid = plate(6, 5, cuts, seeded(7))
      const b = waves(grid.diagonal.length, 1)
      return solveByMultigrid(levelsOf(grid), b, new Float64Array(b.length), (_, rest) => norm(rest) <= 1e-8 * norm(b)).iterations
    }
    expect(count(6)).toBeLessThan(count(3) + 6)
  })

  test("leaves an exact guess alone", () => {
    const b = new Float64Array(25)
    expect(solveByMultigrid(levelsOf(plate(5, 5, 0, () => 1)), b, new Float64Array(25), (_, rest) => norm(rest) === 0)).toMatchObject({
      iterations: 0,
      converged: true,
    })
  })
})

test("the factor within the band solves a grid of either shape", () => {
  fc.assert(
    fc.property(side, side, seed, (columns, rows, from) => {
      const grid = plate(columns, rows, 1, seeded(from))
      const b = waves(grid.diagonal.length, from)
      const [x, rest] = [new Float64Array(b.length), new Float64Array(b.length)]
      solveBanded(bandCholesky(grid), b, x)
      multiply(grid, x, rest, b)
      expect(norm(rest)).toBeLessThan(1e-8 * norm(b))
    }),
  )
})

describe("between two grids", () => {
  test("gathering is the transpose of spreading, and loses nothing", () => {
    fc.assert(
      fc.property(side, side, seed, (columns, rows, from) => {
        const grid = plate(columns, rows, 0, seeded(from))
        const below = coarser(grid)
        const [coarse, fine] = [waves(below.grid.diagonal.length, from), waves(columns * rows, from + 1)]
        const [spreadOut, gathered] = [new Float64Array(fine.length), new Float64Array(coarse.length)]
        spread(below, grid, coarse, spreadOut)
        gather(below, grid, fine, gathered)
        expect(dot(spreadOut, fine)).toBeCloseTo(dot(coarse, gathered), 9)
        const total = (values: Float64Array) => values.reduce((sum, value) => sum + value, 0)
        expect(total(gathered)).toBeCloseTo(total(fine), 9)
      }),
    )
  })

  test("pieces cut in four and joined again are coupled as they were", () => {
    const whole = plate(3, 4, 0, seeded(5))
    const { grid } = coarser(plate(3, 4, 1, seeded(5)))
    for (const part of ["right", "up", "sink", "halfX", "halfY"] as const)
      whole[part].forEach((value, i) => expect(grid[part][i]! / (value || 1)).toBeCloseTo(value === 0 ? 0 : 1, 9))
  })

  test("a straight line between two stuffs bends at their border", () => {
    // Two pieces of 1 and 3 W/(m·K): halves of 1/2 and 1/6 m·K/W. From 0 to 1 in their middles the border is at 0.75;
    // a quarter of a piece towards it is half way there, 0.375, and on the other side 1 − 0.125.
    const fine = new Float64Array(8)
    const grid = plate(2, 1, 1, (cell) => [1, 3][cell]!)
    spread(coarser(grid), grid, Float64Array.of(0, 1), fine)
    expect([...fine.slice(0, 4)].map((value) => Math.round(value * 1e6) / 1e6)).toEqual([0, 0.375, 0.875, 1])
  })
})
