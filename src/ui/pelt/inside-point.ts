import polylabel from "polylabel"
import type { Point } from "../../core/shell/face"

/** The point of an outline that lies furthest within it, and how far, in its own units. @param holes what is cut out of it */
export function insidePoint([outline, ...holes]: readonly (readonly Point[])[]): { at: Point; distance: number } {
  const ring = (points: readonly Point[]) => [...points, points[0]!].map(([x, y]): [number, number] => [x, y])
  const found = polylabel([ring(outline!), ...holes.map(ring)], 1)
  return { at: [found[0], found[1]], distance: found.distance }
}
