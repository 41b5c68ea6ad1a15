import type { LockedJoint } from "../../schema/job/build-up"
import type { Point } from "../shell/face"
import { boundsOf, polygonArea } from "../shell/polygon"
import { stretches } from "./stretches"

type Ring = [number, number][]
type Polygon = Ring[]

/** What cuts polygons at one another, first ring the outline, the others holes; the first point comes again at the end. */
export interface Clipper {
  intersection: (one: Polygon, other: Polygon[]) => Polygon[]
  difference: (one: Polygon, ...others: Polygon[]) => Polygon[]
}

/** What is boarded: a face's outline, and openings and boxes that are left out, in the face's own coordinates, m. */
export interface Boarded {
  outline: readonly Point[]
  holes: readonly (readonly Point[])[]
}

/** How boards are laid on it: in courses, as bricks are. */
export interface Laying {
  /** m along a course, and across it */
  board: { along: number; across: number }
  /** Courses run beside the face's lower edge, or up from it. */
  course: Course
  /** m between boards: to expand, or for foam or sealant */
  gap: number
  /** m of the first course across, and of the first board in courses 0, 2, 4 … and in 1, 3, 5 … */
  first: { across: number; even: number; odd: number }
  /** Middles of the members that joints across the courses lie on, m along, and those between courses, m across; null: anywhere. */
  on: Record<"along" | "across", readonly number[] | null>
  /** m that no strip is narrower than, where the face lets it */
  shortest: number
  locked: readonly LockedJoint[]
}

/** Which way courses run. */
export type Course = "beside" | "up"

/** The rectangle of a whole board that lies on a face. */
export interface Cell {
  course: number
  /** m: left, low, right, high */
  cell: readonly [number, number, number, number]
}

/** A piece of a board where it lies. */
export interface Piece extends Cell {
  /** Its outline and what is cut out of it, the outline first. */
  rings: Point[][]
  /** m² */
  area: number
}

/** Places are told apart to so much, m. */
const GRAIN = 1e-6
/** A piece smaller than that is dust, m². */
const DUST = 1e-7

/**
 * Boards in courses over a face, before its outline and openings cut them.
 * @throws InputError `no-member` where a joint finds no member, `too-many` for boards that are too small
 */
export function cellsOf(outline: readonly Point[], laying: Laying): Cell[] {
  const { board, course, gap, first, on, shortest, locked } = laying
  const turned = course === "up"
  const { left, right, low, high } = boundsOf(outline.map(([x, y]) => (turned ? [onGrain(y), onGrain(x)] : [onGrain(x), onGrain(y)])))
  const lockedIn = (one: number | null) => locked.filter((lock) => lock.course === one).map(({ at }) => at)
  const across = { from: low, to: high, board: board.across, gap, first: first.across, on: on.across, shortest, locked: lockedIn(null) }
  return stretches(across).flatMap(([bottom, top], i) => {
    const begins = i % 2 === 0 ? first.even : first.odd
    const along = { from: left, to: right, board: board.along, gap, first: begins, on: on.along, shortest, locked: lockedIn(i) }
    return stretches(along).map(([start, end]): Cell => ({
      course: i,
      cell: turned ? [bottom, start, top, end] : [start, bottom, end, top],
    }))
  })
}

/** What a face's outline, its openings and boxes leave of boards: pieces, each in one part; gaps between them are left free. */
export function cutAt({ outline, holes }: Boarded, cells: readonly Cell[], clip: Clipper): Piece[] {
  const whole = without(outline, holes, clip)
  return cells.flatMap(({ course, cell }) => {
    const [left, low, right, high] = cell
    const board: Ring = [
      [left, low],
      [right, low],
      [right, high],
      [left, high],
    ]
    return clip.intersection([board], whole).flatMap((rings): Piece[] => {
      const open = rings.map((one) => one.slice(0, -1))
      const area = areaOf(open)
      return area < DUST ? [] : [{ course, cell, rings: open, area }]
    })
  })
}

/** Boards in courses over a face, cut at its outline and around its openings. @throws InputError as `cellsOf` does */
export const layBoards = (face: Boarded, laying: Laying, clip: Clipper): Piece[] => cutAt(face, cellsOf(face.outline, laying), clip)

/** What holes leave of a face: parts that do not hang together, each with the holes within it. */
export function without(outline: readonly Point[], holes: readonly (readonly Point[])[], clip: Clipper): Polygon[] {
  const face = onGrid(outline)
  return holes.length > 0 ? clip.difference([face], ...holes.map((hole): Polygon => [onGrid(hole)])) : [[face]]
}

/** Corners on a grid, so that what should meet does. */
export const onGrid = (points: readonly Point[]): Ring => points.map(([x, y]) => [onGrain(x), onGrain(y)])

const onGrain = (value: number): number => Math.round(value / GRAIN) * GRAIN

/** Area of an outline less what is cut out of it, m². */
export const areaOf = ([outline, ...out]: readonly (readonly Point[])[]): number =>
  out.reduce((area, hole) => area - polygonArea(hole), polygonArea(outline!))
