import { type Face, onPelt, type Placement, type Point } from "../../core/shell/face"
import { type Bounds, peltBounds } from "../../core/shell/pelt-layout"
import { type Rectangle, rectangleCorners } from "../../core/shell/polygon"

/** Screen from pelt: to scale, the front to the right, left side up. */
export interface View {
  /** px in a metre */
  scale: number
  at: (point: Point) => Point
}

interface Size {
  width: number
  height: number
}

/** How one looks at the pelt: how near, and by how far it is pushed aside, px. */
export interface Viewpoint {
  zoom: number
  x: number
  y: number
}

export const WHOLE: Viewpoint = { zoom: 1, x: 0, y: 0 }
const NEAREST = 12

/** Largest scale at which the pelt fits with room for the words around it, times the zoom; about the middle of the pane. */
export const fit = (faces: readonly Face[], size: Size, margin = 26, zoom = 1): View => fitBounds(peltBounds(faces), size, margin, zoom)

/** The same of what keeps within bounds. @param least px to a unit of the bounds, however small that leaves the room */
export function fitBounds(bounds: Bounds, { width, height }: Size, margin: number, zoom = 1, least = 1): View {
  const [across, up] = [bounds.right - bounds.left, bounds.high - bounds.low]
  const scale = zoom * Math.max(least, Math.min((width - 2 * margin) / across, (height - 2 * margin) / up))
  const [left, top] = [(width - across * scale) / 2, (height - up * scale) / 2]
  return { scale, at: ([x, y]) => [left + (x - bounds.left) * scale, top + (bounds.high - y) * scale] }
}

/** Nearer or further by a factor, so that what is under the pointer stays there. */
export function zoomedAt(viewpoint: Viewpoint, factor: number, [px, py]: Point, { width, height }: Size): Viewpoint {
  const zoom = Math.min(NEAREST, Math.max(1, viewpoint.zoom * factor))
  if (zoom === 1) return WHOLE
  const grown = zoom / viewpoint.zoom
  const keep = (push: number, at: number, middle: number) => at - middle - (at - middle - push) * grown
  return { zoom, x: keep(viewpoint.x, px, width / 2), y: keep(viewpoint.y, py, height / 2) }
}

/** A way on the screen in a face's own directions, m. */
export function wayOn(place: Placement, [dx, dy]: Point, scale: number): Point {
  const way: Point = [dx / scale, -dy / scale]
  return [way[0] * place.u[0] + way[1] * place.u[1], way[0] * place.v[0] + way[1] * place.v[1]]
}

/** An outline in a face's own coordinates, on the screen. */
export const outlineOn = (face: Face, outline: readonly Point[], view: View): Point[] =>
  outline.map((corner) => view.at(onPelt(face.place, corner)))

export const rectangleOn = (face: Face, rectangle: Rectangle, view: View): Point[] => outlineOn(face, rectangleCorners(rectangle), view)

export const pointsText = (outline: readonly Point[]): string => outline.map((point) => point.join(",")).join(" ")

/** Many outlines as the data of one path: one element is drawn in place of hundreds. */
export const pathText = (outlines: readonly (readonly Point[])[]): string =>
  outlines.map((outline) => `M${outline.map(([x, y]) => `${Math.round(x * 100) / 100} ${Math.round(y * 100) / 100}`).join("L")}Z`).join("")

/** Lengths of a scale bar, in its unit, and the length on screen that reads well, px. */
const BARS = [0.1, 0.25, 0.5, 1, 2, 4, 10, 20, 40]
const READABLE = 60

/**
 * How many units a scale bar shows: as few as read well, fewer where there is no room for them beside the drawing.
 * @param unit px in one, and `room` px beside the drawing
 */
export function barLength(unit: number, room: number): number {
  const readable = BARS.find((count) => count * unit > READABLE) ?? BARS.at(-1)!
  if (readable * unit <= room) return readable
  // Shorter than its words it would say nothing.
  return BARS.findLast((count) => count * unit <= room && count * unit > READABLE / 2) ?? readable
}
