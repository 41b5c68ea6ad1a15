import type { Point } from "./face"
import { boundsOf, clipConvex, clipHalf, isInside, polygonArea, type Rectangle, rectangleCorners } from "./polygon"

/**
 * Area that rectangles cover within a convex outline, overlaps counted once and holes left out.
 * Exact: the plane is cut into level strips at every edge of a rectangle, and each strip into what is covered.
 * @param outline convex, counter-clockwise, m
 * @param holes rectangles, and `pieces` convex polygons that do not overlap one another
 * @returns m²
 */
export function coveredArea(
  outline: readonly Point[],
  covers: readonly Rectangle[],
  holes: readonly Rectangle[],
  pieces: readonly (readonly Point[])[],
): number {
  if (outline.length < 3) return 0
  const box = boundsOf(outline)
  const wholly = ({ x, y, width, height }: Rectangle) => x <= box.left && y <= box.low && x + width >= box.right && y + height >= box.high
  if (holes.length === 0 && pieces.length === 0 && covers.some(wholly)) return polygonArea(outline)
  // A rectangle with nothing missing is cut by level and upright lines alone: no clipping.
  const plain =
    pieces.length === 0 &&
    outline.length === 4 &&
    outline.every(([x, y]) => (x === box.left || x === box.right) && (y === box.low || y === box.high))
  const cuts = [...new Set([...covers, ...holes].flatMap(({ y, height }) => [y, y + height]))].sort((a, b) => a - b)
  let area = 0
  for (let i = 1; i < cuts.length; i++) {
    const [low, high] = [cuts[i - 1]!, cuts[i]!]
    const strip = plain ? outline : clipHalf(clipHalf(outline, [0, low], [0, 1]), [0, high], [0, -1])
    if (strip.length < 3) continue
    const middle = (low + high) / 2
    const spanning = (rectangles: readonly Rectangle[]) => rectangles.filter(({ y, height }) => y < middle && middle < y + height)
    for (const [from, to] of without(merged(spanning(covers)), spanning(holes))) {
      if (plain) {
        area += span(from, to, box.left, box.right) * span(low, high, box.low, box.high)
        continue
      }
      const frame = rectangleCorners({ x: from, y: low, width: to - from, height: high - low })
      if (pieces.length === 0 && frame.every((corner) => isInside(outline, corner, 0))) {
        area += (to - from) * (high - low)
        continue
      }
      const cell = clipHalf(clipHalf(strip, [from, 0], [1, 0]), [to, 0], [-1, 0])
      if (cell.length < 3) continue
      area += polygonArea(cell)
      for (const piece of pieces) area -= polygonArea(clipConvex(clipConvex(piece, frame), outline))
    }
  }
  return area
}

/** How long two stretches lie on one another. */
const span = (from: number, to: number, least: number, most: number): number => Math.max(0, Math.min(to, most) - Math.max(from, least))

type Span = [from: number, to: number]

/** Spans along the strip that the rectangles cover, overlaps joined. */
function merged(rectangles: readonly Rectangle[]): Span[] {
  const spans: Span[] = []
  for (const { x, width } of [...rectangles].sort((a, b) => a.x - b.x)) {
    const last = spans.at(-1)
    if (last && x <= last[1]) last[1] = Math.max(last[1], x + width)
    else spans.push([x, x + width])
  }
  return spans
}

function without(spans: Span[], holes: readonly Rectangle[]): Span[] {
  return holes.reduce<Span[]>(
    (left, { x, width }) =>
      left.flatMap(([from, to]): Span[] => {
        const parts: Span[] = [
          [from, Math.min(to, x)],
          [Math.max(from, x + width), to],
        ]
        return parts.filter(([a, b]) => b > a)
      }),
    spans,
  )
}
