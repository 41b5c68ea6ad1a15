/** A piece that is a rectangle but for one corner, which a slanted cut takes off: along it, or across all of it. m */
export interface Taper {
  length: number
  width: number
  /** The corner that is off, and the sides of the triangle there. */
  corner: "low left" | "low right" | "high right" | "high left"
  along: number
  across: number
}

/** Two tapers that one slanted cut parts, as they lie in their rectangle, the first at its left or lower end. */
export interface TaperPair {
  first: number
  second: number
  /** Turned by half a turn. */
  turned: readonly [boolean, boolean]
  length: number
  width: number
  /** m by which the second lies off the first, along and across */
  offset: readonly [number, number]
}

/** Sides that differ by less are alike, m. */
const ALIKE = 1e-4

type Corners = readonly (readonly [number, number])[]

/** The taper that an outline is, its lower left corner at 0, 0; null where it is none. */
export function taperOf(outline: Corners, length: number, width: number): Taper | null {
  const off = (value: number, side: number) => Math.abs(value - side) < ALIKE
  const slants = outline.flatMap(([x, y], i) => {
    const [u, v] = outline[(i + 1) % outline.length]!
    const straight =
      (off(x, 0) && off(u, 0)) || (off(x, length) && off(u, length)) || (off(y, 0) && off(v, 0)) || (off(y, width) && off(v, width))
    return straight ? [] : [[x, y, u, v] as const]
  })
  const [slant] = slants
  if (slants.length !== 1 || !slant) return null
  const [x, y, u, v] = slant
  const [along, across] = [Math.abs(u - x), Math.abs(v - y)]
  if (along < ALIKE || across < ALIKE) return null
  if (Math.abs(along - length) > ALIKE && Math.abs(across - width) > ALIKE) return null
  const rising = (u - x) * (v - y) > 0
  const [left, right, low, high] = [Math.min(x, u), Math.max(x, u), Math.min(y, v), Math.max(y, v)]
  // Of the two corners beside the slant the one that is the rectangle's and not the outline's.
  const isOff = (a: number, b: number) =>
    (off(a, 0) || off(a, length)) && (off(b, 0) || off(b, width)) && !outline.some(([c, d]) => off(a, c) && off(b, d))
  const corner = rising
    ? isOff(right, low)
      ? "low right"
      : isOff(left, high)
        ? "high left"
        : null
    : isOff(left, low)
      ? "low left"
      : isOff(right, high)
        ? "high right"
        : null
  if (!corner) return null
  return { length, width, corner, along, across }
}

/**
 * Tapers that go together two by two: one slanted cut parts them, where both have the same slant from edge to edge. The longest first, each with
 * the longest that still fits beside it.
 * @param kerf that the slanted cut takes, m
 * @param fits whether a rectangle is no larger than some sheet
 */
export function pairTapers(tapers: readonly (Taper | null)[], kerf: number, fits: (length: number, width: number) => boolean): TaperPair[] {
  const used = new Set<number>()
  const order = tapers
    .flatMap((taper, i) => (taper ? [{ taper, i }] : []))
    .sort((a, b) => b.taper.length * b.taper.width - a.taper.length * a.taper.width)
  const pairs: TaperPair[] = []
  for (const { taper, i } of order) {
    if (used.has(i)) continue
    for (const { taper: other, i: j } of order) {
      if (j === i || used.has(j) || used.has(i)) continue
      const pair = paired(taper, other, kerf)
      if (!pair || !fits(pair.length, pair.width)) continue
      used.add(i).add(j)
      pairs.push({ first: i, second: j, ...pair })
    }
  }
  return pairs
}

/** Corners that half a turn puts in each other's place. */
const FALLING = ["low left", "high right"]

function paired(one: Taper, other: Taper, kerf: number): Omit<TaperPair, "first" | "second"> | null {
  const alike = (a: number, b: number) => Math.abs(a - b) < ALIKE
  if (FALLING.includes(one.corner) !== FALLING.includes(other.corner)) return null
  if (!alike(one.along, other.along) || !alike(one.across, other.across)) return null
  const slant = Math.hypot(one.along, one.across)
  // Side by side along the sheet: the slant runs across all of both.
  if (alike(one.across, one.width) && alike(other.across, other.width)) {
    const offset = one.length - Math.min(one.along, other.along) + (kerf * slant) / one.across
    const turned = [one.corner.endsWith("left"), other.corner.endsWith("right")] as const
    return { turned, length: offset + other.length, width: Math.max(one.width, other.width), offset: [offset, 0] }
  }
  if (alike(one.along, one.length) && alike(other.along, other.length)) {
    const offset = one.width - Math.min(one.across, other.across) + (kerf * slant) / one.along
    const turned = [one.corner.startsWith("low"), other.corner.startsWith("high")] as const
    return { turned, length: Math.max(one.length, other.length), width: offset + other.width, offset: [0, offset] }
  }
  return null
}
