import type { Point } from "./face"
import type { FaceRegion } from "./framing"
import { type Rectangle, rectangleCorners } from "./polygon"
import { isWithin, spanWithin } from "./zones"

/** Where two surfaces of one face meet along a straight line. */
export interface Border<S extends FaceRegion> {
  /** The zone whose side it is, on its left, and what lies beyond. */
  between: readonly [S, S]
  from: Point
  to: Point
  /** m */
  length: number
}

/** How far beside a border is looked at what lies there, m. */
const BESIDE = 0.0005

/** All borders within faces, each once, in straight stretches. */
export const bordersBetween = <S extends FaceRegion>(surfaces: readonly S[]): Border<S>[] =>
  surfaces.flatMap((zone) => {
    const { own, outline } = zone.region
    if (!own || outline.length < 3) return []
    const beside = surfaces.filter(({ face }) => face.id === zone.face.id)
    const corners = rectangleCorners(own)
    return corners.flatMap((corner, i) => alongSide(zone, beside, corner, corners[(i + 1) % 4]!))
  })

/** Borders along one side of a zone's rectangle, which has the zone on its left. */
function alongSide<S extends FaceRegion>(zone: S, surfaces: readonly S[], corner: Point, next: Point): Border<S>[] {
  const { face } = zone
  const whole = Math.hypot(next[0] - corner[0], next[1] - corner[1])
  const [dx, dy] = [(next[0] - corner[0]) / whole, (next[1] - corner[1]) / whole]
  const at = (share: number): Point => [corner[0] + share * (next[0] - corner[0]), corner[1] + share * (next[1] - corner[1])]
  const beside = (share: number, by: number): Point => [at(share)[0] - dy * by, at(share)[1] + dx * by]
  const within = spanWithin(face.outline, beside(0, -BESIDE), beside(1, -BESIDE))
  if (!within) return []
  const ends = surfaces.flatMap(({ region: { own } }) => (own ? cuts(own, corner, next) : []))
  const shares = [...new Set([...within, ...ends.filter((share) => share > within[0] && share < within[1])])].sort((a, b) => a - b)
  return shares.slice(1).flatMap((to, i): Border<S>[] => {
    const from = shares[i]!
    const middle = (from + to) / 2
    const owner = (by: number) => surfaces.find(({ region }) => isWithin(region, beside(middle, by)))
    const other = owner(-BESIDE)
    if ((to - from) * whole < BESIDE || owner(BESIDE) !== zone || !other || other === zone) return []
    // Where both end on one line it is the border of that which lies over the other.
    const endsHere = other.region.own !== null && !isWithin({ own: other.region.own, over: [] }, beside(middle, BESIDE))
    if (endsHere && surfaces.indexOf(zone) < surfaces.indexOf(other)) return []
    return [{ between: [zone, other], from: at(from), to: at(to), length: (to - from) * whole }]
  })
}

/** Where the sides of a rectangle cross a line that lies level or upright, as shares of its length. */
function cuts({ x, y, width, height }: Rectangle, [fromX, fromY]: Point, [toX, toY]: Point): number[] {
  const level = fromY === toY
  const [from, to] = level ? [fromX, toX] : [fromY, toY]
  return (level ? [x, x + width] : [y, y + height]).map((place) => (place - from) / (to - from))
}
