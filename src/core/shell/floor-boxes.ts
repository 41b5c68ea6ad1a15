import type { FloorBox, Shell } from "../../schema/job/shell"
import type { Face, Point } from "./face"
import { offsetsArea, offsetsLength } from "./notch"
import { boundsOf, type Rectangle, rectangleCorners } from "./polygon"

/** Where boxes on the floor stand against a face: their feet on the floor, their backs on the side walls. */
export function boxesOn(face: Face, { boxes, form }: Pick<Shell, "boxes" | "form">): Rectangle[] {
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
export function boxOutlinesOn(face: Face, shell: Pick<Shell, "boxes" | "form">): Point[][] {
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

/** What boxes cover of a face, in convex pieces: their feet on the floor, their sides on the walls that they stand against. */
export function boxPiecesOn(face: Face, shell: Pick<Shell, "boxes" | "form">): Point[][] {
  if (face.part === "floor") return boxesOn(face, shell).map(rectangleCorners)
  const { right } = boundsOf(face.outline)
  return Object.values(shell.boxes).flatMap((box) => (box.side === face.id ? boxStrips(box, box.side === "right" ? right : null) : []))
}

/** The side of a box on its wall as strips between neighbouring offsets. @param from where the wall is seen from its other end: its length */
function boxStrips({ x, length, height, outline }: FloorBox, from: number | null): Point[][] {
  const offsets = outline ?? [
    [0, height],
    [length, height],
  ]
  const at = (along: number) => (from === null ? x + along : from - x - along)
  return offsets.slice(1).flatMap(([along, off], i): Point[][] => {
    const [before, high] = offsets[i]!
    if (along <= before) return []
    const strip: Point[] = [
      [at(before), 0],
      [at(along), 0],
      [at(along), off],
      [at(before), high],
    ]
    return [from === null ? strip : strip.reverse()]
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

/** All of a box's own skin, m²: with its side and its top, which the wall and the floor behind them do without where it has a build-up of its own. */
export const wholeBoxSkin = (box: FloorBox): number =>
  boxSkin(box) + box.width * box.length + (box.outline ? offsetsArea(box.outline) : box.length * box.height)

/** Two pieces of a net that are cut apart, m. */
const CUT = 0.001

/**
 * The skin of a box laid flat, as boards are cut for it: its side below, its top or its slopes above, and the ends of a block beside.
 * @returns an outline, counter-clockwise, and what of it is no skin, with the cuts between the pieces
 */
export function boxNet({ length, width, height, outline }: FloorBox): { outline: Point[]; holes: Point[][] } {
  if (outline) {
    const over = Math.max(length, offsetsLength(outline))
    const high = Math.max(...outline.map(([, off]) => off))
    // What the side does not fill of its rectangle, on both sides and above.
    const beside: Point[] = [[0, high], [0, 0], [outline[0]![0], 0], ...outline, [outline.at(-1)![0], 0], [over, 0], [over, high]]
    const cut = { x: 0, y: high, width: over, height: CUT }
    return {
      outline: rectangleCorners({ x: 0, y: 0, width: over, height: high + CUT + width }),
      holes: [beside, rectangleCorners(cut)],
    }
  }
  const [ends, all] = [width + CUT, length + 2 * (width + CUT)]
  const cuts = [
    { x: 0, y: height, width: all, height: CUT },
    { x: width, y: 0, width: CUT, height },
    { x: ends + length, y: 0, width: CUT, height },
    { x: 0, y: height + CUT, width: ends, height: width },
    { x: ends + length, y: height + CUT, width: ends, height: width },
  ]
  return { outline: rectangleCorners({ x: 0, y: 0, width: all, height: height + CUT + width }), holes: cuts.map(rectangleCorners) }
}
