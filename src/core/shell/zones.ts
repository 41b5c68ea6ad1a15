import type { Shell, Zone } from "../../schema/job/shell"
import { memoised } from "../memoised"
import { coveredArea } from "./covered-area"
import type { Face, Point } from "./face"
import { boxPiecesOn } from "./floor-boxes"
import { boundingRectangle, clipConvex, type Rectangle, rectangleCorners } from "./polygon"

/** So much of a face as has one build-up, in the face's own coordinates. */
export interface Region {
  /** What it lies within: the face's outline, or what a zone's rectangle shares with it; convex, counter-clockwise, m. */
  outline: readonly Point[]
  /** The rectangle of a zone; null: what no zone takes. */
  own: Rectangle | null
  /** Zones that lie over it. */
  over: readonly Rectangle[]
  /** Boxes with a build-up of their own, which take the place of the face behind them: convex pieces. */
  behind: readonly (readonly Point[])[]
}

/** Zones of one kind with their names. */
type Named<K extends Zone["kind"]> = [id: string, zone: Extract<Zone, { kind: K }>]

const ofKind = <K extends Zone["kind"]>(zones: Shell["zones"], kind: K): Named<K>[] =>
  Object.entries(zones).filter((entry): entry is Named<K> => entry[1].kind === kind)

/** The rectangles that a face is divided by, those that lie over others last. */
export const rectanglesOn = (face: Pick<Face, "id">, zones: Shell["zones"]): Named<"rectangle">[] =>
  ofKind(zones, "rectangle").filter(([, zone]) => zone.face === face.id)

/** What of a face has no zone, first, and what lies in each of its rectangles; nothing does where one lies past the face or under others. */
export const regionsOn = (face: Face, { zones, boxes, form }: Pick<Shell, "zones" | "boxes" | "form">) => parted(face, zones, boxes, form)

const parted = memoised(
  (face: Face, zones: Shell["zones"], boxes: Shell["boxes"], form: Shell["form"]): { zone: string | null; region: Region }[] => {
    const rectangles = rectanglesOn(face, zones)
    const over = rectangles.map(([, { x, y, width, height }]): Rectangle => ({ x, y, width, height }))
    const own = Object.fromEntries(ofKind(zones, "box").flatMap(([, { box }]) => (boxes[box] ? [[box, boxes[box]]] : [])))
    const behind = boxPiecesOn(face, { boxes: own, form })
    return [
      { zone: null, region: { outline: face.outline, own: null, over, behind } },
      ...rectangles.map(([zone], i) => ({
        zone,
        region: { outline: clipConvex(rectangleCorners(over[i]!), face.outline), own: over[i]!, over: over.slice(i + 1), behind },
      })),
    ]
  },
)

/** Area of a region without what is cut out of it, m². @param holes in the face's coordinates; `pieces` are convex */
export const regionArea = ({ outline, over, behind }: Region, holes: Holes = NO_HOLES): number =>
  outline.length < 3
    ? 0
    : Math.max(0, coveredArea(outline, [boundingRectangle(outline)], [...over, ...holes.openings], [...behind, ...holes.pieces]))

/** What is cut out of a face: openings, and convex pieces of notches. */
export interface Holes {
  openings: readonly Rectangle[]
  pieces: readonly (readonly Point[])[]
}
const NO_HOLES: Holes = { openings: [], pieces: [] }

/** Whether a point is one of a region: what lies in no zone, past the face too, is of the rest. */
export const isWithin = ({ own, over }: Pick<Region, "own" | "over">, at: Point): boolean =>
  (own === null || holds(own, at)) && !over.some((zone) => holds(zone, at))

const holds = ({ x, y, width, height }: Rectangle, [u, v]: Point): boolean => u >= x && u <= x + width && v >= y && v <= y + height

/** A stretch of a line, as shares of its length. */
export type Span = readonly [from: number, to: number]

/** How far inside its face an edge is looked at, m: which zone lies along it, not which it touches. */
const INSIDE = 0.0005

/**
 * Where a region lies along a straight edge of its face.
 * @param from, to ends of the edge with the face on its left
 * @returns rising
 */
export function spansAlong({ outline, over }: Pick<Region, "outline" | "over">, from: Point, to: Point): Span[] {
  const length = Math.hypot(to[0] - from[0], to[1] - from[1])
  if (length === 0 || outline.length < 3) return []
  const [dx, dy] = [(to[0] - from[0]) / length, (to[1] - from[1]) / length]
  const inside = ([x, y]: Point): Point => [x - dy * INSIDE, y + dx * INSIDE]
  const across = (polygon: readonly Point[]) => spanWithin(polygon, inside(from), inside(to))
  const whole = across(outline)
  return over.reduce<Span[]>(
    (left, zone) => {
      const taken = across(rectangleCorners(zone))
      return taken ? left.flatMap((span) => lessSpan(span, taken)) : left
    },
    whole ? [whole] : [],
  )
}

/** What of a stretch another leaves; what is left of a hair is not. */
const lessSpan = ([from, to]: Span, [low, high]: Span): Span[] =>
  (
    [
      [from, Math.min(to, low)],
      [Math.max(from, high), to],
    ] as Span[]
  ).filter(([a, b]) => b - a > 1e-6)

/** What of a line lies in a convex polygon, counter-clockwise. @see Cyrus and Beck, 1978 */
export function spanWithin(polygon: readonly Point[], from: Point, to: Point): Span | null {
  let [enter, leave] = [0, 1]
  for (const [i, [ax, ay]] of polygon.entries()) {
    const [bx, by] = polygon[(i + 1) % polygon.length]!
    const left = ([x, y]: Point) => (bx - ax) * (y - ay) - (by - ay) * (x - ax)
    const [a, b] = [left(from), left(to)]
    if (a < 0 && b < 0) return null
    if (a < 0) enter = Math.max(enter, a / (a - b))
    if (b < 0) leave = Math.min(leave, a / (a - b))
  }
  return leave - enter > 1e-6 ? [enter, leave] : null
}
