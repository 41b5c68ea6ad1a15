import { type Face, type Point, onPelt } from "./face"
import { boundsOf, clipConvex, polygonArea, rectangleCorners } from "./polygon"

/** Bounds of the pelt in its own coordinates, m. */
export interface Bounds {
  left: number
  right: number
  low: number
  high: number
}

/** Bounds of all faces as they are laid on the pelt, m. */
export function peltBounds(faces: readonly Face[]): Bounds {
  const points = faces.flatMap((face) => face.outline.map((corner) => onPelt(face.place, corner)))
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)]
  return { left: Math.min(...xs), right: Math.max(...xs), low: Math.min(...ys), high: Math.max(...ys) }
}

/** A box that something is drawn in or kept out of, by its middle. */
export interface Box {
  x: number
  y: number
  width: number
  height: number
}

/** Shares of a face's breadth and height that a label may stand off its middle. */
const STEPS = [0, -0.08, 0.08, -0.16, 0.16, -0.22, 0.22, -0.27, 0.27, -0.32, 0.32, -0.37, 0.37]
/** The same both ways, nearest to the middle first. */
const PLACES = STEPS.flatMap((dy) => STEPS.map((dx) => ({ dx, dy, distance: Math.hypot(dx, dy) }))).sort((a, b) => a.distance - b.distance)

/** Where a label stands, and how much of it lies over the face's edge or over what is drawn there, in the square of the units. */
export interface LabelPlace {
  at: Point
  over: number
}

/**
 * Where a label of a size stands in a face so that it crosses no edge and covers no opening: as near to the middle as it can.
 * @param outline of the face, convex, and `taken` what is drawn in it, all in the same units
 */
export function labelPlace(outline: readonly Point[], taken: readonly Box[], label: { width: number; height: number }): LabelPlace {
  const { left, right, low, high } = boundsOf(outline)
  const within: Box = { x: (left + right) / 2, y: (low + high) / 2, width: right - left, height: high - low }
  const size = label.width * label.height
  let best = { at: [within.x, within.y] as Point, over: Infinity, cost: Infinity }
  for (const { dx, dy, distance } of PLACES) {
    const box = { ...label, x: within.x + dx * within.width, y: within.y + dy * within.height }
    const covered = taken.reduce((area, other) => area + sharedArea(box, other), 0)
    // What is outside counts most, then what is covered, then the distance from the middle.
    const costOf = (outside: number) => (100 * outside + 10 * covered) / size + distance
    // The bounds are quickly told and leave out most places before the outline is asked.
    if (costOf(size - sharedArea(box, within)) >= best.cost) continue
    const outside = outsideArea(box, outline)
    if (costOf(outside) < best.cost) best = { at: [box.x, box.y], over: outside + covered, cost: costOf(outside) }
  }
  return best
}

/** What of a box lies outside a convex outline; what is less than the last places of the sums is nothing. */
function outsideArea(box: Box, outline: readonly Point[]): number {
  const corners = rectangleCorners({ ...box, x: box.x - box.width / 2, y: box.y - box.height / 2 })
  const size = box.width * box.height
  const outside = size - polygonArea(clipConvex(outline, corners))
  return outside < 1e-9 * size ? 0 : outside
}

/** What two boxes share, in the square of their units. */
export function sharedArea(a: Box, b: Box): number {
  const along = (p: number, lengthP: number, q: number, lengthQ: number) =>
    Math.max(0, Math.min(p + lengthP / 2, q + lengthQ / 2) - Math.max(p - lengthP / 2, q - lengthQ / 2))
  return along(a.x, a.width, b.x, b.width) * along(a.y, a.height, b.y, b.height)
}
