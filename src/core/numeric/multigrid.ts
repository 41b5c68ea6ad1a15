import { coarsened } from "./aggregation"
import { cholesky, type Factor, solveFactored } from "./cholesky"
import { dot, multiply, norm, residual, type SparseMatrix } from "./sparse-matrix"

/** One level of the hierarchy with its scratch; the last has the factor of its small matrix in place of an aggregate. */
interface Level {
  matrix: SparseMatrix
  aggregate: Int32Array | null
  factor: Factor | null
  /** Right side, result, rest and search directions of this level. */
  b: Float64Array
  x: Float64Array
  rest: Float64Array
  c: Float64Array
  v: Float64Array
  d: Float64Array
  w: Float64Array
}

/** Below so many unknowns a matrix is factored. */
const FEW = 300
/** A second inner step is taken unless the first has brought the rest down to this share. */
const ENOUGH = 0.25

/** How a solution was found. */
export interface Solved {
  x: Float64Array
  iterations: number
  converged: boolean
}

/**
 * Solves A·x = b for a symmetric positive definite M-matrix by flexible conjugate gradients over an aggregation multigrid with
 * K-cycles: the number of iterations hardly grows with the size, nor with jumps between the coefficients.
 * @param x first guess; overwritten
 * @param done told x and its rest b − A·x, says whether that is near enough
 * @see Notay, An aggregation-based algebraic multigrid method, ETNA 37 (2010); Notay and Vassilevski, Recursive Krylov-based multigrid cycles (2008)
 */
export function solveByMultigrid(
  matrix: SparseMatrix,
  b: Float64Array,
  x: Float64Array,
  done: (x: Float64Array, rest: Float64Array) => boolean,
  most = 400,
): Solved {
  const levels = hierarchy(matrix)
  const { size } = matrix
  const [rest, before, z, p, q] = Array.from({ length: 5 }, () => new Float64Array(size)) as [
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
  ]
  residual(matrix, b, x, rest)
  let scale = 0
  for (let iteration = 0; iteration < most; iteration++) {
    if (done(x, rest)) return { x, iterations: iteration, converged: true }
    cycle(levels, 0, rest, z)
    // Polak and Ribière's step: the cycle is not one fixed matrix, so the last direction is only nearly conjugate.
    const beta = iteration === 0 ? 0 : (dot(z, rest) - dot(z, before)) / scale
    for (let i = 0; i < size; i++) p[i] = z[i]! + beta * p[i]!
    multiply(matrix, p, q)
    scale = dot(z, rest)
    const alpha = dot(p, rest) / dot(p, q)
    if (!Number.isFinite(alpha)) break
    before.set(rest)
    for (let i = 0; i < size; i++) {
      x[i]! += alpha * p[i]!
      rest[i]! -= alpha * q[i]!
    }
    // The rest that is carried along drifts from the true one.
    if (iteration % 20 === 19) residual(matrix, b, x, rest)
  }
  residual(matrix, b, x, rest)
  return { x, iterations: most, converged: done(x, rest) }
}

function hierarchy(finest: SparseMatrix): Level[] {
  const levels: Level[] = []
  let matrix = finest
  for (;;) {
    const coarse = matrix.size > FEW ? coarsened(matrix) : null
    const last = coarse === null || coarse.matrix.size > 0.9 * matrix.size
    const vector = () => new Float64Array(matrix.size)
    levels.push({
      matrix,
      aggregate: last ? null : coarse.aggregate,
      factor: last ? cholesky(matrix) : null,
      b: vector(),
      x: vector(),
      rest: vector(),
      c: vector(),
      v: vector(),
      d: vector(),
      w: vector(),
    })
    if (last) return levels
    matrix = coarse.matrix
  }
}

/** One cycle: out ≈ A⁻¹·b of a level, from nothing. */
function cycle(levels: readonly Level[], at: number, b: Float64Array, out: Float64Array): void {
  const { matrix, aggregate, factor, rest } = levels[at]!
  if (factor) return solveFactored(factor, b, out)
  forwardFromZero(matrix, b, out, rest)
  const below = levels[at + 1]!
  below.b.fill(0)
  for (let i = 0; i < rest.length; i++) below.b[aggregate![i]!]! += rest[i]!
  if (below.factor) solveFactored(below.factor, below.b, below.x)
  else innerSteps(levels, at + 1)
  for (let i = 0; i < out.length; i++) out[i]! += below.x[aggregate![i]!]!
  backward(matrix, b, out)
}

/** One or two steps of flexible conjugate gradients on a coarse level, each with the cycle below it. */
function innerSteps(levels: readonly Level[], at: number): void {
  const { matrix, b, x, c, v, d, w } = levels[at]!
  cycle(levels, at, b, c)
  multiply(matrix, c, v)
  const [rho, alpha] = [dot(c, v), dot(c, b)]
  const step = rho === 0 ? 0 : alpha / rho
  const long = norm(b)
  for (let i = 0; i < b.length; i++) b[i]! -= step * v[i]!
  if (norm(b) <= ENOUGH * long) {
    for (let i = 0; i < x.length; i++) x[i] = step * c[i]!
    return
  }
  cycle(levels, at, b, d)
  multiply(matrix, d, w)
  const [gamma, beta, second] = [dot(d, v), dot(d, w), dot(d, b)]
  const left = beta - (gamma * gamma) / rho
  const [onC, onD] = left > 0 ? [step - (gamma * second) / (rho * left), second / left] : [step, 0]
  for (let i = 0; i < x.length; i++) x[i] = onC * c[i]! + onD * d[i]!
}

/** Gauss and Seidel forward from x = 0, where unknowns further on do not count yet; what they leave is the rest. */
function forwardFromZero(matrix: SparseMatrix, b: Float64Array, x: Float64Array, rest: Float64Array): void {
  const { size, diagonal, start, upper, column, value } = matrix
  for (let i = 0; i < size; i++) {
    let left = b[i]!
    const end = upper[i]!
    for (let k = start[i]!; k < end; k++) left -= value[k]! * x[column[k]!]!
    x[i] = left / diagonal[i]!
  }
  for (let i = 0; i < size; i++) {
    let left = 0
    const end = start[i + 1]!
    for (let k = upper[i]!; k < end; k++) left -= value[k]! * x[column[k]!]!
    rest[i] = left
  }
}

function backward({ size, diagonal, start, column, value }: SparseMatrix, b: Float64Array, x: Float64Array): void {
  for (let i = size - 1; i >= 0; i--) {
    let rest = b[i]!
    const end = start[i + 1]!
    for (let k = start[i]!; k < end; k++) rest -= value[k]! * x[column[k]!]!
    x[i] = rest / diagonal[i]!
  }
}
