import { sum } from "../../../core/numeric/sum"
import type { Stuff } from "../../../core/takeoff/boarding"
import type { SheetPlan } from "../../../core/takeoff/sheet-plan"

/** Marking, laying down and cutting take about so long; a guess that the screen names. */
export const MINUTES_A_CUT = 2

/** How long so many cuts take, in a few words. */
export function cuttingTime(cuts: number): string {
  const minutes = cuts * MINUTES_A_CUT
  return minutes < 90 ? `${Math.max(5, Math.round(minutes / 5) * 5)} minutes` : `${Math.round(minutes / 30) / 2} hours`
}

/** What a plan comes to in all. */
export function planTotals({ stuffs }: SheetPlan) {
  const fresh = stuffs.flatMap(({ sheets }) => sheets.filter(({ from }) => from === null))
  const area = sum(fresh.map(({ length, width }) => length * width))
  const left = sum(
    stuffs.map(({ sheets, waste }) => waste * sum(sheets.flatMap(({ from, length, width }) => (from === null ? [length * width] : [])))),
  )
  return {
    bought: fresh.length,
    waste: area > 0 ? left / area : 0,
    cuts: sum(stuffs.map(({ cuts }) => cuts)),
    slivers: sum(stuffs.map(({ slivers }) => slivers)),
    cost: sum(stuffs.map(({ cost }) => cost)),
  }
}

/** So many sheets or batts. */
export function stuffWords(count: number, { soft }: Stuff): string {
  const one = soft ? "batt" : "sheet"
  return `${count} ${count === 1 ? one : `${one}s`}`
}

/** Numbers in a row drawn together: 1–4, 7. */
export function numbersWords(numbers: readonly number[]): string {
  const sorted = [...numbers].sort((a, b) => a - b)
  const runs: [number, number][] = []
  for (const one of sorted) {
    const last = runs.at(-1)
    if (last && one === last[1] + 1) last[1] = one
    else runs.push([one, one])
  }
  return runs.map(([from, to]) => (from === to ? `${from}` : to === from + 1 ? `${from}, ${to}` : `${from}–${to}`)).join(", ")
}
