import { type BandFactor, bandCholesky, solveBanded } from "./band-cholesky"
import { type Coarser, coarser, gather, spread } from "./coarser-grid"
import { dot, type Grid, multiply } from "./grid"
import { type LineFactors, lineFactors, relaxColumns, relaxRows } from "./line-relaxation"

/** A grid of a hierarchy with the next coarser one and its scratch; the coarsest is factored. */
export interface Level {
  grid: Grid
  lines: LineFactors
  below: Coarser | null
  factor: BandFactor | null
  b: Float64Array
  x: Float64Array
  rest: Float64Array
}

/** So few cells are factored. */
const FEW = 700

/** Prepares a grid: its levels, finest first. */
export function levelsOf(finest: Grid): Level[] {
  const levels: Level[] = []
  for (let grid = finest; ;) {
    const size = grid.diagonal.length
    const vector = () => new Float64Array(size)
    const below = size > FEW ? coarser(grid) : null
    const factor = below ? null : bandCholesky(grid)
    levels.push({ grid, lines: lineFactors(grid), below, factor, b: vector(), x: vector(), rest: vector() })
    if (!below) return levels
    grid = below.grid
  }
}

/** How a solution was found. */
export interface Solved {
  x: Float64Array
  iterations: number
  converged: boolean
}

/**
 * Solves A·x = b on the first of the levels by conjugate gradients over a multigrid cycle with relaxation by lines both ways: neither
 * jumps between the stuffs, nor cells much longer than wide, nor their number make it need many more steps.
 * @param x first guess; overwritten
 * @param done told x and its rest b − A·x, says whether that is near enough
 * @see Trottenberg, Oosterlee and Schüller, Multigrid (2001), 5.1 (line relaxation), 7.7 (jumping coefficients), 7.8 (as a preconditioner)
 */
export function solveByMultigrid(
  levels: readonly Level[],
  b: Float64Array,
  x: Float64Array,
  done: (x: Float64Array, rest: Float64Array) => boolean,
  most = 200,
): Solved {
  const { grid } = levels[0]!
  const [rest, z, p, q] = [x, x, x, x].map(() => new Float64Array(x.length)) as [Float64Array, Float64Array, Float64Array, Float64Array]
  multiply(grid, x, rest, b)
  let before = 0
  for (let iteration = 0; iteration < most; iteration++) {
    if (done(x, rest)) return { x, iterations: iteration, converged: true }
    cycle(levels, 0, rest, z)
    const now = dot(z, rest)
    const beta = iteration === 0 ? 0 : now / before
    before = now
    for (let i = 0; i < x.length; i++) p[i] = z[i]! + beta * p[i]!
    multiply(grid, p, q)
    const alpha = now / dot(p, q)
    if (!Number.isFinite(alpha)) break
    for (let i = 0; i < x.length; i++) {
      x[i]! += alpha * p[i]!
      rest[i]! -= alpha * q[i]!
    }
    // The rest that is carried along drifts from the true one.
    if (iteration % 10 === 9) multiply(grid, x, rest, b)
  }
  multiply(grid, x, rest, b)
  return { x, iterations: most, converged: done(x, rest) }
}

/** One cycle: x ≈ A⁻¹·b of a level, from nothing; the same backwards as forwards, as conjugate gradients need it. */
function cycle(levels: readonly Level[], at: number, b: Float64Array, x: Float64Array): void {
  const { grid, lines, below, factor, rest } = levels[at]!
  if (factor) return solveBanded(factor, b, x)
  x.fill(0)
  forth(grid, lines, b, x)
  multiply(grid, x, rest, b)
  const next = levels[at + 1]!
  gather(below!, grid, rest, next.b)
  cycle(levels, at + 1, next.b, next.x)
  spread(below!, grid, next.x, x)
  back(grid, lines, b, x)
}

function forth(grid: Grid, lines: LineFactors, b: Float64Array, x: Float64Array): void {
  relaxRows(grid, lines, b, x, 0)
  relaxRows(grid, lines, b, x, 1)
  relaxColumns(grid, lines, b, x, 0)
  relaxColumns(grid, lines, b, x, 1)
}

function back(grid: Grid, lines: LineFactors, b: Float64Array, x: Float64Array): void {
  relaxColumns(grid, lines, b, x, 1)
  relaxColumns(grid, lines, b, x, 0)
  relaxRows(grid, lines, b, x, 1)
  relaxRows(grid, lines, b, x, 0)
}
