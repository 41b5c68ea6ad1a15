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
  course: "beside" | "up"
  /** m between boards: to expand, or for foam or sealant */
  gap: number
  /** m of the first course across, and of the first board in courses 0, 2, 4 … and in 1, 3, 5 … */
  first: { across: number; even: number; odd: number }
  /** Middles of the members that joints across the courses lie on, m along; null: anywhere. */
  on: readonly number[] | null
  /** m that no strip is narrower than, where the face lets it */
  shortest: number
}

/** A piece of a board where it lies. */
export interface Piece {
  course: number
  /** The piece of a whole board that it is cut from, m: left, low, right, high */
  cell: readonly [number, number, number, number]
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
 * Boards in courses over a face, cut at its outline and around its openings.
 * @returns pieces course by course, each in one part; gaps between them are left free
 * @throws InputError `no-member` where a joint finds no member
 */
export function layBoards({ outline, holes }: Boarded, laying: Laying, clip: Clipper): Piece[] {
  const turned = laying.course === "up"
  const way = (point: Point): Point => (turned ? [point[1], point[0]] : [point[0], point[1]])
  const ring = (points: readonly Point[]): Ring => points.map(way).map(([x, y]) => [onGrain(x), onGrain(y)])
  const face = ring(outline)
  const { left, right, low, high } = boundsOf(face)
  const whole = holes.length > 0 ? clip.difference([face], ...holes.map((hole): Polygon => [ring(hole)])) : [[face]]
  const { board, gap, first, on, shortest } = laying
  const courses = stretches({ from: low, to: high, board: board.across, gap, first: first.across, on: null, shortest })
  return courses.flatMap(([bottom, top], course) => {
    const begins = course % 2 === 0 ? first.even : first.odd
    return stretches({ from: left, to: right, board: board.along, gap, first: begins, on, shortest }).flatMap(([start, end]) => {
      const cell: Polygon = [
        [
          [start, bottom],
          [end, bottom],
          [end, top],
          [start, top],
        ],
      ]
      return clip.intersection(cell, whole).flatMap((rings): Piece[] => {
        const open = rings.map((one) => one.slice(0, -1).map(way))
        const area = areaOf(open)
        const place = turned ? ([bottom, start, top, end] as const) : ([start, bottom, end, top] as const)
        return area < DUST ? [] : [{ course, cell: place, rings: open, area }]
      })
    })
  })
}

const onGrain = (value: number): number => Math.round(value / GRAIN) * GRAIN

/** Area of an outline less what is cut out of it, m². */
export const areaOf = ([outline, ...out]: readonly (readonly Point[])[]): number =>
  out.reduce((area, hole) => area - polygonArea(hole), polygonArea(outline!))
