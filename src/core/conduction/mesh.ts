/** Cells to begin with from one line of a drawing to the next; sizes grow from both lines towards the middle. */
const HALF = 5
const GROWTH = 1.8
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
  const lines = [breaks[0]!]
  for (let i = 1; i < breaks.length; i++) {
    const [from, to] = [breaks[i - 1]!, breaks[i]!]
    if (most === 0) {
      lines.push(to)
      continue
    }
    const half = to - from < THIN * whole ? Math.min(2, most) : most
    const sizes = Array.from({ length: half }, (_, k) => GROWTH ** k)
    const total = 2 * sizes.reduce((sum, size) => sum + size, 0)
    let at = from
    for (const size of [...sizes, ...[...sizes].reverse()]) {
      at += ((to - from) * size) / total
      lines.push(at)
    }
    lines[lines.length - 1] = to
  }
  return Float64Array.from(lines)
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
