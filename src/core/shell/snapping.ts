import { INCH } from "../quantity/length"
import type { UnitSystem } from "../quantity/unit-system"
import type { Rectangle } from "./polygon"

/** Places that a rectangle's edges may be held by, m; `x` and `y` are lines across the face. */
export interface Lines {
  x: readonly number[]
  y: readonly number[]
}

/** How a hand holds: from how far a line draws it, and the steps that it rests at where none does, m. */
export interface Hold {
  reach: number
  step: number
}

/** Steps that a tape shows: what a hand is held by as a rule, and when it lets go of all lines, m. */
export const STEPS: Record<UnitSystem, { hand: number; fine: number }> = {
  metric: { hand: 0.01, fine: 0.001 },
  "inch-pound": { hand: INCH / 2, fine: INCH / 16 },
}

/** Where a rectangle under the hand comes to rest: an edge of it on a line that is near, else at whole steps. */
export function snapped(rectangle: Rectangle, lines: Lines, hold: Hold): Rectangle {
  return {
    ...rectangle,
    x: held(rectangle.x, rectangle.width, lines.x, hold),
    y: held(rectangle.y, rectangle.height, lines.y, hold),
  }
}

/** A length under the hand: on the nearest of the lines, else at whole steps. */
export const snappedLength = (length: number, lines: readonly number[], hold: Hold): number => held(length, 0, lines, hold)

function held(place: number, size: number, lines: readonly number[], { reach, step }: Hold): number {
  const places = lines.flatMap((line) => (size > 0 ? [line, line - size] : [line])).filter((line) => line >= 0)
  const nearest = places.reduce((best, line) => (Math.abs(line - place) < Math.abs(best - place) ? line : best), Infinity)
  if (Math.abs(nearest - place) <= reach) return nearest
  // Rounded once more: a step of a millimetre has no exact binary form.
  return Math.max(0, Math.round(Math.round(place / step) * step * 1e9) / 1e9)
}
