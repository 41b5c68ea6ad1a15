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
 * The words of a face, beside its openings: as many and as large as have room, and what has none is left to the pane beside and to its
 * spoken name. Where nothing has room they lie over least.
 */
function faceWords(name: string, paint: Paint, within: Box, taken: readonly Box[]): FaceWords {
  // No word is smaller than one can read: where a name has no room its first word may, else the face stands without.
  const sizeOf = (title: string) => Math.min(paint.figure ? 20 : 14.5, (within.width / title.length) * 1.7)
  const titles = [paint.figure ?? name, ...(paint.figure ? [] : [name.split(" ")[0]!])].filter((title) => sizeOf(title) >= LEAST)
  const roomy = [paint.figure ? `${name} · ${paint.words}` : paint.words, paint.words].find((words) => words.length * 5.9 < within.width)
  const laid = (title: string, titleSize: number, second: string | undefined): FaceWords => {
    // Letters are about 0.55 of their size wide; near enough to keep a label off an opening.
    const width = Math.max(title.length * titleSize * 0.55, (second ?? "").length * 6.1, paint.mark ? 18 : 0)
    // Over the title's base line and under it.
    const [over, under] = [(title === "" ? 0 : titleSize) + (paint.mark ? 20 : 0), second === undefined ? 4 : SECOND_LINE + 4]
    const size = { width, height: over + under }
    const [x, y] = labelPlace(within, taken, size)
    return { title, titleSize, second, at: [x, y + (over - under) / 2], box: { x, y, ...size } }
  }
  const over = ({ box }: FaceWords) => taken.reduce((area, one) => area + sharedArea(one, box), 0)
  // Each is laid only where those before it had no room: a pelt is lettered in every frame in which it moves.
  let best: { words: FaceWords; over: number } | null = null
  const fits = (title: string, size: number, second?: string): FaceWords | null => {
    const words = laid(title, size, second)
    const covered = over(words)
    if (covered === 0) return words
    if (!best || covered < best.over) best = { words, over: covered }
    return null
  }
  const [first] = titles
  if (first !== undefined && roomy !== undefined && within.height >= 40) {
    const both = fits(first, sizeOf(first), roomy)
    if (both) return both
  }
  for (const title of titles) {
    const alone = fits(title, sizeOf(title)) ?? fits(title, LEAST)
    if (alone) return alone
  }
  // For a mark alone, and for faces without room for any word.
  const none = laid("", LEAST, undefined)
  return titles.length === 0 || (paint.mark && over(none) === 0) ? none : best!.words
}
