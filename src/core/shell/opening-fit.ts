import type { FloorBox, Opening, Shell } from "../../schema/job/shell"
import type { Face } from "./face"
import { notchOutline } from "./notch"
import { isInside, type Rectangle, rectangleCorners } from "./polygon"
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
  for (const notch of Object.values(shell.notches)) {
    const face = faces.find(({ id }) => id === notch.face)
    if (face && !notchOutline(face, notch).every((corner) => isInside(face.outline, corner)))
      found.push({ opening: null, message: `${notch.name} reaches over the edge of its face; make it smaller or move it.` })
  }
  const entries = Object.entries(shell.openings)
  entries.forEach(([id, opening], i) => {
    const face = faces.find((candidate) => candidate.id === opening.face)
    if (!face) return
    if (!rectangleCorners(opening).every((corner) => isInside(face.outline, corner)))
      found.push({ opening: id, message: `${opening.name} reaches over the edge of its face; make it smaller or move it.` })
    const other = entries.slice(0, i).find(([, before]) => before.face === opening.face && overlap(before, opening))
    if (other) found.push({ opening: id, message: `${opening.name} and ${other[1].name} overlap; move one of them.` })
  })
  return found
}

function boxMisfit({ name, x, length, width, height, outline }: FloorBox, { form }: Shell): Misfit[] {
  const fits =
    x + (outline ? outline.at(-1)![0] : length) <= form.length + 0.001 && width <= form.width + 0.001 && height <= greatestHeight(form)
  return fits ? [] : [{ opening: null, message: `${name} reaches out of the shell; make it smaller or move it.` }]
}

/** Whether two openings of one face take the same place; edges may touch. */
export function overlap(a: Rectangle, b: Rectangle): boolean {
  return a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height
}
