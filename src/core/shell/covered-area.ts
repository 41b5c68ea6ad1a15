import type { Point } from "./face"
import { boundsOf, clipConvex, polygonArea, type Rectangle, rectangleCorners } from "./polygon"

/**
 * Area that rectangles cover within a convex outline, overlaps counted once and holes left out.
 * Exact: the plane is cut into level strips at every edge of a rectangle and every corner of the outline, and each strip into what is
 * covered; between two cuts both sides of the outline are straight.
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
  const { left: least, right: most, low: lowest, high: highest } = boundsOf(outline)
  const wholly = ({ x, y, width, height }: Rectangle) => x <= least && y <= lowest && x + width >= most && y + height >= highest
  if (holes.length === 0 && pieces.length === 0 && covers.some(wholly)) return polygonArea(outline)
  const edges = [...covers, ...holes].flatMap(({ y, height }) => [y, y + height])
  const within = [...edges, ...outline.map(([, y]) => y)].map((y) => Math.min(highest, Math.max(lowest, y)))
  const cuts = [...new Set(within)].sort((a, b) => a - b)
  const rightward = [...covers].sort((a, b) => a.x - b.x)
  let area = 0
  for (let i = 1; i < cuts.length; i++) {
    const [low, high] = [cuts[i - 1]!, cuts[i]!]
    // A slope over no height is no number.
    if (high - low < THIN) continue
    const middle = (low + high) / 2
    const spans = without(merged(rightward, middle), holes, middle)
    if (spans.length === 0) continue
    const [left, right] = sidesOf(outline, low, high)
    for (const [from, to] of spans) {
      area += (leftOf(to, left, right) - leftOf(from, left, right)) * (high - low)
      for (const piece of pieces) {
        const frame = rectangleCorners({ x: from, y: low, width: to - from, height: high - low })
        area -= polygonArea(clipConvex(clipConvex(piece, frame), outline))
      }
    }
  }
  return area
}

/** Height of a strip that holds nothing, m. */
const THIN = 1e-12

/** Where a side of an outline is at the lower and at the upper end of a strip. */
type Side = readonly [low: number, high: number]

/** Both sides of a convex outline, counter-clockwise, along a strip in which it has no corner: down on the left, up on the right. */
function sidesOf(outline: readonly Point[], low: number, high: number): [left: Side, right: Side] {
  let [left, right]: [Side, Side] = [NONE, NONE]
  const middle = (low + high) / 2
  for (let i = 0; i < outline.length; i++) {
    const [x, y] = outline[i]!
    const [toX, toY] = outline[i + 1 === outline.length ? 0 : i + 1]!
    if (y < middle === toY < middle) continue
    const slope = (toX - x) / (toY - y)
    const side: Side = [x + (low - y) * slope, x + (high - y) * slope]
    if (toY > y) right = side
    else left = side
  }
  return [left, right]
}
const NONE: Side = [0, 0]

/** Mean width of a strip left of a place, but for what is the same for all places. */
const leftOf = (x: number, left: Side, right: Side): number => meanMax(x, left) - meanMax(-x, [-right[0], -right[1]]) - x

/** Mean over a strip of the greater of a place and a side that runs straight. */
function meanMax(place: number, [a, b]: Side): number {
  const [less, more] = a < b ? [a, b] : [b, a]
  if (more <= place) return place
  if (less >= place) return (a + b) / 2
  return place + (more - place) ** 2 / (2 * (more - less))
}

type Span = [from: number, to: number]

const crosses = ({ y, height }: Rectangle, at: number): boolean => y < at && at < y + height

/** Spans that rectangles, the leftmost first, cover at a height; overlaps joined. */
function merged(rectangles: readonly Rectangle[], at: number): Span[] {
  const spans: Span[] = []
  for (const rectangle of rectangles) {
    if (!crosses(rectangle, at)) continue
    const { x, width } = rectangle
    const last = spans.at(-1)
    if (last && x <= last[1]) last[1] = Math.max(last[1], x + width)
    else spans.push([x, x + width])
  }
  return spans
}

/** What holes at a height leave of spans. */
function without(spans: readonly Span[], holes: readonly Rectangle[], at: number): readonly Span[] {
  let left = spans
  for (const hole of holes) {
    if (!crosses(hole, at)) continue
    const { x, width } = hole
    left = left.flatMap(([from, to]): Span[] => [
      ...(x > from ? [[from, Math.min(to, x)] as Span] : []),
      ...(x + width < to ? [[Math.max(from, x + width), to] as Span] : []),
    ])
  }
  return left
}
