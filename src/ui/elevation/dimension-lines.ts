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

/** Room between neighbours in a row, px. */
const GAP = 4

/**
 * Lays dimension lines in rows beside a drawing so that no line and no figure meets another; short ones nearest to the drawing.
 * @param room length of the side, px: figures stay within it where it is long enough
 */
export function placeLines(lines: readonly DimensionLine[], room: number): PlacedLine[] {
  const rows: [number, number][][] = []
  return [...lines]
    .sort((a, b) => a.to - a.from - (b.to - b.from) || a.from - b.from)
    .map((line) => {
      const middle = Math.min(Math.max((line.from + line.to) / 2, line.text / 2), Math.max(line.text / 2, room - line.text / 2))
      const span: [number, number] = [Math.min(line.from, middle - line.text / 2), Math.max(line.to, middle + line.text / 2)]
      let tier = rows.findIndex((row) => row.every(([from, to]) => span[1] + GAP <= from || span[0] >= to + GAP))
      if (tier === -1) tier = rows.push([]) - 1
      rows[tier]!.push(span)
      return { ...line, tier, middle }
    })
}
