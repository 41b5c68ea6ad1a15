import { sum } from "../numeric/sum"
import { attainableCost } from "./attainable-cost"

/** A kind of sheet, a saw's cut larger both ways; offcuts cost nothing. */
export interface SheetKind {
  width: number
  height: number
  cost: number
  count: number
}

/** A piece, a saw's cut larger both ways. */
export interface SheetPiece {
  width: number
  height: number
  quantity: number
  turn: boolean
}

/** Rounding of shares. */
const ROUNDING = 1e-7
/** Sides at which pieces count as nothing or as all are no more than that. */
const SIDES = 24

/**
 * What no packing costs less than: the area's price; and where one kind of sheet is sold, how many sheets the pieces ask for by what their sides
 * leave beside them.
 * @see Fekete and Schepers, Mathematical Methods of Operations Research 60 (2004) (dual feasible functions); Martello and Vigo, Management Science 44 (1998)
 */
export function sheetBound(kinds: readonly SheetKind[], pieces: readonly SheetPiece[]): number {
  const sold = kinds.filter(({ cost, count }) => cost > 0 && count > 0)
  const free = kinds.filter(({ cost }) => cost === 0)
  // What costs nothing and has no end holds all.
  if (sold.length === 0 || free.some(({ count }) => count === Infinity)) return 0
  const needed = sum(pieces.map(({ width, height, quantity }) => width * height * quantity))
  const area = areaPrice(sold, needed - sum(free.map(({ width, height, count }) => width * height * count)))
  const bound = attainableCost(area - 1e-7, sold) ?? area - 1e-7
  const [one] = sold
  if (sold.length > 1 || free.some(({ width, height }) => width > one!.width || height > one!.height)) return bound
  const sheets = sheetsBySides(one!, pieces) - sum(free.map(({ count }) => count))
  return Math.max(bound, Math.ceil(sheets - ROUNDING) * one!.cost)
}

/** Price of so much area, of the cheapest by area first. */
function areaPrice(sold: readonly SheetKind[], needed: number): number {
  let [left, price] = [needed, 0]
  for (const { width, height, cost, count } of [...sold].sort((a, b) => a.cost / (a.width * a.height) - b.cost / (b.width * b.height))) {
    if (left <= 0) break
    const taken = Math.min(left, width * height * count)
    price += (taken / (width * height)) * cost
    left -= taken
  }
  return price
}

/** Sheets that pieces ask for when sides count as more than they are, as far as no sheet then holds more than one. */
function sheetsBySides({ width, height }: SheetKind, pieces: readonly SheetPiece[]): number {
  const shares = pieces.map((piece) => ({
    quantity: piece.quantity,
    ways: [[piece.width / width, piece.height / height], ...(piece.turn ? [[piece.height / width, piece.width / height]] : [])].filter(
      ([wide, high]) => wide! <= 1 + ROUNDING && high! <= 1 + ROUNDING,
    ) as [number, number][],
  }))
  const sides = (at: 0 | 1) =>
    [...new Set(shares.flatMap(({ ways }) => ways.map((way) => way[at])))].filter((side) => side <= 0.5).slice(0, SIDES)
  const [across, up] = [stretchings(sides(0)), stretchings(sides(1))]
  let most = 0
  for (const f of across)
    for (const g of up) {
      let all = 0
      for (const { ways, quantity } of shares) {
        let least = Infinity
        for (const [wide, high] of ways) least = Math.min(least, f(wide) * g(high))
        all += quantity * least
      }
      most = Math.max(most, all)
    }
  return most
}

/** Functions of a share such that shares that come to one at most still do. */
const stretchings = (sides: readonly number[]): ((share: number) => number)[] => [
  (share) => share,
  ...[1, 2, 3, 4].map((k) => (share: number) => {
    const whole = (k + 1) * share
    return Math.abs(whole - Math.round(whole)) < ROUNDING ? share : Math.floor(whole) / k
  }),
  ...sides.map((side) => (share: number) => (share > 1 - side + ROUNDING ? 1 : share < side - ROUNDING ? 0 : share)),
]
