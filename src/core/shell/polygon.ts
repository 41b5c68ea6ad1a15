import type { Point } from "./face"

/** Area of a simple polygon, m². */
export function polygonArea(outline: readonly Point[]): number {
  let twice = 0
  for (let i = 0; i < outline.length; i++) {
    const [a, b] = [outline[i]!, outline[(i + 1) % outline.length]!]
    twice += a[0] * b[1] - b[0] * a[1]
  }
  return Math.abs(twice) / 2
}

/** Length around a polygon, m. */
export function polygonPerimeter(outline: readonly Point[]): number {
  return outline.reduce((length, [x, y], i) => {
    const [nextX, nextY] = outline[(i + 1) % outline.length]!
    return length + Math.hypot(nextX - x, nextY - y)
  }, 0)
}

/** Centre of area of a simple polygon, m. */
export function polygonCentre(outline: readonly Point[]): Point {
  let [twice, sumX, sumY] = [0, 0, 0]
  outline.forEach(([x, y], i) => {
    const [nextX, nextY] = outline[(i + 1) % outline.length]!
    const cross = x * nextY - nextX * y
    twice += cross
    sumX += (x + nextX) * cross
    sumY += (y + nextY) * cross
  })
  return twice === 0 ? outline[0]! : [sumX / (3 * twice), sumY / (3 * twice)]
}

/**
 * The part of a convex polygon on one side of a line.
 * @param at a point of the line, and `inward` the direction of the side that stays
 * @see Sutherland and Hodgman, 1974
 */
export function clipHalf(outline: readonly Point[], at: Point, inward: Point): Point[] {
  const kept: Point[] = []
  for (let i = 0; i < outline.length; i++) {
    const [from, to] = [outline[i]!, outline[(i + 1) % outline.length]!]
    const [a, b] = [side(from, at, inward), side(to, at, inward)]
    if (a >= 0) keep(kept, from)
    if (a > 0 !== b > 0) keep(kept, [from[0] + (a / (a - b)) * (to[0] - from[0]), from[1] + (a / (a - b)) * (to[1] - from[1])])
  }
  const [first, last] = [kept[0], kept.at(-1)]
  if (kept.length > 1 && first![0] === last![0] && first![1] === last![1]) kept.pop()
  return kept
}

/** How far a point lies on one side of a line. */
const side = (point: Point, at: Point, inward: Point): number => (point[0] - at[0]) * inward[0] + (point[1] - at[1]) * inward[1]

/** A corner on the line would come twice: as itself and as where its edge meets the line. */
function keep(kept: Point[], point: Point): void {
  const last = kept.at(-1)
  if (!last || last[0] !== point[0] || last[1] !== point[1]) kept.push(point)
}

/** What two convex polygons share; `clip` runs counter-clockwise. */
export function clipConvex(outline: readonly Point[], clip: readonly Point[]): Point[] {
  return clip.reduce<readonly Point[]>((left, from, i) => {
    const to = clip[(i + 1) % clip.length]!
    return left.length === 0 ? left : clipHalf(left, from, [from[1] - to[1], to[0] - from[0]])
  }, outline) as Point[]
}

/** All that lies left of a line. */
interface HalfPlane {
  at: Point
  along: Point
}

const cross = (a: Point, b: Point): number => a[0] * b[1] - a[1] * b[0]
const from = (a: Point, b: Point): Point => [b[0] - a[0], b[1] - a[1]]
/** How far left of a line a point is, in lengths of its direction. */
const left = ({ at, along }: HalfPlane, point: Point): number => cross(along, from(at, point))

function crossing(a: HalfPlane, b: HalfPlane): Point {
  const t = cross(from(a.at, b.at), b.along) / cross(a.along, b.along)
  return [a.at[0] + t * a.along[0], a.at[1] + t * a.along[1]]
}

/** Directions closer than this, as a sine, are one. */
const PARALLEL = 1e-9

/**
 * A convex polygon moved in by a distance of each edge's own: the lines of its edges as they turn, each leaving out those before it that
 * meet beyond it.
 * @param outline counter-clockwise
 * @param by distance of the edge from one corner to the next, the i-th, m
 * @returns nothing where the edges meet
 * @see de Berg et al., Computational Geometry, 4.2 (intersection of half planes)
 */
export function inset(outline: readonly Point[], by: (from: Point, to: Point, i: number) => number): Point[] {
  const lines: HalfPlane[] = []
  for (const [i, corner] of outline.entries()) {
    const next = outline[(i + 1) % outline.length]!
    const along = from(corner, next)
    const length = Math.hypot(...along)
    if (length === 0) continue
    const distance = by(corner, next, i)
    const unit: Point = [along[0] / length, along[1] / length]
    const moved = { at: [corner[0] - unit[1] * distance, corner[1] + unit[0] * distance] as const, along: unit }
    if (!take(lines, moved)) return []
  }
  // The last lines meet the first ones.
  while (lines.length > 2 && left(lines[0]!, crossing(lines.at(-2)!, lines.at(-1)!)) < 0) lines.pop()
  while (lines.length > 2 && left(lines.at(-1)!, crossing(lines[0]!, lines[1]!)) < 0) lines.shift()
  if (lines.length < 3) return []
  return lines.map((line, i) => crossing(lines.at(i - 1)!, line))
}

/** Adds the next line. @returns whether anything is left */
function take(lines: HalfPlane[], next: HalfPlane): boolean {
  while (lines.length > 1 && left(next, crossing(lines.at(-2)!, lines.at(-1)!)) < 0) lines.pop()
  while (lines.length > 1 && left(next, crossing(lines[0]!, lines[1]!)) < 0) lines.shift()
  const last = lines.at(-1)
  const turn = last ? cross(last.along, next.along) : 1
  if (last && Math.abs(turn) < PARALLEL && last.along[0] * next.along[0] + last.along[1] * next.along[1] > 0) {
    // Of two on one course the inner one counts.
    if (left(last, next.at) > 0) lines[lines.length - 1] = next
    return true
  }
  lines.push(next)
  return turn > PARALLEL
}

/** A rectangle by its lower left corner, m. */
export interface Rectangle {
  x: number
  y: number
  width: number
  height: number
}

/** Corners counter-clockwise from the lower left. */
export function rectangleCorners({ x, y, width, height }: Rectangle): Point[] {
  return [
    [x, y],
    [x + width, y],
    [x + width, y + height],
    [x, y + height],
  ]
}

/** @returns lowest and highest coordinates */
export function boundsOf(outline: readonly Point[]): { left: number; right: number; low: number; high: number } {
  const [xs, ys] = [outline.map(([x]) => x), outline.map(([, y]) => y)]
  return { left: Math.min(...xs), right: Math.max(...xs), low: Math.min(...ys), high: Math.max(...ys) }
}

/** The rectangle that a polygon just lies in. */
export function boundingRectangle(outline: readonly Point[]): Rectangle {
  const { left, right, low, high } = boundsOf(outline)
  return { x: left, y: low, width: right - left, height: high - low }
}

/** Whether a point lies in a convex outline given counter-clockwise; a millimetre's tolerance for typed values. @param tolerance m */
export function isInside(outline: readonly Point[], [x, y]: Point, tolerance = 0.001): boolean {
  return outline.every(([ax, ay], i) => {
    const [bx, by] = outline[(i + 1) % outline.length]!
    return (bx - ax) * (y - ay) - (by - ay) * (x - ax) >= -tolerance * Math.hypot(bx - ax, by - ay)
  })
}
