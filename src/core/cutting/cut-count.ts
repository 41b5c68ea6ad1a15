import type { Rect } from "./sheet"

/** Sides that lie so near to a sheet's edge need no cut, m. */
const NEAR = 5e-4

/**
 * Cuts that a sheet takes: from edge to edge where its pieces can be freed so, each edge once; else each side of a piece that is no edge of the
 * sheet.
 */
export const cutCount = ({ length, width, pieces }: { length: number; width: number; pieces: readonly Rect[] }): number =>
  edgeToEdge({ x: 0, y: 0, width: length, height: width }, pieces) ?? freeCuts({ width: length, height: width }, pieces)

/** null where no cut from edge to edge parts them. */
function edgeToEdge(sheet: Rect, pieces: readonly Rect[]): number | null {
  if (pieces.length === 0) return 0
  const [right, top] = [sheet.x + sheet.width, sheet.y + sheet.height]
  if (pieces.length === 1) {
    const [{ x, y, width, height }] = pieces as [Rect]
    const sides = [x - sheet.x, right - x - width, y - sheet.y, top - y - height]
    return sides.filter((rest) => rest > NEAR).length
  }
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
      return one === null || other === null ? null : 1 + one + other
    }
  }
  return null
}

function freeCuts({ width, height }: Pick<Rect, "width" | "height">, pieces: readonly Rect[]): number {
  const sides = pieces.flatMap((one) => [one.x, width - one.x - one.width, one.y, height - one.y - one.height])
  // A cut between two pieces is the side of both.
  return Math.ceil(sides.filter((rest) => rest > NEAR).length / 2)
}
