import type { MemberSet } from "../../schema/job/build-up"
import type { FaceId } from "../../schema/job/shell"
import type { Face, Point } from "./face"
import { boundingRectangle, boundsOf, clipConvex, inset, polygonArea, type Rectangle, rectangleCorners } from "./polygon"
import { lazily } from "../lazily"
import { sum } from "../numeric/sum"
import { coveredArea } from "./covered-area"
import { type Holes, type Region, spansAlong } from "./zones"

/** One stick of a set, in the face's own coordinates. */
export interface Member {
  role: "member" | "trimmer" | "header" | "cross"
  outline: Point[]
  /** Its middle across the row, m; null for what runs across it. */
  position: number | null
}

/** The members of one set on a face, or on so much of it as has their build-up. */
export interface MemberLayout {
  /** Plates and end members around the rest: the face's outline, and what they leave free within it. */
  rim: { outer: readonly Point[]; inner: readonly Point[] } | null
  members: Member[]
  /** Share of the face without its openings that members take, 0…1, counted from the drawing. */
  drawn: number
  /** Length of all sticks but plates and ends, m. */
  length: number
  /** Plates, which run past the end members, and those, m. */
  rimPieces: RimPiece[]
  /** Length of each stick, those of the rim last, m. */
  pieces: number[]
}

/** A stick along an edge of a face: where the members end, or beside them. */
export interface RimPiece {
  role: "plate" | "end"
  /** m */
  length: number
}

/** Distance from the middle of one member to the next, m. */
export const pitchOf = ({ spacing, spaced, width }: MemberSet): number => (spaced === "edges" ? spacing + width : spacing)

/**
 * Where the members of a row stand: as measured on this face, else at their spacing.
 * @param run length across the row, m
 * @returns middles, m from the left edge (members that run up) or the lower edge (those that run along)
 */
export function memberPositions(set: MemberSet, face: FaceId, run: number): number[] {
  const measured = set.positions[face]
  if (measured) return measured.filter((position) => position <= run)
  const pitch = pitchOf(set)
  const first = set.first ?? pitch
  const count = Math.min(MOST, Math.max(0, Math.ceil((run - set.width - first) / pitch - 1e-9)))
  return Array.from({ length: count }, (_, i) => first + i * pitch)
}

/** More members than any enclosure has; keeps a typed spacing of a hair from stopping the bench. */
const MOST = 2000

/** A face as members stand on it, and the part of it that has them. */
export interface Framed extends Pick<Face, "id" | "outline"> {
  region: Region
}

/**
 * Draws a set of members on a face and counts what share of it they take.
 * Plates lie along the edges that the members end at, end members along those that they run beside. In a part of a face they stand where they
 * would on the whole of it.
 */
export function memberLayout({ id, outline, region }: Framed, set: MemberSet, holes: Holes): MemberLayout {
  const upright = set.direction === "up"
  // Reckoned as if the members ran up: a set that runs along is laid over and back.
  const turn = ([u, v]: Point): Point => (upright ? [u, v] : [v, u])
  const turned = (outline: readonly Point[]) => (upright ? outline : outline.map(turn).reverse())
  const lying = ({ x, y, width, height }: Rectangle): Rectangle =>
    upright ? { x, y, width, height } : { x: y, y: x, width: height, height: width }
  const outer = turned(outline)
  const openings = holes.openings.map(lying)
  const within = { outline: turned(region.outline), over: region.over.map(lying) }
  const [cut, pieces] = [[...openings, ...within.over], [...holes.pieces, ...region.behind].map(turned)]
  const rim = inset(outer, (from, to) => set.width * rimCount(set, from, to))
  const inner = region.outline === outline ? rim : clipConvex(rim, within.outline)
  const sticks = sticksOf(set, id, outer, openings)
  const all = [boundingRectangle(outer)]
  const layout: MemberLayout = lazily<MemberLayout>({
    rim: () => {
      const none = inner.length === within.outline.length && inner.every((corner, i) => corner === within.outline[i])
      return none ? null : { outer: region.outline, inner: turned(inner) }
    },
    members: () =>
      sticks
        .map(({ role, rectangle, position }) => ({ role, position, outline: clipConvex(rectangleCorners(rectangle), inner) }))
        .filter((member) => member.outline.length > 2)
        .map((member): Member => ({ ...member, outline: [...turned(member.outline)] })),
    drawn: () => {
      const whole = coveredArea(within.outline, all, cut, pieces)
      // What is not drawn, as the skin of a box, has them at their pitch.
      if (whole === 0) return region.outline.length > 2 || set.around ? 0 : set.width / Math.max(set.width, pitchOf(set))
      const free = coveredArea(inner, all, cut, pieces)
      const rectangles = sticks.map(({ rectangle }) => rectangle)
      const taken = coveredArea(inner, rectangles, cut, pieces)
      return Math.min(1, Math.max(0, (whole - free + taken) / whole))
    },
    length: () => sum(layout.members.map((member) => lengthOf(member, set, region.over))),
    rimPieces: () => rimPiecesOf(set, outer, rim, region.outline === outline && region.over.length === 0 ? null : within),
    pieces: () =>
      [...layout.members.map((member) => lengthOf(member, set, region.over)), ...layout.rimPieces.map((piece) => piece.length)].filter(
        (length) => length > SHORTEST,
      ),
  })
  return layout
}

/** What a zone leaves of a stick that it covers is none, m. */
const SHORTEST = 1e-6

/** Mean length of a stick, m; what another zone takes of it is no part of it. */
const lengthOf = ({ outline }: Member, { width }: MemberSet, over: readonly Rectangle[]): number =>
  (polygonArea(outline) - coveredArea(outline, over, [], [])) / width

/** Whether an edge is within 20° of the members' direction: one that they run beside. */
const isBeside = (from: Point, to: Point): boolean => Math.abs(to[0] - from[0]) < Math.tan((20 * Math.PI) / 180) * Math.abs(to[1] - from[1])

/** How many plates, or end members, lie along an edge. */
const rimCount = ({ ends, plates, around }: MemberSet, from: Point, to: Point): number =>
  around ? 0 : isBeside(from, to) ? Number(ends) : to[0] > from[0] ? plates.low : plates.high

/** Plates as long as their edge, end members between them; where a part of the face is meant, so much of them as lies along it. */
const rimPiecesOf = (
  set: MemberSet,
  outer: readonly Point[],
  inner: readonly Point[],
  within: Pick<Region, "outline" | "over"> | null,
): RimPiece[] =>
  outer.flatMap((from, i) => {
    const next = (i + 1) % outer.length
    const beside = isBeside(from, outer[next]!)
    const between = beside && inner.length === outer.length ? inner : outer
    const whole = Math.hypot(between[next]![0] - between[i]![0], between[next]![1] - between[i]![1])
    const lengths = within ? spansAlong(within, from, outer[next]!).map(([start, end]) => (end - start) * whole) : [whole]
    const row = Array.from({ length: rimCount(set, from, outer[next]!) }, () => lengths).flat()
    return row.map((length) => ({ role: beside ? "end" : "plate", length }))
  })

interface Stick {
  role: Member["role"]
  rectangle: Rectangle
  position: number | null
}

function sticksOf(set: MemberSet, face: FaceId, outline: readonly Point[], openings: readonly Rectangle[]): Stick[] {
  const { left, right, low, high } = boundsOf(outline)
  const { width } = set
  const upright = (middle: number): Rectangle => ({ x: middle - width / 2, y: low, width, height: high - low })
  const across = (middle: number, from = left, to = right): Rectangle => ({
    x: from,
    y: middle - width / 2,
    width: to - from,
    height: width,
  })
  if (set.around) return openings.flatMap((opening) => framed(opening, width))
  const row = memberPositions(set, face, right - left).map((position): Stick => ({
    role: "member",
    position,
    rectangle: upright(left + position),
  }))
  const beside = (set.doubled ? openings : []).flatMap(({ x, y, width: wide, height }): Stick[] => [
    { role: "trimmer", position: null, rectangle: upright(x - width / 2) },
    { role: "trimmer", position: null, rectangle: upright(x + wide + width / 2) },
    { role: "header", position: null, rectangle: across(y + height + width / 2, x - width, x + wide + width) },
    ...(y > 0 ? [{ role: "header" as const, position: null, rectangle: across(y - width / 2, x - width, x + wide + width) }] : []),
  ])
  const cross = set.cross.map((position): Stick => ({ role: "cross", position, rectangle: across(low + position) }))
  return [...row, ...beside, ...cross]
}

/** Sticks round an opening: two past its sides, over and under it as far as it is not on the edge, and those between them. */
function framed({ x, y, width: wide, height }: Rectangle, width: number): Stick[] {
  const foot = y > 0 ? width : 0
  const beside = { y: y - foot, width, height: height + foot + width }
  const across = { x, width: wide, height: width }
  return [
    { role: "trimmer", position: null, rectangle: { ...beside, x: x - width } },
    { role: "trimmer", position: null, rectangle: { ...beside, x: x + wide } },
    { role: "header", position: null, rectangle: { ...across, y: y + height } },
    ...(foot > 0 ? [{ role: "header" as const, position: null, rectangle: { ...across, y: y - width } }] : []),
  ]
}
