import type { FloorBox, Shell } from "../../schema/job/shell"
import type { Face, Point } from "./face"
import { offsetsArea, offsetsLength } from "./notch"
import { boundsOf, type Rectangle, rectangleCorners } from "./polygon"

/** Where boxes on the floor stand against a face: their feet on the floor, their backs on the side walls. */
export function boxesOn(face: Face, { boxes, form }: Shell): Rectangle[] {
  return Object.values(boxes).flatMap((box): Rectangle[] => {
    if (face.part === "floor")
      return [{ x: box.x, y: box.side === "left" ? form.width - box.width : 0, width: box.length, height: box.width }]
    if (face.id !== box.side) return []
    // The right wall runs from the front to the back, as seen from inside.
    return [{ x: box.side === "left" ? box.x : form.length - box.x - box.length, y: 0, width: box.length, height: box.height }]
  })
}

/** A box as one sees it from the side: along its length from its near end, and above the floor, counter-clockwise, m. */
export function boxProfile({ length, height, outline }: FloorBox): Point[] {
  if (!outline) return rectangleCorners({ x: 0, y: 0, width: length, height })
  const [first, last] = [outline[0]!, outline.at(-1)!]
  return [[first[0], 0], [last[0], 0], ...[...outline].reverse()]
}

/** The same boxes as they are drawn: with their measured outlines where one sees them from the side. */
export function boxOutlinesOn(face: Face, shell: Shell): Point[][] {
  const boxes = Object.values(shell.boxes)
  if (face.part === "floor") return boxesOn(face, shell).map(rectangleCorners)
  const { right } = boundsOf(face.outline)
  return boxes
    .filter((box) => box.side === face.id)
    .map((box) => {
      const along = boxProfile(box).map(([x, y]): Point => [box.x + x, y])
      return box.side === "left" ? along : along.map(([x, y]): Point => [right - x, y]).reverse()
    })
}

/** Volume that a box takes from the inside, m³. */
export const boxVolume = (box: FloorBox): number => box.width * (box.outline ? offsetsArea(box.outline) : box.length * box.height)

/**
 * Skin that a box adds, m²: its top and its side stand in for the floor and the wall behind them, its ends would not be there without it.
 * One with a measured outline has slopes in place of ends and top.
 */
export function boxSkin({ width, height, length, outline }: FloorBox): number {
  return width * (outline ? Math.max(0, offsetsLength(outline) - length) : 2 * height)
}
