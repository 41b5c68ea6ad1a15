import type { Rectangle } from "./polygon"

/** Places that a rectangle's edges may be held by, m; `x` and `y` are lines across the face. */
export interface Lines {
  x: readonly number[]
  y: readonly number[]
}

/** The whole length that a hand is held by where nothing else is near, m. */
export const HAND = 0.01

/**
 * Where a rectangle under the hand comes to rest: an edge of it on a line that is near, else at whole centimetres.
 * @param reach how near a line must be, m
 * @param free lets go of all lines: whole millimetres
 */
export function snapped(rectangle: Rectangle, lines: Lines, reach: number, free: boolean): Rectangle {
  return {
    ...rectangle,
    x: held(rectangle.x, rectangle.width, lines.x, reach, free),
    y: held(rectangle.y, rectangle.height, lines.y, reach, free),
  }
}

/** A length under the hand: on the nearest of the lines, else at whole centimetres. */
export function snappedLength(length: number, lines: readonly number[], reach: number, free: boolean): number {
  return held(length, 0, lines, reach, free)
}

function held(place: number, size: number, lines: readonly number[], reach: number, free: boolean): number {
  const round = (step: number) => Math.max(0, Math.round(Math.round(place / step) * step * 1e6) / 1e6)
  if (free) return round(0.001)
  const places = lines.flatMap((line) => (size > 0 ? [line, line - size] : [line])).filter((line) => line >= 0)
  const nearest = places.reduce((best, line) => (Math.abs(line - place) < Math.abs(best - place) ? line : best), Infinity)
  return Math.abs(nearest - place) <= reach ? nearest : round(HAND)
}
