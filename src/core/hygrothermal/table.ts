/** A figure that goes in straight lines between points and stays beyond them, made to be read millions of times. */
export interface Table {
  xs: Float64Array
  ys: Float64Array
  /** Of each stretch between two points. */
  slopes: Float64Array
}

/** @param points rising in their first number, at least one */
export function tableOf(points: readonly (readonly [x: number, y: number])[]): Table {
  const xs = Float64Array.from(points, ([x]) => x)
  const ys = Float64Array.from(points, ([, y]) => y)
  const slopes = Float64Array.from({ length: xs.length - 1 }, (_, i) => (ys[i + 1]! - ys[i]!) / (xs[i + 1]! - xs[i]!))
  return { xs, ys, slopes }
}

/** The stretch that a place lies in: −1 before the first point, the last index behind the last. */
export function stretchAt({ xs }: Table, x: number): number {
  if (x < xs[0]!) return -1
  let [low, high] = [0, xs.length]
  while (high - low > 1) {
    const middle = (low + high) >> 1
    if (xs[middle]! <= x) low = middle
    else high = middle
  }
  return low
}

/** A figure and how fast it changes, read into what is given so that millions of readings make nothing new. */
export interface Reading {
  value: number
  slope: number
}

/** Reads a table at a place; beyond its ends it stays. */
export function read(table: Table, x: number, into: Reading): void {
  const i = stretchAt(table, x)
  if (i < 0 || i === table.slopes.length) {
    into.value = table.ys[Math.max(0, i)]!
    into.slope = 0
  } else {
    into.slope = table.slopes[i]!
    into.value = table.ys[i]! + into.slope * (x - table.xs[i]!)
  }
}

/** The figure at a place. */
export function valueAt(table: Table, x: number): number {
  const found = { value: 0, slope: 0 }
  read(table, x, found)
  return found.value
}
