/** A length to be written along one side of a drawing, px along that side. */
export interface DimensionLine {
  id: string
  from: number
  to: number
  /** Room that its figure takes along the line. */
  text: number
}

/** Where a length is written: in which row off the drawing, and where its figure's middle is. */
export interface PlacedLine extends DimensionLine {
  tier: number
  middle: number
}

/** Room between figures in a row, px. */
const GAP = 4
/** Lines that share so little have one end in common, px. */
const TOUCH = 0.01

/**
 * Lays dimension lines in rows beside a drawing, short ones nearest to it: in a row lines follow on but never lie over each other, and a
 * figure that has no room on its line moves aside along it, as long as it touches its line.
 * @param room length of the side, px: figures stay within it where it is long enough
 */
export function placeLines(lines: readonly DimensionLine[], room: number): PlacedLine[] {
  const rows: PlacedLine[][] = []
  return [...lines]
    .sort((a, b) => a.to - a.from - (b.to - b.from) || a.from - b.from)
    .map((line) => {
      for (let tier = 0; ; tier++) {
        const row = (rows[tier] ??= [])
        const middle = row.some((other) => line.from < other.to - TOUCH && other.from < line.to - TOUCH)
          ? null
          : freeMiddle(line, row, room)
        if (middle === null) continue
        const placed = { ...line, tier, middle }
        row.push(placed)
        return placed
      }
    })
}

/** Where the middle of a line's figure has room among those of its row, the nearest to the line's own middle; null where it has none. */
function freeMiddle({ from, to, text }: DimensionLine, row: readonly PlacedLine[], room: number): number | null {
  const half = text / 2
  const within = (middle: number) => Math.min(Math.max(middle, half), Math.max(half, room - half))
  const own = within((from + to) / 2)
  const apart = (other: PlacedLine) => half + other.text / 2 + GAP
  const free = (middle: number) => row.every((other) => Math.abs(other.middle - middle) >= apart(other) - 1e-9)
  const touches = (middle: number) => middle + half >= from && middle - half <= to
  return (
    [own, ...row.flatMap((other) => [other.middle - apart(other), other.middle + apart(other)].map(within))]
      .filter((middle) => free(middle) && (touches(middle) || middle === own))
      .sort((a, b) => Math.abs(a - own) - Math.abs(b - own))[0] ?? null
  )
}
