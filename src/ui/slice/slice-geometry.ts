import type { BuiltLayer } from "../../core/assembly/build-up"
import type { Material } from "../../schema/material"
import type { DampAssessment } from "../../core/moisture/damp-assessment"

/** Where the parts of the slice stand on screen, px from its left edge. */
export interface SliceGeometry {
  /** px in a metre of thickness. */
  scale: number
  /** Outdoor face of each layer, and at the end the indoor face. */
  edges: number[]
  outdoors: { from: number; to: number }
  indoors: { from: number; to: number }
}

/** Room on either side for the air and its film, px. */
const AIR = 74
/** A film or sheet stays visible at this width, px; everything else is to scale. */
const THINNEST = 2

/**
 * Lays layers out to scale between the two airs.
 * @param width of the whole slice, px
 * @param heldScale the scale to keep while an edge is dragged, so that the edge stays under the finger
 */
export function sliceGeometry(thicknesses: readonly number[], width: number, heldScale?: number): SliceGeometry {
  const thick = thicknesses.reduce((sum, thickness) => sum + thickness, 0)
  // A fifth is left over, so that a layer can be drawn thicker.
  const room = (width - 2 * AIR) * 0.8
  const scale = heldScale ?? Math.min(room / thick, 4000)
  const widths = thicknesses.map((thickness) => Math.max(THINNEST, thickness * scale))
  const edges = [AIR]
  for (const layer of widths) edges.push(edges.at(-1)! + layer)
  return { scale, edges, outdoors: { from: 0, to: AIR }, indoors: { from: edges.at(-1)!, to: width } }
}

/** Screen place of a depth, by the layer it lies in (thin layers are wider than to scale). */
export function placeOfDepth(depth: number, thicknesses: readonly number[], geometry: SliceGeometry): number {
  let start = 0
  for (const [i, thickness] of thicknesses.entries()) {
    const [from, to] = [geometry.edges[i]!, geometry.edges[i + 1]!]
    if (depth <= start + thickness + 1e-12) return from + ((depth - start) / thickness) * (to - from)
    start += thickness
  }
  return geometry.edges.at(-1)!
}

export interface Lines {
  temperature: string
  dewPoint: string
  /** Screen height of a temperature. */
  y: (temperature: number) => number
  /** Heights of the lines where they end, indoors, px. */
  ends: number[]
  /** Least and greatest that are shown, °C. */
  from: number
  to: number
}

/** Temperature and dew-point lines through the slice, films included. */
export function profileLines(
  look: DampAssessment,
  layers: readonly BuiltLayer[],
  geometry: SliceGeometry,
  dewPointOf: (pressure: number) => number | null,
  height: number,
): Lines {
  const dews = look.profile.map((plane) => dewPointOf(plane.vapourPressure ?? 0))
  const shown = [...look.profile.map((plane) => plane.temperature), look.inside.temperature, look.outside.temperature]
  const known = dews.filter((dew): dew is number => dew !== null)
  const [low, high] = [Math.min(...shown, ...known) - 2, Math.max(...shown) + 2]
  const y = (temperature: number) => height - 14 - ((temperature - low) / (high - low)) * (height - 34)
  const thicknesses = layers.map(({ layer }) => layer.thickness)
  const at = look.profile.map((plane) => placeOfDepth(plane.depth, thicknesses, geometry))
  // The films are drawn a finger wide: their thickness is none that could be measured.
  const film = 22
  const temperature = [
    `M${geometry.outdoors.from} ${y(look.outside.temperature)}H${geometry.outdoors.to - film}`,
    ...look.profile.map((plane, i) => `L${at[i]} ${y(plane.temperature)}`),
    `L${geometry.indoors.from + film} ${y(look.inside.temperature)}H${geometry.indoors.to}`,
  ]
  const points = dews.map((dew, i) => (dew === null ? null : `${at[i]} ${y(dew)}`)).filter((point) => point !== null)
  const first = dews[0]
  const last = dews.at(-1)
  const dewPoint = [
    first === null || first === undefined ? `M${points[0] ?? "0 0"}` : `M${geometry.outdoors.from} ${y(first)}`,
    ...points.map((point) => `L${point}`),
    last === null || last === undefined ? "" : `H${geometry.indoors.to}`,
  ]
  const ends = [look.inside.temperature, ...(last === null || last === undefined ? [] : [last])].map(y)
  return { temperature: temperature.join(""), dewPoint: dewPoint.join(""), y, ends, from: low, to: high }
}

/** Whole tens of a thermometer's degrees between two temperatures, in its own degrees; twenties where they would stand close. */
export function scaleMarks(from: number, to: number, shown: (celsius: number) => number): number[] {
  const [least, most] = [shown(from), shown(to)]
  const step = most - least > 60 ? 20 : 10
  const first = Math.ceil(least / step) * step
  return Array.from({ length: Math.max(0, Math.floor((most - first) / step) + 1) }, (_, i) => first + i * step)
}

/** From the middle of a mark's figure to where it stands free of the lines: on the mark, over it or under it, px. */
const FIGURE_PLACES = [0, -8, 8]

/** Where the figure of a mark stands beside its height so that no line runs through it, px. @param lines heights of the lines there, px */
export function figurePlace(mark: number, lines: readonly number[]): number {
  const clear = (place: number) => Math.min(...lines.map((line) => Math.abs(line - mark - place)))
  return (
    FIGURE_PLACES.find((place) => clear(place) >= 7) ?? FIGURE_PLACES.reduce((best, place) => (clear(place) > clear(best) ? place : best))
  )
}

interface SoldPlace {
  thickness: number
  x: number
  /** The thickness that the layer has. */
  worn: boolean
  labelled: boolean
}

/** The thicknesses that a layer is sold in, on screen; labels that would run into each other are left out, the one that is worn stays. */
export function soldPlaces({ layer }: BuiltLayer, { sold }: Material, start: number, scale: number, width: number): SoldPlace[] {
  const isWorn = (thickness: number) => Math.abs(thickness - layer.thickness) < 1e-6
  const worn = start + layer.thickness * scale
  const places: SoldPlace[] = []
  for (const thickness of sold.thicknesses) {
    const x = start + thickness * scale
    if (x > width - 8) break
    const last = places.findLast((place) => place.labelled)?.x ?? -Infinity
    places.push({ thickness, x, worn: isWorn(thickness), labelled: isWorn(thickness) || (x - last > 34 && Math.abs(x - worn) > 30) })
  }
  return places
}
