/** Cells to begin with from a line of a drawing to the middle between it and the next. */
const HALF = 5
/** How much larger a cell is than the one before it on the way from a line: a field that bends at all sizes is followed at each. */
const GROWTH = 1.45
/** In a stretch so thin against the body, like a steel skin, the field hardly bends. */
const THIN = 0.01

/** Coordinates of a rectangular mesh's lines, m, rising. */
export interface Mesh {
  x: Float64Array
  y: Float64Array
}

/** Cells of a first mesh that leave room for finer ones. */
const ROOM = 40_000

/**
 * Lines of a first mesh: on each line of the drawing, and closer together beside it, where the field bends most. A drawing with very
 * many lines begins with fewer between them.
 * @param x lines of the drawing across, m, in any order; the first and the last are the body's edges
 * @param y those upwards
 */
export function meshOn(x: readonly number[], y: readonly number[]): Mesh {
  for (let half = HALF; ; half--) {
    const mesh = { x: firstLines(x, half), y: firstLines(y, half) }
    if (half === 0 || (mesh.x.length - 1) * (mesh.y.length - 1) <= ROOM) return mesh
  }
}

/**
 * Lines along one axis.
 * @param most cells from one line of the drawing to the middle between it and the next; 0: one cell from line to line
 */
export function firstLines(places: readonly number[], most = HALF): Float64Array {
  const rising = [...places].sort((a, b) => a - b)
  const whole = rising.at(-1)! - rising[0]!
  // Places nearer than a millionth of the body are one.
  const breaks = rising.filter((place, i) => i === 0 || place - rising[i - 1]! > 1e-6 * whole)
  breaks[breaks.length - 1] = rising.at(-1)!
  if (most === 0) return Float64Array.from(breaks)
  const lengths = breaks.slice(1).map((to, i) => to - breaks[i]!)
  const beside = sizesBeside(lengths, THIN * whole, most)
  const lines = [breaks[0]!]
  lengths.forEach((length, i) => {
    let at = breaks[i]!
    for (const size of sizesBetween(beside[i]!, beside[i + 1]!, length)) lines.push((at += size))
    lines[lines.length - 1] = breaks[i + 1]!
  })
  return Float64Array.from(lines)
}

/** Sizes of the cells beside each line of the drawing: as the stretches beside it want them, and no larger than those nearby let them grow. */
function sizesBeside(lengths: readonly number[], thin: number, most: number): number[] {
  const first = lengths.map((length) => {
    const half = length < thin ? Math.min(2, most) : most
    return (length * (GROWTH - 1)) / (2 * (GROWTH ** half - 1))
  })
  const sizes = [...lengths, 0].map((_, i) => Math.min(first[i - 1] ?? Infinity, first[i] ?? Infinity))
  const grown = (i: number, from: number, length: number) => (sizes[i] = Math.min(sizes[i]!, sizes[from]! + (GROWTH - 1) * length))
  lengths.forEach((length, i) => grown(i + 1, i, length))
  for (let i = lengths.length - 1; i >= 0; i--) grown(i, i + 1, lengths[i]!)
  return sizes
}

/** Cells of a stretch, growing from both its ends towards each other. */
function sizesBetween(left: number, right: number, length: number): number[] {
  const [rising, falling]: [number[], number[]] = [[], []]
  let [next, last, filled] = [left, right, 0]
  while (filled < length * (1 - 1e-9)) {
    if (next <= last) {
      rising.push(next)
      filled += next
      next *= GROWTH
    } else {
      falling.push(last)
      filled += last
      last *= GROWTH
    }
  }
  return [...rising, ...falling.reverse()].map((size) => (size * length) / filled)
}

/** Every cell cut in two. */
export function halved(lines: Float64Array): Float64Array {
  const finer = new Float64Array(2 * lines.length - 1)
  for (let i = 0; i < lines.length; i++) {
    finer[2 * i] = lines[i]!
    if (i > 0) finer[2 * i - 1] = (lines[i - 1]! + lines[i]!) / 2
  }
  return finer
}

/** Cells on either side of a place that are cut. */
const NEAR = 2

/** The cells near some places cut in two, and those next to them in four. */
export const cutNear = (lines: Float64Array, places: readonly number[]): Float64Array => cutOnce(cutOnce(lines, places), places)

function cutOnce(lines: Float64Array, places: readonly number[]): Float64Array {
  const cut = new Set<number>()
  for (const place of places) {
    const cell = cellAt(lines, place)
    for (let i = cell - NEAR + 1; i <= cell + NEAR; i++) cut.add(i)
  }
  const finer: number[] = []
  lines.forEach((line, i) => {
    finer.push(line)
    if (cut.has(i) && i + 1 < lines.length) finer.push((line + lines[i + 1]!) / 2)
  })
  return Float64Array.from(finer)
}

/** The cell that a place lies in; on a line the one before it, at the beginning the first. */
export function cellAt(lines: Float64Array, place: number): number {
  let [low, high] = [0, lines.length - 2]
  while (low < high) {
    const middle = (low + high) >> 1
    if (lines[middle + 1]! >= place) high = middle
    else low = middle + 1
  }
  return low
}
