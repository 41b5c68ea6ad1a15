import type { CutInput, CutOutput } from "../../schema/cut"
import { type Noted, noteIf } from "../../schema/note"
import { InputError } from "../../schema/outcome"
import { seeded } from "../numeric/random"
import { sum } from "../numeric/sum"
import { bestFilling } from "./best-filling"
import { cheapestCovering, type Column, type Covering } from "./covering-program"
import { attainableCost, waysToCost } from "./attainable-cost"
import { refuseDoubles } from "./own-ids"

/** A kind of bar: sold, or an offcut on hand that costs nothing. */
interface Kind {
  id: string
  length: number
  cost: number
  count: number
}

/** A bar with how many pieces of each length are cut from it. */
interface Bar {
  kind: number
  counts: number[]
}

/** Bars that were tried, and what of each length found no place. */
interface Trial {
  bars: Bar[]
  left: number[]
}

/** Pieces and bars as they are cut: lengths that differ, each with a saw's cut at its end. */
interface Cutting {
  kinds: readonly Kind[]
  lengths: readonly number[]
  demands: readonly number[]
  kerf: number
}

/** Tries with other worths, besides the one that follows the program: fewer of them where there are more lengths and kinds. */
const triesFor = ({ lengths, kinds }: Cutting): number => Math.max(4, Math.min(60, Math.floor(3000 / (lengths.length * kinds.length))))
/** Rounding of lengths, m, and of costs. */
const [ROUNDING, SAME] = [1e-9, 1e-7] as const

/**
 * Lengths out of bars at least cost: the program over all ways to cut a bar gives what no plan can be under, its whole part a plan that mostly
 * costs as much.
 * @throws InputError `too-long` for a piece longer than every bar
 * @see Gilmore and Gomory, Operations Research 9 (1961); Wäscher and Gau, OR Spektrum 18 (1996), 3 (residual heuristics)
 */
export function cutBars({ stock, offcuts, kerf, pieces }: CutInput): Noted<CutOutput> {
  refuseDoubles({ stock, offcuts })
  refuseDoubles({ pieces })
  const kinds: Kind[] = [
    ...offcuts.map(({ id, length }) => ({ id, length, cost: 0, count: 1 })),
    ...stock.map(({ id, length, cost, count }) => ({ id, length, cost, count: count ?? Infinity })),
  ]
  const longest = Math.max(0, ...kinds.map(({ length }) => length))
  const tooLong = pieces.findIndex(({ length }) => length > longest + ROUNDING)
  if (tooLong >= 0)
    throw new InputError(
      "too-long",
      ["pieces", tooLong, "length"],
      `No bar is so long: the longest has ${longest} m. Join it, or buy longer.`,
    )
  const lengths = [...new Set(pieces.map(({ length }) => length))].sort((a, b) => b - a)
  const demands = lengths.map((length) => sum(pieces.filter((piece) => piece.length === length).map(({ quantity }) => quantity)))
  const cutting = { kinds, lengths, demands, kerf }
  const program = coveringOf(
    cutting,
    demands,
    kinds.map(({ count }) => count),
  )
  const trials = [
    dive(cutting),
    ...Array.from({ length: triesFor(cutting) }, (_, turn) => filled(cutting, begun(cutting), worthsOf(cutting, turn))),
  ]
  const found = trials.map((trial) => cheapened(cutting, trial)).reduce((a, b) => (isBetter(cutting, b, a) ? b : a))
  const complete = found.left.every((left) => left === 0)
  const from = Math.max(program?.exact ? leastOf(program.covering.cost, kinds) : 0, areaBound(cutting))
  const { best, bound } = complete ? closed(cutting, found, from) : { best: found, bound: 0 }
  const cost = costOf(cutting, best)
  const proven = complete && cost <= bound + SAME
  return {
    ...{ bars: told(cutting, best, pieces), cost, lowerBound: bound, proven },
    ...(complete ? {} : { unplaced: unplacedOf(cutting, best, pieces) }),
    notes: [
      ...noteIf(!complete, "unplaced", "There are too few bars: what found no place stands under unplaced."),
      ...noteIf(complete && !proven, "not-proven", "That nothing is cheaper is not proven: the lower bound is under the cost."),
    ],
  }
}

/** A way that gains less than this share of the cheapest bar is left out of the program. */
const leastGain = (kinds: readonly Kind[]): number => SAME * Math.min(...kinds.map(({ cost }) => (cost > 0 ? cost : 1)))

/** What no plan is under: the program's cost less what the ways left out could gain on as many bars, offcuts among them. */
const leastOf = (cost: number, kinds: readonly Kind[]): number => cost * (1 - 2 * SAME) - 2 * kinds.length * leastGain(kinds)

/** Ways to spend a cost, and costs between bound and plan, that are gone through at most. */
const [MOST_WAYS, MOST_COSTS] = [40, 30] as const

/**
 * Goes from the bound up through all sums of prices: where none of the ways to spend one has room for all, nothing costs so little; where a
 * plan is found for one, it is the cheapest.
 */
function closed(cutting: Cutting, found: Trial, from: number): { best: Trial; bound: number } {
  const sold = cutting.kinds.map((_, kind) => kind).filter((kind) => cutting.kinds[kind]!.cost > 0)
  const prices = sold.map((kind) => cutting.kinds[kind]!.cost)
  // A sum that cannot be told cannot be gone up from.
  let next = attainableCost(from, cutting.kinds)
  let bound = next ?? from
  for (let turn = 0; turn < MOST_COSTS && next !== null && costOf(cutting, found) > bound + SAME; turn++) {
    const ways = waysToCost(bound, prices, MOST_WAYS)
    if (!ways) break
    for (const counts of ways) {
      const spent: Cutting = {
        ...cutting,
        kinds: cutting.kinds.map((kind, i) => ({
          ...kind,
          count: Math.min(kind.count, sold.includes(i) ? counts[sold.indexOf(i)]! : kind.count),
        })),
      }
      const program = coveringOf(
        spent,
        cutting.demands,
        spent.kinds.map(({ count }) => count),
      )
      if (program?.exact && !hasRoom(program.covering)) continue
      const trial = dive(spent)
      return { best: trial.left.every((left) => left === 0) ? trial : found, bound }
    }
    next = attainableCost(bound + 10 * SAME, cutting.kinds)
    bound = next ?? bound
  }
  return { best: found, bound }
}

/** Less of a piece than that is the program's own rounding: in doubt there is room, and nothing is proven. */
const OF_A_PIECE = 1e-4

/** Whether a program covers all without what only stands for a missing bar. */
const hasRoom = ({ columns, uses }: Covering): boolean =>
  columns.every(({ limit, cost }, i) => limit >= 0 || cost === 0 || uses[i]! < OF_A_PIECE)

/** What a bar has room for: each piece with a cut at its end, the last of which may run off the bar. */
const roomOf = ({ kerf }: Cutting, kind: Kind): number => kind.length + kerf + ROUNDING

/** The program over all ways to cut a bar. @param counts how many of each kind there still are */
function coveringOf(
  cutting: Cutting,
  demands: readonly number[],
  counts: readonly number[],
): { covering: Covering; exact: boolean } | null {
  const { kinds, lengths, kerf } = cutting
  const limited = kinds.map((_, kind) => kind).filter((kind) => counts[kind]! < Infinity)
  const limitOf = kinds.map((_, kind) => limited.indexOf(kind))
  // Dearer by far than any way to cut it.
  const dear = 1000 * (1 + Math.max(...kinds.map(({ cost }) => cost)))
  const alone = lengths.map((length, i): Column => ({
    cost: dear * (1 + length),
    covers: lengths.map((_, j) => Number(i === j)),
    limit: -1,
  }))
  let exact = true
  const covering = cheapestCovering(
    demands,
    limited.map((kind) => counts[kind]!),
    alone,
    (demandPrices, limitPrices) => {
      let best: { column: Column; gain: number } | null = null
      for (const [kind, one] of kinds.entries()) {
        if (counts[kind] === 0) continue
        const items = lengths.map((length, i) => ({ room: length + kerf, worth: demandPrices[i]!, most: demands[i]! }))
        const filling = bestFilling(items, roomOf(cutting, one))
        exact &&= filling.exact
        const limit = limitOf[kind]!
        const gain = filling.worth + (limit < 0 ? 0 : limitPrices[limit]!) - one.cost
        if (gain > leastGain(kinds) && gain > (best?.gain ?? 0)) best = { column: { cost: one.cost, covers: filling.counts, limit }, gain }
      }
      return best?.column ?? null
    },
  )
  return covering && { covering, exact }
}

/** What is cut so far, what of each length is left, and how many of each kind there still are. */
interface Progress extends Trial {
  counts: number[]
}

const begun = ({ demands, kinds }: Cutting): Progress => ({ bars: [], left: [...demands], counts: kinds.map(({ count }) => count) })

/** Cuts some bars of a kind alike. */
function take({ bars, left, counts }: Progress, kind: number, covers: readonly number[], times: number): void {
  covers.forEach((by, i) => (left[i]! -= times * by))
  counts[kind]! -= times
  for (let k = 0; k < times; k++) bars.push({ kind, counts: [...covers] })
}

/** How often a way can be cut from what is left. */
const timesLeft = ({ left, counts }: Progress, kind: number, covers: readonly number[]): number =>
  covers.reduce((least, by, i) => (by > 0 ? Math.min(least, Math.floor(left[i]! / by)) : least), counts[kind]!)

/** Programs that are gone through on the way down at most; the rest is filled bar after bar. */
const MOST_PROGRAMS = 40

/** Follows the program: whole bars of its ways are taken, then the way that is nearest to one more, until nothing is left. */
function dive(cutting: Cutting): Trial {
  const progress = begun(cutting)
  const { left, counts } = progress
  for (let turn = 0; turn < MOST_PROGRAMS && left.some((one) => one > 0); turn++) {
    const program = coveringOf(cutting, left, counts)
    if (!program) break
    const { columns, uses } = program.covering
    const ways = columns
      .map((column, i) => ({ ...column, use: uses[i]!, kind: kindOf(cutting, column) }))
      .filter(({ kind }) => kind >= 0)
      .sort((a, b) => b.use - a.use)
    let took = false
    for (const { covers, use, kind } of ways) {
      const times = Math.min(Math.floor(use + SAME), timesLeft(progress, kind, covers))
      if (times > 0) take(progress, kind, covers, times)
      took ||= times > 0
    }
    if (took) continue
    const nearest = ways.find(({ kind }) => counts[kind]! > 0)
    const covers = nearest && nearest.covers.map((by, i) => Math.min(by, left[i]!))
    if (!covers || sum(covers) === 0) break
    take(progress, nearest.kind, topUp(cutting, left, nearest.kind, covers), 1)
  }
  return filled(cutting, progress, cutting.lengths)
}

/** The kind that a way of the program cuts: the cheapest that is long enough for it and costs as much; −1 for none. */
const kindOf = (cutting: Cutting, { cost, covers }: Column): number =>
  cutting.kinds.findIndex((kind) => kind.cost === cost && usedBy(cutting, covers) <= roomOf(cutting, kind))

const usedBy = ({ lengths, kerf }: Cutting, counts: readonly number[]): number => sum(counts.map((by, i) => by * (lengths[i]! + kerf)))

/** A way with what else of the rest still fits. */
function topUp(cutting: Cutting, left: readonly number[], kind: number, counts: number[]): number[] {
  const { lengths, kerf, kinds } = cutting
  const items = lengths.map((length, i) => ({ room: length + kerf, worth: length, most: left[i]! - counts[i]! }))
  const more = bestFilling(items, roomOf(cutting, kinds[kind]!) - usedBy(cutting, counts))
  return counts.map((by, i) => by + more.counts[i]!)
}

/** Bar after bar the filling that is worth most for its price, each as often as it can be cut. @param worths of each length */
function filled(cutting: Cutting, progress: Progress, worths: readonly number[]): Trial {
  const { kinds, lengths, kerf } = cutting
  const { left, counts } = progress
  while (left.some((one) => one > 0)) {
    const items = lengths.map((length, i) => ({ room: length + kerf, worth: worths[i]!, most: left[i]! }))
    let best: (Bar & { value: number }) | null = null
    for (const [kind, one] of kinds.entries()) {
      if (counts[kind] === 0) continue
      const filling = bestFilling(items, roomOf(cutting, one))
      if (filling.worth <= 0) continue
      const value = one.cost > 0 ? filling.worth / one.cost : Infinity
      if (!best || value > best.value) best = { kind, counts: filling.counts, value }
    }
    if (!best) break
    take(progress, best.kind, best.counts, Math.max(1, timesLeft(progress, best.kind, best.counts)))
  }
  return progress
}

/** Worths of lengths for a turn: long ones a little more, and other ones a little by chance. */
function worthsOf({ lengths }: Cutting, turn: number): number[] {
  const uniform = seeded(turn + 1)
  const power = 1 + 0.01 * (turn % 12)
  return lengths.map((length) => length ** power * (turn === 0 ? 1 : 0.9 + 0.2 * uniform()))
}

/** The same pieces on cheaper bars where such are left. */
function cheapened(cutting: Cutting, { bars, left }: Trial): Trial {
  const { kinds } = cutting
  const free = kinds.map(({ count }, kind) => count - bars.filter((bar) => bar.kind === kind).length)
  const now = bars.map((bar): Bar => {
    const used = usedBy(cutting, bar.counts)
    const fits = kinds
      .map((kind, i) => ({ ...kind, i }))
      .filter((kind) => (free[kind.i]! > 0 || kind.i === bar.kind) && used <= roomOf(cutting, kind))
      .reduce((a, b) => (b.cost < a.cost || (b.cost === a.cost && b.length < a.length) ? b : a))
    free[bar.kind]!++
    free[fits.i]!--
    return { ...bar, kind: fits.i }
  })
  return { bars: now, left }
}

const costOf = ({ kinds }: Cutting, { bars }: Trial): number => sum(bars.map(({ kind }) => kinds[kind]!.cost))
const leftOf = ({ lengths }: Cutting, { left }: Trial): number => sum(left.map((by, i) => by * lengths[i]!))

/** Less length without a place, then less cost, then the longer one of what is left over. */
function isBetter(cutting: Cutting, one: Trial, than: Trial): boolean {
  const [length, cost] = [leftOf(cutting, one) - leftOf(cutting, than), costOf(cutting, one) - costOf(cutting, than)]
  if (Math.abs(length) > ROUNDING) return length < 0
  if (Math.abs(cost) > SAME) return cost < 0
  return longestRest(cutting, one) > longestRest(cutting, than) + ROUNDING
}

const longestRest = (cutting: Cutting, { bars }: Trial): number =>
  Math.max(0, ...bars.map(({ kind, counts }) => cutting.kinds[kind]!.length - usedBy(cutting, counts)))

/** No plan costs less than so much length of what is cheapest by its length, offcuts on hand taken off. */
function areaBound({ kinds, lengths, demands, kerf }: Cutting): number {
  const sold = kinds.filter(({ cost }) => cost > 0)
  if (sold.length < kinds.filter(({ count }) => count > 1).length || sold.length === 0) return 0
  const needed = sum(demands.map((by, i) => by * (lengths[i]! + kerf)))
  const free = sum(kinds.filter(({ cost }) => cost === 0).map(({ length, count }) => count * (length + kerf)))
  return Math.max(0, needed - free) * Math.min(...sold.map(({ cost, length }) => cost / (length + kerf)))
}

/** The bars piece by piece, the longest first. */
function told({ kinds, lengths, kerf }: Cutting, { bars }: Trial, pieces: CutInput["pieces"]): CutOutput["bars"] {
  const waiting = lengths.map((length) =>
    pieces.filter((piece) => piece.length === length).flatMap(({ id, quantity }) => new Array<string>(quantity).fill(id)),
  )
  return bars.map(({ kind, counts }) => {
    let at = 0
    const cuts = counts.flatMap((by, i) =>
      Array.from({ length: by }, () => {
        const cut = { piece: waiting[i]!.shift()!, at, length: lengths[i]! }
        at += lengths[i]! + kerf
        return cut
      }),
    )
    return { stock: kinds[kind]!.id, cuts, offcut: Math.max(0, kinds[kind]!.length - at) }
  })
}

/** What found no place, by the piece: the last of each length. */
function unplacedOf({ lengths }: Cutting, { left }: Trial, pieces: CutInput["pieces"]): { piece: string; quantity: number }[] {
  const waiting = [...left]
  return [...pieces].reverse().flatMap(({ id, length, quantity }) => {
    const i = lengths.indexOf(length)
    const missing = Math.min(quantity, waiting[i]!)
    waiting[i]! -= missing
    return missing > 0 ? [{ piece: id, quantity: missing }] : []
  })
}
