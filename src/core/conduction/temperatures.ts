import type { Facet, Field } from "./field"
import { cellAt, type Mesh } from "./mesh"

/** Temperature of the body's own face at a facet, °C. */
export function faceTemperature({ temperature }: Field, { cell, inner, outer }: Facet, beyond: number): number {
  return outer === Infinity ? beyond : (inner * temperature[cell]! + outer * beyond) / (inner + outer)
}

/** Temperatures of a cell's four faces, °C; on the body's edge those of its boundaries, or its own where nothing passes. */
interface Faces {
  left: number
  right: number
  bottom: number
  top: number
}

/**
 * Temperatures at all crossings of the mesh's lines, °C, row by row from below; continuous across every border of stuffs.
 * @param beyond temperature beyond each boundary, °C
 */
export function cornerTemperatures(field: Field, beyond: readonly number[]): Float64Array {
  const { x, y } = field.mesh
  const [columns, rows] = [x.length - 1, y.length - 1]
  const total = new Float64Array((columns + 1) * (rows + 1))
  const weight = new Float64Array(total.length)
  const edges = edgeTemperatures(field, beyond)
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      const i = row * columns + column
      const own = field.temperature[i]!
      const { left, right, bottom, top } = facesOf(field, i, column, row, edges)
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
  return total
}

function edgeTemperatures(field: Field, beyond: readonly number[]): Map<string, number> {
  return new Map(field.facets.map((facet) => [`${facet.cell} ${facet.edge}`, faceTemperature(field, facet, beyond[facet.boundary]!)]))
}

function facesOf(
  { mesh, temperature, right, up, conductivity }: Field,
  i: number,
  column: number,
  row: number,
  edges: Map<string, number>,
): Faces {
  const { x, y } = mesh
  const [columns, rows] = [x.length - 1, y.length - 1]
  const own = temperature[i]!
  const [wide, high] = [x[column + 1]! - x[column]!, y[row + 1]! - y[row]!]
  // What passes a border, over what the cell's own half lets through.
  const towards = (other: number, conductance: number, half: number) => own + ((temperature[other]! - own) * conductance) / half
  const [halfX, halfY] = [(2 * conductivity[i]! * high) / wide, (2 * conductivity[i]! * wide) / high]
  return {
    left: column > 0 ? towards(i - 1, right[i - 1]!, halfX) : (edges.get(`${i} left`) ?? own),
    right: column + 1 < columns ? towards(i + 1, right[i]!, halfX) : (edges.get(`${i} right`) ?? own),
    bottom: row > 0 ? towards(i - columns, up[i - columns]!, halfY) : (edges.get(`${i} bottom`) ?? own),
    top: row + 1 < rows ? towards(i + columns, up[i]!, halfY) : (edges.get(`${i} top`) ?? own),
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
