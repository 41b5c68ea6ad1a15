import guillotine from "guillotine-packer"
import type { MaxRectsPacker } from "maxrects-packer"
import clip from "polygon-clipping"
import { cutBars } from "../src/core/cutting/cut-bars"
import { nestSheets } from "../src/core/cutting/nest-sheets"
import { seeded } from "../src/core/numeric/random"
import { sum } from "../src/core/numeric/sum"
import { activeState } from "../src/core/enclosure/job-state"
import { ledgerOf } from "../src/core/ledger/ledger"
import { SOON } from "../src/core/results/sheets-result"
import { boardingOf } from "../src/core/takeoff/boarding"
import { sheetPlan } from "../src/core/takeoff/sheet-plan"
import { demoJobs } from "../src/edit/start/demo-jobs"
import { CutInput } from "../src/schema/cut"
import { NestInput } from "../src/schema/nest"
import { median, row, type Row } from "./measure"

const [WIDTH, HEIGHT, KERF, SHEETS] = [2440, 1220, 3, 24] as const

/** The package names a file first that Node does not take: fetched by the one that it does. */
const FREELY: string = "maxrects-packer/dist/maxrects-packer.mjs"

/** Pieces of a hut's or a van's boards, mm: whole numbers, as both packages take them. */
function order(seed: number): { id: string; width: number; height: number }[] {
  const uniform = seeded(seed + 100)
  const side = (most: number) => 150 + Math.floor(uniform() * (most - 150))
  return Array.from({ length: 12 + (seed % 4) * 10 }, (_, i) => ({ id: `p${i}`, width: side(1400), height: side(1000) }))
}

/** Sheets over the lower bound in the mean of the same orders, and the time for one: as it is nested here, and by packages of the registry. */
export async function benchCutting(): Promise<Row[]> {
  const freely = (await import(FREELY)) as { MaxRectsPacker: typeof MaxRectsPacker }
  const orders = Array.from({ length: SHEETS }, (_, i) => order(i))
  const ours = (edgeToEdge: boolean) =>
    orders.map((pieces) => {
      const input = NestInput.parse({
        stock: [{ id: "sheet", width: WIDTH / 1000, height: HEIGHT / 1000 }],
        kerf: KERF / 1000,
        guillotine: edgeToEdge,
        pieces: pieces.map(({ id, width, height }) => ({ id, width: width / 1000, height: height / 1000 })),
      })
      const start = performance.now()
      const { cost, lowerBound } = nestSheets(input)
      return { sheets: cost, bound: lowerBound, time: performance.now() - start }
    })
  const [edges, free] = [ours(true), ours(false)]
  const timed = (run: (pieces: ReturnType<typeof order>) => number) =>
    orders.map((pieces) => {
      const start = performance.now()
      const sheets = run(pieces)
      return { sheets, time: performance.now() - start }
    })
  const theirEdges = timed((pieces) => byGuillotine(pieces))
  const theirFree = timed((pieces) => byMaxRects(freely, pieces))
  const over = (told: readonly { sheets: number }[]) => sum(told.map(({ sheets }, i) => sheets / edges[i]!.bound)) / told.length
  const time = (told: readonly { time: number }[]) => median(told.map((one) => one.time))
  const bars = barsOverBound()
  return [
    row("sheets over the lower bound, cut from edge to edge", over(edges), "times", over(theirEdges)),
    row("the same by a packing library of the registry (the best of its strategies)", over(theirEdges), "times", null),
    row("sheets over the lower bound, freely cut", over(free), "times", over(theirFree)),
    row("the same by another library (the best of its strategies)", over(theirFree), "times", null),
    row("an order of 12 to 42 pieces nested", time(edges), "ms", 2000),
    row("the same by the first library", time(theirEdges), "ms", null),
    row("bars over the lower bound, 40 orders of 10 to 60 sticks", bars.over, "times", 1.02),
    row("share of them proven to be the cheapest", bars.proven, "", null),
    row("an order of sticks cut", bars.time, "ms", 1000),
    row("all boards of a barn laid both ways and cut, 570 pieces", barnBoards(), "ms", 4000),
  ]
}

/** The fewest sheets by every strategy of the package. */
function byGuillotine(pieces: ReturnType<typeof order>): number {
  const { packer, SplitStrategy, SelectionStrategy, SortStrategy } = guillotine
  const all = <T extends object>(strategies: T) => Object.values(strategies).filter((one): one is never => typeof one === "number")
  let fewest = Infinity
  for (const selectionStrategy of all(SelectionStrategy))
    for (const splitStrategy of all(SplitStrategy))
      for (const sortStrategy of all(SortStrategy)) {
        const packed = packer(
          { binWidth: WIDTH, binHeight: HEIGHT, items: pieces.map(({ id, width, height }) => ({ name: id, width, height })) },
          { selectionStrategy, splitStrategy, sortStrategy, kerfSize: KERF, allowRotation: true },
        )
        fewest = Math.min(fewest, packed?.length ?? Infinity)
      }
  return fewest
}

function byMaxRects(freely: { MaxRectsPacker: typeof MaxRectsPacker }, pieces: ReturnType<typeof order>): number {
  const counts = [0, 1].map((logic) => {
    const packer = new freely.MaxRectsPacker(WIDTH, HEIGHT, KERF, { smart: false, pot: false, square: false, allowRotation: true, logic })
    // In the order in which the package itself takes a list: by their longer sides.
    const sorted = [...pieces].sort((a, b) => Math.max(b.width, b.height) - Math.max(a.width, a.height))
    for (const { id, width, height } of sorted) packer.add(width, height, id)
    return packer.bins.length
  })
  return Math.min(...counts)
}

/** Sticks out of bars of two lengths. */
function barsOverBound(): { over: number; proven: number; time: number } {
  const told = Array.from({ length: 40 }, (_, i) => {
    const uniform = seeded(i + 1)
    const input = CutInput.parse({
      stock: [
        { id: "short", length: 3, cost: 7 },
        { id: "long", length: 4.8, cost: 11 },
      ],
      kerf: 0.003,
      pieces: Array.from({ length: 4 + (i % 5) * 3 }, (_, k) => ({
        id: `p${k}`,
        length: Math.round((0.3 + 2.4 * uniform()) * 1000) / 1000,
        quantity: 1 + Math.floor(5 * uniform()),
      })),
    })
    const start = performance.now()
    const { cost, lowerBound, proven } = cutBars(input)
    return { over: cost / lowerBound, proven, time: performance.now() - start }
  })
  return {
    over: sum(told.map(({ over }) => over)) / told.length,
    proven: told.filter(({ proven }) => proven).length / told.length,
    time: median(told.map(({ time }) => time)),
  }
}

/** Boards and batts of the demo barn, as its station asks for them first. */
function barnBoards(): number {
  const state = activeState(demoJobs()[3]!)
  const boarding = boardingOf(state, ledgerOf(state).surfaces)
  return median(
    Array.from({ length: 5 }, () => {
      const start = performance.now()
      sheetPlan(boarding, clip, SOON)
      return performance.now() - start
    }),
  )
}
