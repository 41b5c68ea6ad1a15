import type { FloorBox, Opening, Shell } from "../../schema/job/job"
import type { Face, Point } from "./face"
import { greatestHeight } from "./size"

/** An opening's or a box's place that cannot be, in words. */
export interface Misfit {
  /** null for a box on the floor */
  opening: string | null
  message: string
}

/** Openings that reach over their face's edge or over each other, and boxes that reach out of the shell. */
export function misfits(shell: Shell, faces: readonly Face[]): Misfit[] {
  const found: Misfit[] = Object.values(shell.boxes).flatMap((box) => boxMisfit(box, shell))
  const entries = Object.entries(shell.openings)
  entries.forEach(([id, opening], i) => {
    const face = faces.find((candidate) => candidate.id === opening.face)
    if (!face) return
    if (!corners(opening).every((corner) => inside(face.outline, corner)))
      found.push({ opening: id, message: `${opening.name} reaches over the edge of its face; make it smaller or move it.` })
    const other = entries.slice(0, i).find(([, before]) => before.face === opening.face && overlap(before, opening))
    if (other) found.push({ opening: id, message: `${opening.name} and ${other[1].name} overlap; move one of them.` })
  })
  return found
}

function boxMisfit({ name, x, length, width, height }: FloorBox, { form }: Shell): Misfit[] {
  const fits = x + length <= form.length + 0.001 && width <= form.width + 0.001 && height <= greatestHeight(form)
  return fits ? [] : [{ opening: null, message: `${name} reaches out of the shell; make it smaller or move it.` }]
}

function corners({ x, y, width, height }: Opening): Point[] {
  return [
    [x, y],
    [x + width, y],
    [x + width, y + height],
    [x, y + height],
  ]
}

/** Whether a point lies in a convex outline given counter-clockwise; a millimetre's tolerance for typed values. */
function inside(outline: readonly Point[], [x, y]: Point): boolean {
  return outline.every(([ax, ay], i) => {
    const [bx, by] = outline[(i + 1) % outline.length]!
    return (bx - ax) * (y - ay) - (by - ay) * (x - ax) >= -0.001 * Math.hypot(bx - ax, by - ay)
  })
}

function overlap(a: Opening, b: Opening): boolean {
  return a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height
}
