import type { NestInput, NestOutput } from "../../schema/nest"
import { type Noted, noteIf } from "../../schema/note"
import { InputError } from "../../schema/outcome"
import { seeded } from "../numeric/random"
import { sum } from "../numeric/sum"
import { refuseDoubles } from "./own-ids"
import { lay, type Part, placeFor, restsOf, type Rules, type Sheet } from "./sheet"
import { sheetBound, type SheetKind } from "./sheet-bound"

interface Kind extends SheetKind {
  id: string
}

/** Parts and sheets as they are nested, all a saw's cut larger both ways. */
interface Nesting {
  kinds: readonly Kind[]
  guillotine: boolean
}

/** An order in which parts are laid, by which rules, and which kind of sheet is taken next. */
interface Plan {
  order: readonly Part[]
  rules: Rules
  /** Kinds by how soon they are taken. */
  prefers: readonly number[]
}

/** Sheets that a plan came to. */
interface Trial {
  plan: Plan
  sheets: Sheet[]
  unplaced: Part[]
  /** The less the better, one after the other: area without a place, cost, and how evenly sheets are filled. */
  score: readonly [number, number, number]
}

const PLACES: readonly Rules["place"][] = ["narrowest", "least", "lowest"]
const PARTS: readonly Rules["part"][] = ["uneven", "even", "along", "across"]
/** Rounding of areas, m², and costs. */
const ROUNDING = 1e-9
/** Plans tried in a millisecond for each part, and at most. */
const [PACE, MOST] = [200, 20_000] as const

/**
 * Rectangles out of sheets at least cost: parts are laid one after the other where they leave least beside them; orders, rules and kinds of sheet
 * are changed by seeded chance, and what is no worse is kept. The time asked for is turned into a number of plans.
 * @throws InputError `too-large` for a piece that fits no sheet
 * @see Jylänki, A thousand ways to pack the bin (2010); Martello and Vigo, Management Science 44 (1998) (bounds)
 */
export function nestSheets({ stock, offcuts, kerf, guillotine, minimumStrip, pieces, seed, time }: NestInput): Noted<NestOutput> {
  refuseDoubles({ stock, offcuts })
  refuseDoubles({ pieces })
  const kinds: Kind[] = [
    ...offcuts.map(({ id, width, height }) => ({ id, width: width + kerf, height: height + kerf, cost: 0, count: 1 })),
    ...stock.map(({ id, width, height, cost, count }) => ({
      id,
      width: width + kerf,
      height: height + kerf,
      cost,
      count: count ?? Infinity,
    })),
  ]
  const grown = pieces.map(({ width, height, ...piece }) => ({ ...piece, width: width + kerf, height: height + kerf }))
  const tooLarge = grown.findIndex((piece) => !kinds.some((kind) => fitsOn(piece, kind)))
  if (tooLarge >= 0)
    throw new InputError(
      "too-large",
      ["pieces", tooLarge],
      `No sheet has room for ${pieces[tooLarge]!.id}: cut it in two, with a joint where something carries it, or take larger sheets.`,
    )
  const parts = grown.flatMap(({ width, height, turn, quantity }, piece): Part[] =>
    Array.from({ length: quantity }, () => ({ piece, width, height, turn: turn && width !== height })),
  )
  if (parts.length > MOST_PARTS)
    throw new InputError("too-many", ["pieces"], `These are ${parts.length} pieces; one call takes ${MOST_PARTS}. Nest them in parts.`)
  const bound = sheetBound(kinds, grown)
  const best = searched({ kinds, guillotine }, parts, bound, seed, Math.min(MOST, Math.ceil((time * PACE) / parts.length)))
  const used = best.sheets.filter(({ laid }) => laid.length > 0)
  const cost = sum(used.map(({ kind }) => kinds[kind]!.cost))
  const area = (rect: { width: number; height: number }) => (rect.width - kerf) * (rect.height - kerf)
  const complete = best.unplaced.length === 0
  return {
    sheets: used.map((sheet) => ({
      stock: kinds[sheet.kind]!.id,
      placements: sheet.laid.map(({ part, turned, x, y, width, height }) => ({
        ...{ piece: pieces[part.piece]!.id, x, y, width: width - kerf, height: height - kerf, turned },
      })),
      offcuts: restsOf(sheet, guillotine)
        .map(({ x, y, width, height }) => ({ x, y, width: width - kerf, height: height - kerf }))
        .filter(({ width, height }) => Math.min(width, height) >= Math.max(minimumStrip, LEAST)),
    })),
    cost,
    utilisation: sum(used.flatMap(({ laid }) => laid.map(area))) / sum(used.map(({ kind }) => area(kinds[kind]!))),
    lowerBound: complete ? bound : 0,
    ...(complete ? {} : { unplaced: unplacedOf(best.unplaced, pieces) }),
    notes: [
      ...noteIf(!complete, "unplaced", "There are too few sheets: what found no place stands under unplaced."),
      ...noteIf(
        complete && cost > bound + ROUNDING,
        "not-proven",
        "That nothing is cheaper is not proven: the lower bound is under the cost.",
      ),
    ],
  }
}

/** More pieces are too many for one call. */
const MOST_PARTS = 2000
/** A rest narrower than that is dust, m. */
const LEAST = 1e-6

const fitsOn = (piece: { width: number; height: number; turn: boolean }, kind: SheetKind): boolean =>
  (piece.width <= kind.width + ROUNDING && piece.height <= kind.height + ROUNDING) ||
  (piece.turn && piece.height <= kind.width + ROUNDING && piece.width <= kind.height + ROUNDING)

/** Tries plans from several beginnings, then changes the best one again and again. */
function searched(nesting: Nesting, parts: readonly Part[], bound: number, seed: number, steps: number): Trial {
  const uniform = seeded(seed)
  const pick = <T>(all: readonly T[]): T => all[Math.floor(uniform() * all.length)]!
  const done = ({ score: [left, cost] }: Trial) => left === 0 && cost <= bound + ROUNDING
  const beginnings = beginningsOf(nesting, parts).slice(0, Math.max(FEWEST, steps))
  let best = followed(nesting, beginnings[0]!)
  for (let step = 1; step < beginnings.length + steps && !done(best); step++) {
    const begins = step < beginnings.length
    const trial = followed(nesting, begins ? beginnings[step]! : changed(best, nesting, uniform, pick))
    if (begins ? isBetter(trial, best) : !isBetter(best, trial)) best = trial
  }
  return best
}

/** So many beginnings are tried however little time there is. */
const FEWEST = 12

/** Plans by every order, rule and preference. */
const beginningsOf = ({ kinds }: Nesting, parts: readonly Part[]): Plan[] =>
  PARTS.flatMap((part) =>
    PLACES.flatMap((place) =>
      ORDERS.map((by) => [...parts].sort((a, b) => by(b) - by(a))).flatMap((order) =>
        preferences(kinds).map((prefers): Plan => ({ order, rules: { place, part }, prefers })),
      ),
    ),
  )

const ORDERS: readonly ((part: Part) => number)[] = [
  ({ width, height }) => width * height,
  ({ width, height }) => Math.max(width, height) + 1e-4 * Math.min(width, height),
  ({ width, height }) => Math.min(width, height) + 1e-4 * Math.max(width, height),
  ({ height }) => height,
  ({ width }) => width,
]

/** Kinds by price for their area, by price, and by area; offcuts first, the smallest of them before. */
function preferences(kinds: readonly Kind[]): number[][] {
  const all = kinds.map((_, i) => i)
  const area = (i: number) => kinds[i]!.width * kinds[i]!.height
  const by = (of: (i: number) => number) => [...all].sort((a, b) => of(a) - of(b) || area(a) - area(b))
  const orders = [
    by((i) => kinds[i]!.cost / area(i)),
    by((i) => kinds[i]!.cost),
    by((i) => (kinds[i]!.cost === 0 ? -1 / area(i) : -area(i))),
  ]
  return orders.filter((order, i) => orders.findIndex((other) => other.join() === order.join()) === i)
}

/** Lays all parts in their order, each on the first sheet that has a place for it. */
function followed({ kinds, guillotine }: Nesting, plan: Plan): Trial {
  const { order, rules, prefers } = plan
  const sheets: Sheet[] = []
  const left = kinds.map(({ count }) => count)
  const unplaced: Part[] = []
  for (const part of order) {
    const open = sheets.some((sheet) => {
      const place = placeFor(part, sheet, rules)
      if (place) lay(part, sheet, place, rules, guillotine)
      return place !== null
    })
    if (open) continue
    const kind = prefers.find((one) => left[one]! > 0 && fitsOn(part, kinds[one]!))
    if (kind === undefined) {
      unplaced.push(part)
      continue
    }
    left[kind]!--
    const sheet: Sheet = { kind, laid: [], free: [{ x: 0, y: 0, width: kinds[kind]!.width, height: kinds[kind]!.height }] }
    sheets.push(sheet)
    lay(part, sheet, placeFor(part, sheet, rules)!, rules, guillotine)
  }
  const cheaper = onCheaper(sheets, kinds, left, rules, guillotine)
  return { plan, sheets: cheaper, unplaced, score: scoreOf(cheaper, unplaced, kinds) }
}

/** What lies on each sheet, on a cheaper one where it fits on such. */
function onCheaper(sheets: Sheet[], kinds: readonly Kind[], left: number[], rules: Rules, guillotine: boolean): Sheet[] {
  if (kinds.length < 2) return sheets
  return sheets.map((sheet) => {
    const now = kinds[sheet.kind]!
    const area = sum(sheet.laid.map(({ width, height }) => width * height))
    for (const [kind, { width, height, cost }] of kinds.entries()) {
      if (left[kind] === 0 || cost >= now.cost || width * height < area - ROUNDING) continue
      const other: Sheet = { kind, laid: [], free: [{ x: 0, y: 0, width, height }] }
      const all = sheet.laid.every(({ part }) => {
        const place = placeFor(part, other, rules)
        if (place) lay(part, other, place, rules, guillotine)
        return place !== null
      })
      if (!all) continue
      left[kind]!--
      left[sheet.kind]!++
      return other
    }
    return sheet
  })
}

function scoreOf(sheets: readonly Sheet[], unplaced: readonly Part[], kinds: readonly Kind[]): Trial["score"] {
  const filled = sheets.map(
    ({ kind, laid }) => sum(laid.map(({ width, height }) => width * height)) / (kinds[kind]!.width * kinds[kind]!.height),
  )
  return [
    sum(unplaced.map(({ width, height }) => width * height)),
    sum(sheets.map(({ kind }) => kinds[kind]!.cost)),
    -sum(filled.map((share) => share * share)),
  ]
}

function isBetter({ score: one }: Trial, { score: other }: Trial): boolean {
  const [left, cost] = [one[0] - other[0], one[1] - other[1]]
  if (Math.abs(left) > ROUNDING) return left < 0
  if (Math.abs(cost) > ROUNDING) return cost < 0
  return one[2] < other[2] - ROUNDING
}

/** A plan with a few parts laid sooner, mostly those of the emptiest sheet, and now and then by other rules. */
function changed({ plan, sheets }: Trial, { kinds }: Nesting, uniform: () => number, pick: <T>(all: readonly T[]) => T): Plan {
  if (sheets.length === 0) return plan
  const order = [...plan.order]
  const emptiest = sheets.reduce(
    (least, one) => (one.laid.length > 0 && filling(one, kinds) < filling(least, kinds) ? one : least),
    sheets[0]!,
  )
  for (let moves = 1 + Math.floor(3 * uniform()); moves > 0; moves--) {
    const from = uniform() < 0.5 ? order.indexOf(pick(emptiest.laid).part) : Math.floor(uniform() * order.length)
    const to = Math.floor(uniform() * order.length)
    if (uniform() < 0.5) [order[from], order[to]] = [order[to]!, order[from]!]
    else order.splice(to, 0, ...order.splice(from, 1))
  }
  const rules = uniform() < 0.15 ? { place: pick(PLACES), part: pick(PARTS) } : plan.rules
  const prefers = kinds.length > 1 && uniform() < 0.2 ? shuffled(plan.prefers, uniform) : plan.prefers
  return { order, rules, prefers }
}

/** In an order by chance. @see Durstenfeld, Communications of the ACM 7 (1964) */
function shuffled<T>(all: readonly T[], uniform: () => number): T[] {
  const order = [...all]
  for (let i = order.length - 1; i > 0; i--) {
    const j = Math.floor((i + 1) * uniform())
    ;[order[i], order[j]] = [order[j]!, order[i]!]
  }
  return order
}

const filling = ({ kind, laid }: Sheet, kinds: readonly Kind[]): number =>
  sum(laid.map(({ width, height }) => width * height)) / (kinds[kind]!.width * kinds[kind]!.height)

function unplacedOf(parts: readonly Part[], pieces: NestInput["pieces"]): { piece: string; quantity: number }[] {
  return pieces.flatMap(({ id }, piece) => {
    const quantity = parts.filter((part) => part.piece === piece).length
    return quantity > 0 ? [{ piece: id, quantity }] : []
  })
}
