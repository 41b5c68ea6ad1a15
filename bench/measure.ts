/** One line of the table: what was measured, its median, and the goal that it is held to. */
export interface Row {
  what: string
  median: string
  goal: string
  kept: "yes" | "no" | "–"
}

/** Median of so many runs, after a few to warm up, ms. */
export async function medianTime(runs: number, run: (i: number) => unknown): Promise<number> {
  for (let i = 0; i < Math.min(20, runs); i++) await run(i)
  const times: number[] = []
  for (let i = 0; i < runs; i++) {
    const start = performance.now()
    await run(i)
    times.push(performance.now() - start)
  }
  return median(times)
}

/** Median of how one run compares with another, each of both taken next to the other: a machine that slows down slows both. */
export async function medianRatio(runs: number, one: (i: number) => number, other: () => unknown): Promise<number> {
  await medianTime(20, () => one(0))
  await medianTime(20, other)
  const ratios: number[] = []
  for (let i = 0; i < runs; i++) {
    let time = 0
    for (let k = 0; k < 10; k++) time += one(10 * i + k)
    const start = performance.now()
    for (let k = 0; k < 10; k++) other()
    ratios.push(time / (performance.now() - start))
  }
  return median(ratios)
}

export function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b)
  return sorted[Math.floor(sorted.length / 2)]!
}

/** A row held against a greatest value. */
export function row(what: string, value: number, unit: string, most: number | null): Row {
  const text = (number: number) => `${number < 10 ? number.toFixed(2) : Math.round(number)} ${unit}`
  return {
    what,
    median: text(value),
    goal: most === null ? "" : `under ${text(most)}`,
    kept: most === null ? "–" : value < most ? "yes" : "no",
  }
}
