import type { Shell } from "../../schema/job/job"
import type { Face } from "./face"

/** A rectangle in a face's own coordinates, m, by its lower left corner. */
export interface Rectangle {
  x: number
  y: number
  width: number
  height: number
}

/** Where boxes on the floor stand against a face: their feet on the floor, their backs on the side walls. */
export function boxesOn(face: Face, { boxes, form }: Shell): Rectangle[] {
  return Object.values(boxes).flatMap((box): Rectangle[] => {
    if (face.id === "floor")
      return [{ x: box.x, y: box.side === "left" ? form.width - box.width : 0, width: box.length, height: box.width }]
    if (face.id !== box.side) return []
    // The right wall runs from the front to the back, as seen from inside.
    return [{ x: box.side === "left" ? box.x : form.length - box.x - box.length, y: 0, width: box.length, height: box.height }]
  })
}
