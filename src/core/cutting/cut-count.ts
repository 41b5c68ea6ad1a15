import type { Rect } from "./sheet"

/** Sides that lie so near to a sheet's edge need no cut, m. */
const NEAR = 5e-4

/** A straight cut, m from the sheet's lower left corner. */
export interface Cut {
  from: readonly [x: number, y: number]
  to: readonly [x: number, y: number]
}

/** What is cut up. */
interface Filled {
  length: number
  width: number
  pieces: readonly Rect[]
}

/**
 * Cuts that a sheet takes: from edge to edge where its pieces can be freed so, each edge once; else each side of a piece that is no edge of the
 * sheet.
 */
export const cutCount = (sheet: Filled): number =>
  cutOrder(sheet)?.length ?? freeCuts({ width: sheet.length, height: sheet.width }, sheet.pieces)

/** The cuts from edge to edge that free all pieces, each through what the ones before it left in one piece; null where none can. */
export const cutOrder = ({ length, width, pieces }: Filled): Cut[] | null =>
  edgeToEdge({ x: 0, y: 0, width: length, height: width }, pieces)

/** null where no cut from edge to edge parts them. */
function edgeToEdge(sheet: Rect, pieces: readonly Rect[]): Cut[] | null {
  if (pieces.length === 0) return []
  if (pieces.length === 1) return trims(sheet, pieces[0]!)
  const [right, top] = [sheet.x + sheet.width, sheet.y + sheet.height]
  for (const upright of [true, false]) {
    const start = ({ x, y }: Rect) => (upright ? x : y)
    const end = (one: Rect) => (upright ? one.x + one.width : one.y + one.height)
    for (const at of [...new Set(pieces.map(end))].sort((a, b) => a - b)) {
      const before = pieces.filter((one) => end(one) <= at + NEAR)
      const after = pieces.filter((one) => end(one) > at + NEAR)
      if (after.length === 0 || after.some((one) => start(one) < at - NEAR)) continue
      const begins = Math.min(...after.map(start))
      const parts: [Rect, Rect] = upright
        ? [
            { ...sheet, width: at - sheet.x },
            { ...sheet, x: begins, width: right - begins },
          ]
        : [
            { ...sheet, height: at - sheet.y },
            { ...sheet, y: begins, height: top - begins },
          ]
      // Parts of what can be freed so can be too: another first cut frees no more.
      const one = edgeToEdge(parts[0], before)
      const other = one === null ? null : edgeToEdge(parts[1], after)
      return one === null || other === null ? null : [upright ? upCut(sheet, at) : levelCut(sheet, at), ...one, ...other]
    }
  }
  return null
}

const upCut = ({ y, height }: Rect, at: number): Cut => ({ from: [at, y], to: [at, y + height] })
const levelCut = ({ x, width }: Rect, at: number): Cut => ({ from: [x, at], to: [x + width, at] })

/** What frees one piece of what lies around it: at its right, its top, its left and its foot. */
function trims(sheet: Rect, { x, y, width, height }: Rect): Cut[] {
  const cuts: Cut[] = []
  const left = { ...sheet }
  if (sheet.x + sheet.width - x - width > NEAR) {
    cuts.push(upCut(left, x + width))
    left.width = x + width - left.x
  }
  if (sheet.y + sheet.height - y - height > NEAR) {
    cuts.push(levelCut(left, y + height))
    left.height = y + height - left.y
  }
  if (x - sheet.x > NEAR) {
    cuts.push(upCut(left, x))
    left.width -= x - left.x
    left.x = x
  }
  if (y - sheet.y > NEAR) cuts.push(levelCut(left, y))
  return cuts
}

function freeCuts({ width, height }: Pick<Rect, "width" | "height">, pieces: readonly Rect[]): number {
  const sides = pieces.flatMap((one) => [one.x, width - one.x - one.width, one.y, height - one.y - one.height])
  // A cut between two pieces is the side of both.
  return Math.ceil(sides.filter((rest) => rest > NEAR).length / 2)
}
