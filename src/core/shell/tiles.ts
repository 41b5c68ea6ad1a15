import type { Point } from "./face"
import { boundsOf } from "./polygon"

/** A sheet of a drawing that is larger than the paper: what it shows, and where it stands among the others; m. */
export interface Tile {
  /** From the top left, from 0. */
  column: number
  row: number
  /** The drawing's left and upper edge on it. */
  left: number
  high: number
}

/** Sheets that cover a drawing at full size. */
export interface Tiles {
  columns: number
  rows: number
  tiles: Tile[]
}

/**
 * Cuts a drawing into sheets that lie over each other by a strip, so that they can be joined, with room around the drawing.
 * @param outline of the drawing, m
 * @param sheet what one sheet shows, m
 * @param overlap of neighbours, and the room around the drawing, m
 */
export function tilesOf(outline: readonly Point[], sheet: { width: number; height: number }, overlap: number): Tiles {
  const { left, right, low, high } = boundsOf(outline)
  const count = (length: number, room: number) => Math.max(1, Math.ceil((length + overlap) / (room - overlap)))
  const [columns, rows] = [count(right - left, sheet.width), count(high - low, sheet.height)]
  // What is left over stands on both sides alike.
  const spare = (number: number, room: number, length: number) => (number * (room - overlap) + overlap - length) / 2
  const [x, y] = [left - spare(columns, sheet.width, right - left), high + spare(rows, sheet.height, high - low)]
  const tiles = Array.from({ length: columns * rows }, (_, i): Tile => {
    const [column, row] = [i % columns, Math.floor(i / columns)]
    return { column, row, left: x + column * (sheet.width - overlap), high: y - row * (sheet.height - overlap) }
  })
  return { columns, rows, tiles }
}
