import { incidenceCosine, type SolarPosition } from "../sun/solar-position"
import type { Point } from "./face"
import { clipConvex, polygonArea, rectangleCorners } from "./polygon"

/** A level board over an opening, thin and square to the wall; lengths in m. */
export interface Overhang {
  depth: number
  /** Over the opening's top edge. */
  above: number
  /** Beyond the opening's edges, as seen from outside. */
  extendLeft: number
  extendRight: number
}

/** An upright board beside an opening, thin and square to the wall, from the opening's bottom up to the overhang; m. */
export interface Fin {
  depth: number
  /** From the opening's edge. */
  gap: number
}

/** Where a board over a window is usually set, m. */
export const BOARD = { above: 0.1, extendLeft: 0.3, extendRight: 0.3 }

/** What stands before an opening of a vertical wall. */
export interface Shades {
  overhang: Overhang | null
  left: Fin | null
  right: Fin | null
}

/**
 * Share of an opening that the sun's beam reaches past an overhang and fins, exactly: their shadows on the wall are parallelograms.
 * @param azimuth of the wall's outward normal, degrees
 * @returns 0…1; 0 with the sun behind the wall or down
 */
export function sunlitShare(sun: SolarPosition, azimuth: number, width: number, height: number, shades: Shades): number {
  const facing = incidenceCosine(sun, 90, azimuth)
  if (sun.altitude <= 0 || facing <= 0) return 0
  const [altitude, aside] = [sun.altitude * DEGREE, (sun.azimuth - azimuth) * DEGREE]
  // Where the shadow falls of a point that stands a metre out from the wall: a sun at the viewer's left throws it to the right.
  const way: Point = [(Math.cos(altitude) * Math.sin(aside)) / facing, -Math.sin(altitude) / facing]
  const { overhang, left, right } = shades
  const top = height + (overhang?.above ?? 0)
  const boards: [from: Point, to: Point, depth: number][] = []
  if (overhang) boards.push([[-overhang.extendLeft, top], [width + overhang.extendRight, top], overhang.depth])
  if (left) boards.push([[-left.gap, 0], [-left.gap, top], left.depth])
  if (right) boards.push([[width + right.gap, 0], [width + right.gap, top], right.depth])
  const opening = rectangleCorners({ x: 0, y: 0, width, height })
  const shadows = boards.map((board) => clipConvex(opening, shadowOf(board, way))).filter((shadow) => shadow.length > 2)
  const whole = width * height
  return Math.max(0, Math.min(1, 1 - coveredBy(shadows) / whole))
}

/**
 * Angle at which the sun stands over the horizon in the plane square to the wall, degrees.
 * @returns null with the sun behind the wall or down
 */
export function profileAngle(sun: SolarPosition, azimuth: number): number | null {
  if (sun.altitude <= 0 || incidenceCosine(sun, 90, azimuth) <= 0) return null
  return Math.atan(Math.tan(sun.altitude * DEGREE) / Math.cos((sun.azimuth - azimuth) * DEGREE)) / DEGREE
}

/** Corners of a board's shadow on the wall, counter-clockwise. */
function shadowOf([from, to, depth]: readonly [Point, Point, number], way: Point): Point[] {
  const shifted = ([x, y]: Point): Point => [x + depth * way[0], y + depth * way[1]]
  const corners = [from, to, shifted(to), shifted(from)]
  const counterClockwise = (to[0] - from[0]) * way[1] - (to[1] - from[1]) * way[0] >= 0
  return counterClockwise ? corners : corners.reverse()
}

/** Area under up to three convex shadows, each counted once: sums of all, less the pairs, and the three together. */
function coveredBy(shadows: readonly Point[][]): number {
  let area = 0
  shadows.forEach((a, i) => {
    area += polygonArea(a)
    shadows.slice(i + 1).forEach((b, j) => {
      const both = clipConvex(a, b)
      area -= areaOf(both)
      for (const c of shadows.slice(i + j + 2)) area += areaOf(clipConvex(both, c))
    })
  })
  return area
}

const areaOf = (outline: readonly Point[]): number => (outline.length > 2 ? polygonArea(outline) : 0)
const DEGREE = Math.PI / 180
