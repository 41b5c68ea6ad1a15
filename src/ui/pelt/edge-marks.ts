import type { Face, Point } from "../../core/shell/face"
import { type Box, sharedArea } from "../../core/shell/pelt-layout"
import { boundsOf } from "../../core/shell/polygon"
import { outlineOn, type View } from "./pelt-view"

/** Size of a written length, px. */
export const MARK_SIZE = 11.5
/** From an edge to the middle of its length, px. */
const OFF = 11

/** A length written inside a face beside the edge that it measures, px. */
export interface EdgeMark {
  id: "run" | "rise"
  text: string
  box: Box
  /** Written upward. */
  upright: boolean
}

/** Where along an edge a length may stand, the middle first. */
const PLACES = [0.5, 0.4, 0.6, 0.3, 0.7, 0.2, 0.8, 0.12, 0.88]

/**
 * Lengths of a face's edges; an edge that two faces share is measured once, on the one nearer to the floor.
 * Each slides along its edge off what is drawn there; one that finds no room is left to the elevation.
 * @param taken what is drawn in the face, px
 */
export function edgeMarks(face: Face, view: View, taken: readonly Box[], print: (length: number) => string): EdgeMark[] {
  const corners = outlineOn(face, face.outline, view)
  const middle = boxOf(corners)
  const marks: EdgeMark[] = []
  const write = (id: EdgeMark["id"], from: Point, to: Point) => {
    const long = Math.hypot(to[0] - from[0], to[1] - from[1])
    const text = print(long / view.scale)
    const width = text.length * MARK_SIZE * 0.55
    if (width + 2 * OFF > long) return
    const upright = Math.abs(to[0] - from[0]) < Math.abs(to[1] - from[1])
    // Of the edge's two sides the one towards the face's middle.
    const [nx, ny] = [(from[1] - to[1]) / long, (to[0] - from[0]) / long]
    const side = Math.sign((middle.x - from[0]) * nx + (middle.y - from[1]) * ny) * OFF
    const boxes = PLACES.map((part): Box => {
      const [x, y] = [from[0] + (to[0] - from[0]) * part + nx * side, from[1] + (to[1] - from[1]) * part + ny * side]
      return { x, y, width: upright ? MARK_SIZE : width, height: upright ? width : MARK_SIZE }
    })
    const box = boxes.find((candidate) => [...taken, ...marks.map((mark) => mark.box)].every((other) => sharedArea(candidate, other) === 0))
    if (box) marks.push({ id, text, box, upright })
  }
  write("rise", corners[0]!, corners.at(-1)!)
  if (face.part === "floor") write("run", corners[0]!, corners[1]!)
  return marks
}

/** The box around an outline, px. */
export function boxOf(outline: readonly Point[]): Box {
  const { left, right, low, high } = boundsOf(outline)
  return { x: (left + right) / 2, y: (low + high) / 2, width: right - left, height: high - low }
}
