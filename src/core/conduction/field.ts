import { type BridgeBoundary, type BridgeInput, stretchOf } from "../../schema/bridge"
import { solveByMultigrid } from "../numeric/multigrid"
import type { SparseMatrix } from "../numeric/sparse-matrix"
import { cellConductivities, cellsBetween } from "./body"
import type { Mesh } from "./mesh"

/** One cell's face on a boundary. */
export interface Facet {
  boundary: number
  edge: BridgeBoundary["edge"]
  cell: number
  /** Middle of the face, m, its length m, and where it lies along the edge. */
  x: number
  y: number
  length: number
  along: number
  /** W/(m·K) for a metre of depth: from the cell's middle to its face, and through the surface resistance; infinite where that is 0. */
  inner: number
  outer: number
}

/** Temperatures of a body on one mesh: those of the cells' middles, °C, row by row from below. */
export interface Field {
  mesh: Mesh
  temperature: Float64Array
  /** From each cell's middle to the border with its right and its upper neighbour and on, W/K a metre of depth; 0 at the body's edge. */
  right: Float64Array
  up: Float64Array
  conductivity: Float64Array
  facets: Facet[]
  iterations: number
  converged: boolean
}

/** The rest of all cells' balances that may be left, of the largest heat flow. */
const LEFT = 1e-7
/** What rounding leaves of a cell's balance, of what passes it. */
const ROUNDING = 5e-16

/**
 * Steady temperatures of a body by finite volumes: each cell passes on what it takes up.
 * @param guess temperatures of the cells to begin with
 * @see ISO 10211:2017, annex A (requirements of numerical methods)
 */
export function fieldOn(body: BridgeInput, mesh: Mesh, guess: Float64Array | null): Field {
  const conductivity = cellConductivities(body, mesh)
  const { right, up } = conductances(mesh, conductivity)
  const facets = facetsOf(body, mesh, conductivity)
  const matrix = matrixOf(mesh, right, up, facets)
  const { boundaries } = body
  // Differences from one of the boundaries: with all of them alike nothing is left to solve.
  const base = boundaries[0]!.temperature
  const source = new Float64Array(conductivity.length)
  for (const { cell, boundary, inner, outer } of facets)
    source[cell]! += inSeries(inner, outer) * (boundaries[boundary]!.temperature - base)
  const x = new Float64Array(conductivity.length)
  if (guess) for (let i = 0; i < x.length; i++) x[i] = guess[i]! - base
  const flows = new Float64Array(boundaries.length)
  const spread = Math.max(...boundaries.map(({ temperature }) => Math.abs(temperature - base)))
  const least = ROUNDING * spread * matrix.diagonal.reduce((total, value) => total + value, 0)
  const solved = solveByMultigrid(matrix, source, x, (now, rest) => {
    flows.fill(0)
    for (const { cell, boundary, inner, outer } of facets)
      flows[boundary]! += inSeries(inner, outer) * (boundaries[boundary]!.temperature - base - now[cell]!)
    let left = 0
    for (const value of rest) left += Math.abs(value)
    return left <= Math.max(least, LEFT * flows.reduce((most, flow) => Math.max(most, Math.abs(flow)), 0))
  })
  const temperature = solved.x.map((difference) => difference + base)
  return { mesh, temperature, right, up, conductivity, facets, iterations: solved.iterations, converged: solved.converged }
}

/** Conductances in series; the harmonic sum keeps a membrane tight that a mean would leak through. */
export const inSeries = (a: number, b: number): number => (b === Infinity ? a : (a * b) / (a + b))

function conductances({ x, y }: Mesh, conductivity: Float64Array): { right: Float64Array; up: Float64Array } {
  const [columns, rows] = [x.length - 1, y.length - 1]
  const [right, up] = [new Float64Array(columns * rows), new Float64Array(columns * rows)]
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      const i = row * columns + column
      const [wide, high] = [x[column + 1]! - x[column]!, y[row + 1]! - y[row]!]
      if (column + 1 < columns)
        right[i] = inSeries((2 * conductivity[i]! * high) / wide, (2 * conductivity[i + 1]! * high) / (x[column + 2]! - x[column + 1]!))
      if (row + 1 < rows)
        up[i] = inSeries((2 * conductivity[i]! * wide) / high, (2 * conductivity[i + columns]! * wide) / (y[row + 2]! - y[row + 1]!))
    }
  return { right, up }
}

function facetsOf(body: BridgeInput, { x, y }: Mesh, conductivity: Float64Array): Facet[] {
  const [columns, rows] = [x.length - 1, y.length - 1]
  return body.boundaries.flatMap((boundary, b) => {
    const { from, to } = stretchOf(body, boundary)
    const level = boundary.edge === "bottom" || boundary.edge === "top"
    const lines = level ? x : y
    const [first, end] = cellsBetween(lines, from, to)
    const far = boundary.edge === "right" || boundary.edge === "top"
    const across = level ? y : x
    const depth = far ? across[across.length - 1]! - across[across.length - 2]! : across[1]! - across[0]!
    const edge = far ? across[across.length - 1]! : across[0]!
    return Array.from({ length: end - first }, (_, k): Facet => {
      const place = first + k
      const cell = level ? (far ? rows - 1 : 0) * columns + place : place * columns + (far ? columns - 1 : 0)
      const [length, along] = [lines[place + 1]! - lines[place]!, (lines[place]! + lines[place + 1]!) / 2]
      return {
        boundary: b,
        edge: boundary.edge,
        cell,
        ...(level ? { x: along, y: edge } : { x: edge, y: along }),
        length,
        along,
        inner: (2 * conductivity[cell]! * length) / depth,
        outer: boundary.resistance === 0 ? Infinity : length / boundary.resistance,
      }
    })
  })
}

/** Each cell's balance: what it passes to its neighbours and out through its faces on a boundary. */
function matrixOf({ x, y }: Mesh, right: Float64Array, up: Float64Array, facets: readonly Facet[]): SparseMatrix {
  const [columns, rows] = [x.length - 1, y.length - 1]
  const size = columns * rows
  const diagonal = new Float64Array(size)
  const start = new Int32Array(size + 1)
  const upper = new Int32Array(size)
  const column = new Int32Array(2 * ((columns - 1) * rows + columns * (rows - 1)))
  const value = new Float64Array(column.length)
  let filled = 0
  for (let i = 0; i < size; i++) {
    start[i] = filled
    const [place, row] = [i % columns, Math.floor(i / columns)]
    if (row > 0) filled = joined(i, i - columns, up[i - columns]!, filled)
    if (place > 0) filled = joined(i, i - 1, right[i - 1]!, filled)
    upper[i] = filled
    if (place + 1 < columns) filled = joined(i, i + 1, right[i]!, filled)
    if (row + 1 < rows) filled = joined(i, i + columns, up[i]!, filled)
  }
  start[size] = filled
  for (const { cell, inner, outer } of facets) diagonal[cell]! += inSeries(inner, outer)
  return { size, diagonal, start, upper, column, value }

  function joined(i: number, to: number, conductance: number, at: number): number {
    diagonal[i]! += conductance
    column[at] = to
    value[at] = -conductance
    return at + 1
  }
}
