import { type Face, type Point, onPelt } from "./face"

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

/**
 * Where a label of a size stands in a face so that it covers no opening: as near to the middle as it can.
 * @param within bounds of the face, and `taken` what is drawn in it, all in the same units
 */
export function labelPlace(within: Box, taken: readonly Box[], label: { width: number; height: number }): Point {
  const steps = [0, -0.08, 0.08, -0.16, 0.16, -0.22, 0.22, -0.27, 0.27, -0.32, 0.32, -0.37, 0.37]
  const places = steps
    .flatMap((dy) => steps.map((dx): Point => [within.x + dx * within.width, within.y + dy * within.height]))
    .map((place) => ({ place, cost: cost(place, within, taken, label) }))
  return places.reduce((best, candidate) => (candidate.cost < best.cost - 1e-9 ? candidate : best)).place
}

/** Area outside the face counts most, then covered area, then distance from the middle. */
function cost([x, y]: Point, within: Box, taken: readonly Box[], { width, height }: { width: number; height: number }): number {
  const label = { x, y, width, height }
  const covered = taken.reduce((area, box) => area + sharedArea(label, box), 0)
  const outside = width * height - sharedArea(label, within)
  const distance = Math.hypot((x - within.x) / within.width, (y - within.y) / within.height)
  return (10 * covered + 100 * outside) / (width * height) + distance
}

/** What two boxes share, in the square of their units. */
export function sharedArea(a: Box, b: Box): number {
  const along = (p: number, lengthP: number, q: number, lengthQ: number) =>
    Math.max(0, Math.min(p + lengthP / 2, q + lengthQ / 2) - Math.max(p - lengthP / 2, q - lengthQ / 2))
  return along(a.x, a.width, b.x, b.width) * along(a.y, a.height, b.y, b.height)
}
