import type { Point } from "../shell/face"
import { boundsOf, polygonCentre } from "../shell/polygon"
import type { StuffCut } from "./cut-stuff"

/** A drawing at true size, m: closed outlines and words, each on a named layer. */
export interface Drawing {
  name: string
  outlines: { layer: DrawingLayer; points: readonly Point[] }[]
  /** `at` is the middle of the words, `height` that of a capital letter. */
  words: { layer: DrawingLayer; at: Point; height: number; text: string }[]
}

/** What a line of a drawing is. */
export type DrawingLayer = "SHEET" | "CUT" | "REST" | "NUMBER" | "OUTLINE" | "OPENING" | "MEMBER"

/** Sheets lie so far beside one another on a drawing, m. */
const BESIDE = 0.2

/** The sheets of a stuff one above the other, each with its pieces and what is left of it. */
export function cuttingDrawing({ sheets }: Pick<StuffCut, "sheets">, name: string): Drawing {
  const drawing: Drawing = { name, outlines: [], words: [] }
  let top = 0
  for (const [i, { length, width, pieces, rests, from }] of sheets.entries()) {
    const low = top - width
    const moved = (points: readonly Point[]): Point[] => points.map(([x, y]) => [x, y + low])
    const box = (x: number, y: number, wide: number, high: number) =>
      moved([
        [x, y],
        [x + wide, y],
        [x + wide, y + high],
        [x, y + high],
      ])
    drawing.outlines.push({ layer: "SHEET", points: box(0, 0, length, width) })
    for (const piece of pieces) {
      for (const ring of piece.rings) drawing.outlines.push({ layer: "CUT", points: moved(ring) })
      const bounds = boundsOf(piece.rings[0]!)
      const height = Math.min(0.08, (bounds.right - bounds.left) / 4, (bounds.high - bounds.low) / 2)
      const [x, y] = polygonCentre(piece.rings[0]!)
      drawing.words.push({
        layer: "NUMBER",
        at: [x, low + y],
        height,
        text: String(piece.number),
      })
    }
    for (const rest of rests) drawing.outlines.push({ layer: "REST", points: box(rest.x, rest.y, rest.width, rest.height) })
    drawing.words.push({ layer: "NUMBER", at: [length / 2, top + BESIDE / 3], height: 0.05, text: sheetName(i, from) })
    top = low - BESIDE
  }
  return drawing
}

/** What a sheet is called on drawings and lists. @param from as `CutSheet` has it */
export const sheetName = (i: number, from: number | null): string =>
  from === null ? `sheet ${i + 1}` : from === 0 ? `offcut on hand, ${i + 1}` : `cut out of piece ${from}`

/** From where to where a drawing reaches, m. */
export const drawingBounds = ({ outlines }: Drawing) => boundsOf(outlines.flatMap(({ points }) => points))
