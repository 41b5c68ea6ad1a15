import type { HygroInput } from "../../schema/hygro"
import { type Stuff, stuffOf } from "./stuff"

/** Layers cut into cells, from the outdoor face to the indoor face. */
export interface Mesh {
  /** m of each cell, and of its middle from the outdoor face */
  widths: Float64Array
  middles: Float64Array
  /** Layer and stuff of each cell. */
  layers: Int32Array
  stuffs: Stuff[]
}

/** Widest cell at the face of a layer, m, by how much each next one is wider, and the least cells to its middle. */
const [FACE, GROWTH, LEAST] = [1e-3, 1.4, 2] as const

/**
 * Cells of layers: as many as a layer asks for, all alike, else small ones at its faces that grow to its middle.
 * @param halvings how often each of them is cut in two
 */
export function meshOf(layers: HygroInput["layers"], halvings: number): Mesh {
  const widths: number[] = []
  const of: number[] = []
  for (const [layer, { thickness, cells }] of layers.entries())
    for (const width of cells === undefined ? graded(thickness) : new Array<number>(cells).fill(thickness / cells))
      for (let part = 0; part < 2 ** halvings; part++) {
        widths.push(width / 2 ** halvings)
        of.push(layer)
      }
  let from = 0
  const middles = widths.map((width) => (from += width) - width / 2)
  const stuffs = layers.map(({ material }) => stuffOf(material))
  return {
    widths: Float64Array.from(widths),
    middles: Float64Array.from(middles),
    layers: Int32Array.from(of),
    stuffs: of.map((layer) => stuffs[layer]!),
  }
}

/** Widths of cells that grow from both faces to the middle. */
function graded(thickness: number): number[] {
  const half = thickness / 2
  const count = Math.max(LEAST, Math.ceil(Math.log(1 + (half * (GROWTH - 1)) / FACE) / Math.log(GROWTH)))
  const grown = Array.from({ length: count }, (_, i) => GROWTH ** i)
  const scale = half / grown.reduce((all, one) => all + one, 0)
  const widths = grown.map((one) => one * scale)
  return [...widths, ...[...widths].reverse()]
}
