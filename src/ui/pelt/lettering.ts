import type { Face, Point } from "../../core/shell/face"
import { type Box, labelPlace, sharedArea } from "../../core/shell/pelt-layout"
import { boxOf, type EdgeMark, edgeMarks } from "./edge-marks"
import type { Paint } from "../overlays/overlay"
import { outlineOn, type View } from "./pelt-view"

/** The words of a face as they are written on the pelt, px. */
export interface FaceWords {
  title: string
  titleSize: number
  /** Under the title; none where the face is too small for it. */
  second: string | undefined
  /** The middle of the title's base line. */
  at: Point
  /** What the letters take. */
  box: Box
}

/** The smallest letters, and those between them and a figure's, px. */
const [LEAST, MIDDLE] = [11, 14.5]

/** What letters keep off edges and openings, px. */
const CLEAR = 3

/** Of the second line's base under the title's. */
export const SECOND_LINE = 17

/**
 * All that is written on a face: its words and, where they are asked for, the lengths of its edges, none over another.
 * A face too small for both keeps its words; its lengths are on the elevation.
 * @param taken what is drawn in the face, px
 * @param print null leaves the lengths out
 */
export function lettering(
  { face, name }: { face: Face; name: string },
  paint: Paint,
  view: View,
  taken: readonly Box[],
  print: ((length: number) => string) | null,
): { words: FaceWords; marks: EdgeMark[] } {
  const lengths = print ? edgeMarks(face, view, taken, print) : []
  const words = faceWords(name, paint, outlineOn(face, face.outline, view), [...taken, ...lengths.map(({ box }) => box)])
  return { words, marks: lengths.filter(({ box }) => sharedArea(box, words.box) === 0) }
}

/**
 * The words of a face, inside its edges and beside its openings: as many and as large as have room, and what has none is left to the pane
 * beside and to its spoken name.
 */
function faceWords(name: string, paint: Paint, outline: readonly Point[], taken: readonly Box[]): FaceWords {
  const within = boxOf(outline)
  // No word is smaller than one can read: where a name has no room its first word may, else the face stands without.
  const sizeOf = (title: string) => Math.min(paint.figure ? 20 : 14.5, (within.width / title.length) * 1.7)
  const titles = [paint.figure ?? name, ...(paint.figure ? [] : [name.split(" ")[0]!])].filter((title) => sizeOf(title) >= LEAST)
  const seconds = [...(paint.figure ? [`${name} · ${paint.words}`] : []), paint.words]
  // Each is laid only where those before it had no room: a pelt is lettered in every frame in which it moves.
  const laid = (title: string, titleSize: number, second?: string): FaceWords | null => {
    // Bold letters are at most about 0.6 of their size wide; near enough to keep a label off an opening.
    const width = Math.max(title.length * titleSize * 0.6, (second ?? "").length * 6.1, paint.mark ? 18 : 0)
    // Over the title's base line and under it.
    const [above, under] = [(title === "" ? 0 : titleSize) + (paint.mark ? 20 : 0), second === undefined ? 4 : SECOND_LINE + 4]
    const size = { width: width + 2 * CLEAR, height: above + under }
    const place = labelPlace(outline, taken, size)
    return place && { title, titleSize, second, at: [place[0], place[1] + (above - under) / 2], box: { x: place[0], y: place[1], ...size } }
  }
  const [first] = titles
  if (first !== undefined && within.height >= 40) {
    for (const second of seconds) {
      const both = laid(first, sizeOf(first), second)
      if (both) return both
    }
  }
  for (const title of titles) {
    for (const size of [sizeOf(title), MIDDLE, LEAST]) {
      const alone = size <= sizeOf(title) ? laid(title, size) : null
      if (alone) return alone
    }
  }
  // The mark alone, if need be over what is there: a verdict is never left out.
  const { x, y } = within
  return laid("", LEAST) ?? { title: "", titleSize: LEAST, second: undefined, at: [x, y], box: { x, y, width: 0, height: 0 } }
}
