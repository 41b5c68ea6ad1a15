import { type Face, type Point, onPelt } from "./face"
import { boundsOf } from "./polygon"

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

interface Size {
  width: number
  height: number
}

/** A box that something is drawn in or kept out of, by its middle. */
export interface Box extends Size {
  x: number
  y: number
}

/** Shares of a face's breadth and height that a label may stand off its middle. */
const STEPS = [0, -0.08, 0.08, -0.16, 0.16, -0.22, 0.22, -0.27, 0.27, -0.32, 0.32, -0.37, 0.37]
/** The same both ways, nearest to the middle first. */
const PLACES = STEPS.flatMap((dy) => STEPS.map((dx) => ({ dx, dy, distance: Math.hypot(dx, dy) }))).sort((a, b) => a.distance - b.distance)

/**
 * Where a label of a size stands in a face so that it crosses no edge and covers no opening: as near to the middle as it can.
 * @param outline of the face, convex, and `taken` what is drawn in it, all in the same units
 * @returns the label's middle; null where it has no room
 */
export function labelPlace(outline: readonly Point[], taken: readonly Box[], { width, height }: Size): Point | null {
  const { left, right, low, high } = boundsOf(outline)
  if (width > right - left || height > high - low) return null
  for (const { dx, dy } of PLACES) {
    const [x, y] = [(left + right) / 2 + dx * (right - left), (low + high) / 2 + dy * (high - low)]
    const box = { x, y, width, height }
    if (taken.every((other) => sharedArea(box, other) === 0) && holds(outline, box)) return [x, y]
  }
  return null
}

/** Whether a box lies whole in a convex outline, whichever way that runs. */
function holds(outline: readonly Point[], { x, y, width, height }: Box): boolean {
  let turn = 0
  for (let i = 0; i < outline.length; i++) {
    const [from, to] = [outline[i]!, outline[(i + 1) % outline.length]!]
    const [along, up] = [to[0] - from[0], to[1] - from[1]]
    const middle = along * (y - from[1]) - up * (x - from[0])
    // The corner nearest to the edge is this much nearer than the middle.
    const nearer = (Math.abs(along) * height + Math.abs(up) * width) / 2
    if (Math.abs(middle) < nearer - 1e-9 || middle * turn < 0) return false
    if (middle !== 0) turn = middle
  }
  return true
}

/** What two boxes share, in the square of their units. */
export function sharedArea(a: Box, b: Box): number {
  const along = (p: number, lengthP: number, q: number, lengthQ: number) =>
    Math.max(0, Math.min(p + lengthP / 2, q + lengthQ / 2) - Math.max(p - lengthP / 2, q - lengthQ / 2))
  return along(a.x, a.width, b.x, b.width) * along(a.y, a.height, b.y, b.height)
}
