import type { BridgeBoundary } from "../../schema/bridge"
import { stretchOf } from "../../schema/stretch"
import { spread } from "../numeric/coarser-grid"
import { type Grid, gridOf } from "../numeric/grid"
import { levelsOf, solveByMultigrid } from "../numeric/multigrid"
import { type Body, cellConductivities, cellsBetween, surroundings } from "./body"
import { cellAt, type Mesh } from "./mesh"

/** One cell's face on a boundary or an air. */
export interface Facet {
  /** Place among the body's surroundings. */
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
  conductivity: Float64Array
  facets: Facet[]
  /** The cells' balances, W/K a metre of depth. */
  grid: Grid
  iterations: number
  converged: boolean
}

/** The rest of all cells' balances that may be left, of the largest heat flow. */
const LEFT = 1e-7
/** What rounding leaves of a cell's balance, of what passes it. */
const ROUNDING = 5e-16

/**
 * Steady temperatures of a body by finite volumes: each cell passes on what it takes up.
 * @param coarser the body on a mesh whose cells this one cuts, all of them or some: where to begin
 * @see ISO 10211:2017, annex A (requirements of numerical methods)
 */
export function fieldOn(body: Body, mesh: Mesh, coarser: Field | null): Field {
  const conductivity = cellConductivities(body, mesh)
  const facets = facetsOf(body, mesh, conductivity)
  const grid = balances(mesh, conductivity, facets)
  const levels = levelsOf(grid)
  const around = surroundings(body)
  // Differences from one of the temperatures around: with all of them alike nothing is left to solve.
  const base = around[0]!.temperature
  const source = new Float64Array(conductivity.length)
  for (const { cell, boundary, inner, outer } of facets) source[cell]! += inSeries(inner, outer) * (around[boundary]!.temperature - base)
  const x = coarser ? begun(mesh, coarser, levels, base) : new Float64Array(conductivity.length)
  const flows = new Float64Array(around.length)
  const range = Math.max(...around.map(({ temperature }) => Math.abs(temperature - base)))
  const least = ROUNDING * range * grid.diagonal.reduce((total, value) => total + value, 0)
  const solved = solveByMultigrid(levels, source, x, (now, rest) => {
    flows.fill(0)
    for (const { cell, boundary, inner, outer } of facets)
      flows[boundary]! += inSeries(inner, outer) * (around[boundary]!.temperature - base - now[cell]!)
    let left = 0
    for (const value of rest) left += Math.abs(value)
    return left <= Math.max(least, LEFT * flows.reduce((most, flow) => Math.max(most, Math.abs(flow)), 0))
  })
  const temperature = solved.x.map((difference) => difference + base)
  return { mesh, temperature, conductivity, facets, grid, iterations: solved.iterations, converged: solved.converged }
}

/** Where to begin, from the same body on a coarser mesh: along the paths through the cells where all were cut, else cell by cell. */
function begun(mesh: Mesh, coarser: Field, levels: ReturnType<typeof levelsOf>, base: number): Float64Array {
  const [columns, rows] = [mesh.x.length - 1, mesh.y.length - 1]
  const x = new Float64Array(columns * rows)
  const { grid, below } = levels[0]!
  if (below && 4 * coarser.temperature.length === x.length) {
    spread(
      below,
      grid,
      coarser.temperature.map((value) => value - base),
      x,
    )
    return x
  }
  const within = (lines: Float64Array, of: Float64Array) =>
    Int32Array.from({ length: lines.length - 1 }, (_, i) => cellAt(of, (lines[i]! + lines[i + 1]!) / 2))
  const [column, row] = [within(mesh.x, coarser.mesh.x), within(mesh.y, coarser.mesh.y)]
  const across = coarser.mesh.x.length - 1
  for (let i = 0; i < x.length; i++) x[i] = coarser.temperature[row[Math.floor(i / columns)]! * across + column[i % columns]!]! - base
  return x
}

/** Conductances in series; the harmonic sum keeps a membrane tight that a mean would leak through. */
export const inSeries = (a: number, b: number): number => (b === Infinity ? a : (a * b) / (a + b))

/** Each cell's balance: what it passes to its neighbours and out through its faces on a boundary or an air. */
function balances({ x, y }: Mesh, conductivity: Float64Array, facets: readonly Facet[]): Grid {
  const [columns, rows] = [x.length - 1, y.length - 1]
  const vector = () => new Float64Array(columns * rows)
  const [right, up, sink, halfX, halfY] = [vector(), vector(), vector(), vector(), vector()]
  for (let i = 0; i < sink.length; i++) {
    const [column, row] = [i % columns, Math.floor(i / columns)]
    const [wide, high] = [x[column + 1]! - x[column]!, y[row + 1]! - y[row]!]
    halfX[i] = (2 * conductivity[i]! * high) / wide
    halfY[i] = (2 * conductivity[i]! * wide) / high
  }
  const join = (half: Float64Array, i: number, to: number) => (half[i] === 0 || half[to] === 0 ? 0 : inSeries(half[i]!, half[to]!))
  for (let i = 0; i < sink.length; i++) {
    if ((i + 1) % columns > 0) right[i] = join(halfX, i, i + 1)
    if (i + columns < sink.length) up[i] = join(halfY, i, i + columns)
  }
  for (const { cell, inner, outer } of facets) sink[cell]! += inSeries(inner, outer)
  return gridOf({ columns, rows, right, up, sink, halfX, halfY })
}

function facetsOf(body: Body, mesh: Mesh, conductivity: Float64Array): Facet[] {
  const { x, y } = mesh
  const [columns, rows] = [x.length - 1, y.length - 1]
  const facet = (boundary: number, edge: Facet["edge"], column: number, row: number): Facet => {
    const cell = row * columns + column
    const level = edge === "bottom" || edge === "top"
    const [lines, place] = level ? [x, column] : [y, row]
    const [across, at] = level ? [y, row] : [x, column]
    const [length, along] = [lines[place + 1]! - lines[place]!, (lines[place]! + lines[place + 1]!) / 2]
    const face = across[at + (edge === "right" || edge === "top" ? 1 : 0)]!
    const { resistance } = around[boundary]!
    return {
      boundary,
      edge,
      cell,
      ...(level ? { x: along, y: face } : { x: face, y: along }),
      length,
      along,
      inner: (2 * conductivity[cell]! * length) / (across[at + 1]! - across[at]!),
      outer: resistance === 0 ? Infinity : length / resistance,
    }
  }
  const around = surroundings(body)
  const onEdges = body.boundaries.flatMap((boundary, b) => {
    const { from, to } = stretchOf(body, boundary)
    const { edge } = boundary
    const level = edge === "bottom" || edge === "top"
    const [first, end] = cellsBetween(level ? x : y, from, to)
    const last = edge === "right" ? columns - 1 : edge === "top" ? rows - 1 : 0
    return Array.from({ length: end - first }, (_, k) =>
      level ? facet(b, edge, first + k, last) : facet(b, edge, last, first + k),
    ).filter(({ cell }) => conductivity[cell]! > 0)
  })
  const inside = (body.airs ?? []).flatMap((air, a) => {
    const b = body.boundaries.length + a
    const [left, right] = cellsBetween(x, air.x, air.x + air.width)
    const [low, high] = cellsBetween(y, air.y, air.y + air.height)
    const solid = (column: number, row: number) =>
      column >= 0 && column < columns && row >= 0 && row < rows && conductivity[row * columns + column]! > 0
    const level = (edge: "bottom" | "top", row: number) =>
      Array.from({ length: right - left }, (_, k) => left + k).flatMap((column) => (solid(column, row) ? facet(b, edge, column, row) : []))
    const upright = (edge: "left" | "right", column: number) =>
      Array.from({ length: high - low }, (_, k) => low + k).flatMap((row) => (solid(column, row) ? facet(b, edge, column, row) : []))
    return [...level("top", low - 1), ...level("bottom", high), ...upright("right", left - 1), ...upright("left", right)]
  })
  return [...onEdges, ...inside]
}
