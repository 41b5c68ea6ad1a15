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

/** The smallest letters, px. */
const LEAST = 11

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
  const words = faceWords(name, paint, boxOf(outlineOn(face, face.outline, view)), [...taken, ...lengths.map(({ box }) => box)])
  return { words, marks: lengths.filter(({ box }) => sharedArea(box, words.box) === 0) }
}

/**
 * The words of a face, beside its openings; what does not fit a small face is left to the pane beside and to its spoken name.
 */
function faceWords(name: string, paint: Paint, within: Box, taken: readonly Box[]): FaceWords {
  // No word is smaller than one can read: where a name has no room its first word may, else the face stands without.
  const sizeOf = (title: string) => Math.min(paint.figure ? 20 : 14.5, (within.width / title.length) * 1.7)
  const title = [paint.figure ?? name, ...(paint.figure ? [] : [name.split(" ")[0]!])].find((one) => sizeOf(one) >= LEAST) ?? ""
  const roomy = [paint.figure ? `${name} · ${paint.words}` : paint.words, paint.words].find((words) => words.length * 5.9 < within.width)
  const titleSize = title === "" ? LEAST : sizeOf(title)
  /** The words with a second line or without, where they lie over least. */
  const laid = (second: string | undefined): FaceWords => {
    // Letters are about 0.55 of their size wide; near enough to keep a label off an opening.
    const width = Math.max(title.length * (paint.figure ? 11 : 8), (second ?? "").length * 6.1)
    // Over the title's base line and under it.
    const [over, under] = [titleSize + (paint.mark ? 20 : 0), second === undefined ? 4 : SECOND_LINE + 4]
    const size = { width, height: over + under }
    const [x, y] = labelPlace(within, taken, size)
    return { title, titleSize, second, at: [x, y + (over - under) / 2], box: { x, y, ...size } }
  }
  const both = within.height < 40 || title === "" ? null : laid(roomy)
  return both && taken.every((box) => sharedArea(box, both.box) === 0) ? both : laid(undefined)
}
