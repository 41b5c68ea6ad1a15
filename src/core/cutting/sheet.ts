/** A rectangle on a sheet, m from its lower left corner. */
export interface Rect {
  x: number
  y: number
  width: number
  height: number
}

/** A rectangle to be laid: one of a piece's, and the same turned where it may be. */
export interface Part {
  piece: number
  width: number
  height: number
  turn: boolean
}

/** A part where it lies. */
export interface Laid extends Rect {
  part: Part
  turned: boolean
}

/** A sheet with what lies on it and where more may lie. Sheet and parts are a saw's cut larger both ways: then they may touch. */
export interface Sheet {
  kind: number
  laid: Laid[]
  free: Rect[]
}

/** How places are chosen and rests are parted. */
export interface Rules {
  /** The place that leaves the narrowest rest, the least area, or lies lowest. */
  place: "narrowest" | "least" | "lowest"
  /** The first cut runs such that its rests differ more, or less; or along, or across the sheet. */
  part: "uneven" | "even" | "along" | "across"
}

/** Rounding of lengths, m. */
const ROUNDING = 1e-9

const fits = (width: number, height: number, free: Rect): boolean => width <= free.width + ROUNDING && height <= free.height + ROUNDING

/** A place for a part on a sheet. */
export interface Place {
  at: number
  turned: boolean
  score: number
}

/** The best place for a part among a sheet's free rectangles; null where it fits in none. */
export function placeFor(part: Part, { free }: Sheet, { place }: Rules): Place | null {
  let best: Place | null = null
  for (let at = 0; at < free.length; at++) {
    const one = free[at]!
    for (let turned = 0; turned < (part.turn ? 2 : 1); turned++) {
      const [width, height] = turned ? [part.height, part.width] : [part.width, part.height]
      if (!fits(width, height, one)) continue
      const [right, above] = [one.width - width, one.height - height]
      const score =
        place === "narrowest"
          ? Math.min(right, above) + 1e-4 * Math.max(right, above)
          : place === "least"
            ? one.width * one.height - width * height
            : one.y + height + 1e-4 * one.x
      if (!best || score < best.score - ROUNDING) best = { at, turned: turned === 1, score }
    }
  }
  return best
}

/** Lays a part on a sheet. @param guillotine only cuts from edge to edge part what is left */
export function lay(part: Part, sheet: Sheet, { at, turned }: Place, rules: Rules, guillotine: boolean): void {
  const { x, y, width: wide, height: high } = sheet.free[at]!
  const [width, height] = turned ? [part.height, part.width] : [part.width, part.height]
  sheet.laid.push({ part, turned, x, y, width, height })
  if (!guillotine) return void (sheet.free = around(sheet.free, { x, y, width, height }))
  const [right, above] = [wide - width, high - height]
  const upFirst = cutsUpFirst(right, above, rules)
  const rests = upFirst
    ? [
        { x: x + width, y, width: right, height: high },
        { x, y: y + height, width, height: above },
      ]
    : [
        { x: x + width, y, width: right, height },
        { x, y: y + height, width: wide, height: above },
      ]
  sheet.free.splice(at, 1, ...rests.filter((rest) => rest.width > ROUNDING && rest.height > ROUNDING))
}

/** Whether the first cut runs up, so that the rest beside the part is as high as all. */
function cutsUpFirst(right: number, above: number, { part }: Rules): boolean {
  if (part === "along") return false
  if (part === "across") return true
  return part === "uneven" ? right > above : right <= above
}

/** The largest free rectangles around what is laid, which may overlap. @see Jylänki, A thousand ways to pack the bin (2010), 2.3 */
function around(free: readonly Rect[], laid: Rect): Rect[] {
  const rests = free.flatMap((one): Rect[] => {
    const [right, top] = [one.x + one.width, one.y + one.height]
    const [end, high] = [laid.x + laid.width, laid.y + laid.height]
    if (laid.x >= right - ROUNDING || end <= one.x + ROUNDING || laid.y >= top - ROUNDING || high <= one.y + ROUNDING) return [one]
    return [
      { ...one, width: laid.x - one.x },
      { ...one, x: end, width: right - end },
      { ...one, height: laid.y - one.y },
      { ...one, y: high, height: top - high },
    ].filter(({ width, height }) => width > ROUNDING && height > ROUNDING)
  })
  return rests.filter((one, i) => !rests.some((other, j) => i !== j && lies(one, other) && (!lies(other, one) || j < i)))
}

const lies = (one: Rect, within: Rect): boolean =>
  one.x >= within.x - ROUNDING &&
  one.y >= within.y - ROUNDING &&
  one.x + one.width <= within.x + within.width + ROUNDING &&
  one.y + one.height <= within.y + within.height + ROUNDING

/** Rests of a sheet that overlap nowhere, the largest first. */
export function restsOf({ free }: Sheet, guillotine: boolean): Rect[] {
  if (guillotine) return free
  const rests: Rect[] = []
  let left = [...free]
  while (left.length > 0) {
    const largest = left.reduce((best, one) => (one.width * one.height > best.width * best.height ? one : best))
    rests.push(largest)
    left = around(left, largest)
  }
  return rests
}
