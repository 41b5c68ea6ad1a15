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
  /** kg/m³ that a cell holds at most: what comes beyond it runs down and away; Infinity where nothing does. */
  full: Float64Array
}

/** A layer to be cut; of what `drains` no more is held than its sorption ends at. */
export type MeshLayer = HygroInput["layers"][number] & { drains?: boolean }

/** How layers are cut: widest cell at a face, m, by how much each next one is wider, and the least cells to the middle. */
export interface Grading {
  face: number
  growth: number
  least: number
}

const FINE: Grading = { face: 1e-3, growth: 1.4, least: 2 }

/**
 * Cells of layers: as many as a layer asks for, all alike, else small ones at its faces that grow to its middle.
 * @param halvings how often each of them is cut in two
 */
export function meshOf(layers: readonly MeshLayer[], halvings: number, grading = FINE): Mesh {
  const widths: number[] = []
  const of: number[] = []
  for (const [layer, { thickness, cells }] of layers.entries())
    for (const width of cells === undefined ? graded(thickness, grading) : new Array<number>(cells).fill(thickness / cells))
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
    full: Float64Array.from(of, (layer) => (layers[layer]!.drains ? stuffs[layer]!.sorption.ys.at(-1)! : Infinity)),
  }
}

/** Widths of cells that grow from both faces to the middle. */
function graded(thickness: number, { face, growth, least }: Grading): number[] {
  const half = thickness / 2
  const count = Math.max(least, Math.ceil(Math.log(1 + (half * (growth - 1)) / face) / Math.log(growth)))
  const grown = Array.from({ length: count }, (_, i) => growth ** i)
  const scale = half / grown.reduce((all, one) => all + one, 0)
  const widths = grown.map((one) => one * scale)
  return [...widths, ...[...widths].reverse()]
}
