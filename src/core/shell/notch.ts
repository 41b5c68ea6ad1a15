import type { Notch, Offsets } from "../../schema/job/shell"
import type { Face, Point } from "./face"
import { boundsOf } from "./polygon"

/**
 * The missing piece in the face's own coordinates, from its edge out along the measured offsets and back.
 * @returns corners counter-clockwise, m
 */
export function notchOutline(face: Pick<Face, "outline">, notch: Notch): Point[] {
  const [first, last] = [notch.offsets[0]!, notch.offsets.at(-1)!]
  const run: [number, number][] = [[first[0], 0], ...notch.offsets, [last[0], 0]]
  const points = run.map((place) => placed(face, notch, place))
  // Off the left and the lower edge the offsets turn the other way round.
  return notch.edge === "lower" || notch.edge === "right" ? points.reverse() : points
}

/** The same as strips between neighbouring offsets, each of them convex. */
export function notchStrips(face: Pick<Face, "outline">, notch: Notch): Point[][] {
  return pairs(notch.offsets).map(([a, b]) => {
    const points = ([[a[0], 0], a, b, [b[0], 0]] as [number, number][]).map((place) => placed(face, notch, place))
    return notch.edge === "lower" || notch.edge === "right" ? points.reverse() : points
  })
}

/** Area of the missing piece, m²: trapezoids between the offsets. */
export function offsetsArea(offsets: Offsets): number {
  return pairs(offsets).reduce((area, [a, b]) => area + ((b[0] - a[0]) * (a[1] + b[1])) / 2, 0)
}

/** Length along measured offsets with the ways up and down at their ends, m. */
export function offsetsLength(offsets: Offsets): number {
  const between = pairs(offsets).reduce((length, [a, b]) => length + Math.hypot(b[0] - a[0], b[1] - a[1]), 0)
  return between + offsets[0]![1] + offsets.at(-1)![1]
}

const pairs = (offsets: Offsets) => offsets.slice(1).map((offset, i) => [offsets[i]!, offset] as const)

/** A place (along, off) of one of the four edges of a face's bounds. */
function placed(face: Pick<Face, "outline">, { edge, from }: Notch, [along, off]: readonly [number, number]): Point {
  const { left, right, low, high } = boundsOf(face.outline)
  switch (edge) {
    case "lower":
      return [left + from + along, low + off]
    case "upper":
      return [left + from + along, high - off]
    case "left":
      return [left + off, low + from + along]
    case "right":
      return [right - off, low + from + along]
  }
}
