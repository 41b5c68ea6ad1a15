import { type Body, cellsBetween, surroundings } from "./body"
import type { Facet, Field } from "./field"
import { cellAt, type Mesh } from "./mesh"

/** Temperature of the body's own face at a facet, °C. */
export function faceTemperature({ temperature }: Field, { cell, inner, outer }: Facet, beyond: number): number {
  return outer === Infinity ? beyond : (inner * temperature[cell]! + outer * beyond) / (inner + outer)
}

/** Temperatures of a cell's four faces, °C; beside a boundary or an air those that these give it, its own where nothing passes. */
interface Faces {
  left: number
  right: number
  bottom: number
  top: number
}

/**
 * Temperatures at all crossings of the mesh's lines, °C, row by row from below; continuous across every border of stuffs.
 */
export function cornerTemperatures(body: Body, field: Field): Float64Array {
  const { x, y } = field.mesh
  const [columns, rows] = [x.length - 1, y.length - 1]
  const total = new Float64Array((columns + 1) * (rows + 1))
  const weight = new Float64Array(total.length)
  const edges = edgeTemperatures(body, field)
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      const i = row * columns + column
      const own = field.temperature[i]!
      const { left, right, bottom, top } = facesOf(field, i, edges)
      const corner = row * (columns + 1) + column
      // Each cell's own guess at its corners weighs with its stuff: in metal the temperature is known best.
      const w = field.conductivity[i]!
      const add = (at: number, guess: number) => {
        total[at]! += w * guess
        weight[at]! += w
      }
      add(corner, left + bottom - own)
      add(corner + 1, right + bottom - own)
      add(corner + columns + 1, left + top - own)
      add(corner + columns + 2, right + top - own)
    }
  for (let i = 0; i < total.length; i++) total[i]! /= weight[i]!
  fillAirs(body, field.mesh, weight, total)
  return total
}

/** Within an air, away from its walls, the temperature is its own. */
function fillAirs({ airs = [] }: Body, { x, y }: Mesh, weight: Float64Array, corners: Float64Array): void {
  for (const air of airs) {
    const [left, right] = cellsBetween(x, air.x, air.x + air.width)
    const [low, high] = cellsBetween(y, air.y, air.y + air.height)
    for (let row = low; row <= high; row++)
      for (let column = left; column <= right; column++) {
        const at = row * x.length + column
        if (weight[at] === 0) corners[at] = air.temperature
      }
  }
}

const EDGES = ["left", "right", "bottom", "top"] as const

function edgeTemperatures(body: Body, field: Field): Map<number, number> {
  const around = surroundings(body)
  return new Map(
    field.facets.map((facet) => [
      4 * facet.cell + EDGES.indexOf(facet.edge),
      faceTemperature(field, facet, around[facet.boundary]!.temperature),
    ]),
  )
}

function facesOf({ temperature, grid, conductivity }: Field, i: number, edges: Map<number, number>): Faces {
  const { columns, right, up, halfX, halfY } = grid
  const own = temperature[i]!
  if (conductivity[i] === 0) return { left: own, right: own, bottom: own, top: own }
  // What passes a border, over what the cell's own half lets through.
  const towards = (edge: number, other: number, conductance: number | undefined, half: number) =>
    conductance ? own + ((temperature[other]! - own) * conductance) / half : (edges.get(4 * i + edge) ?? own)
  return {
    left: towards(0, i - 1, i % columns > 0 ? right[i - 1] : 0, halfX[i]!),
    right: towards(1, i + 1, right[i], halfX[i]!),
    bottom: towards(2, i - columns, up[i - columns], halfY[i]!),
    top: towards(3, i + columns, up[i], halfY[i]!),
  }
}

/** Temperature at a point of a mesh between those of its corners, °C. */
export function temperatureAt({ x, y }: Mesh, corners: Float64Array, px: number, py: number): number {
  const [column, row] = [cellAt(x, px), cellAt(y, py)]
  const across = x.length
  const [s, t] = [(px - x[column]!) / (x[column + 1]! - x[column]!), (py - y[row]!) / (y[row + 1]! - y[row]!)]
  const at = row * across + column
  const low = corners[at]! * (1 - s) + corners[at + 1]! * s
  const high = corners[at + across]! * (1 - s) + corners[at + across + 1]! * s
  return low * (1 - t) + high * t
}
