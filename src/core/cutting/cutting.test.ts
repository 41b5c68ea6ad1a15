import { describe, expect, test } from "@jest/globals"
import fc from "fast-check"
import { CutInput, type CutOutput } from "../../schema/cut"
import { NestInput, type NestOutput } from "../../schema/nest"
import { InputError } from "../../schema/outcome"
import { seeded } from "../numeric/random"
import { sum } from "../numeric/sum"
import { attainableCost } from "./attainable-cost"
import { bestFilling } from "./best-filling"
import { cutBars } from "./cut-bars"
import { nestSheets } from "./nest-sheets"
import { sheetBound } from "./sheet-bound"

const EPS = 1e-7

/** Whether a plan of bars is one: nothing overlaps, a saw's cut between neighbours, everything cut as often as asked, no bar too often. */
function checkCut(
  input: CutInput,
  { bars, cost, lowerBound, proven, unplaced = [] }: Pick<CutOutput, "bars" | "cost" | "lowerBound" | "proven" | "unplaced">,
) {
  const sold = new Map([...input.stock, ...input.offcuts.map((one) => ({ ...one, cost: 0, count: 1 }))].map((one) => [one.id, one]))
  for (const { stock, cuts, offcut } of bars) {
    const { length } = sold.get(stock)!
    expect(cuts.length).toBeGreaterThan(0)
    cuts.forEach((one, i) => {
      const before = cuts[i - 1]
      expect(one.at).toBeGreaterThanOrEqual(before ? before.at + before.length + input.kerf - EPS : 0)
      expect(one.length).toBe(input.pieces.find(({ id }) => id === one.piece)!.length)
    })
    const end = cuts.at(-1)!.at + cuts.at(-1)!.length
    expect(end).toBeLessThanOrEqual(length + EPS)
    expect(offcut).toBeCloseTo(Math.max(0, length - end - input.kerf), 9)
  }
  for (const { id, quantity } of input.pieces) {
    const cut = bars.flatMap(({ cuts }) => cuts).filter(({ piece }) => piece === id).length
    expect(cut + (unplaced.find(({ piece }) => piece === id)?.quantity ?? 0)).toBe(quantity)
  }
  for (const [id, { count }] of sold) expect(bars.filter(({ stock }) => stock === id).length).toBeLessThanOrEqual(count ?? Infinity)
  expect(cost).toBeCloseTo(sum(bars.map(({ stock }) => sold.get(stock)!.cost)), 9)
  expect(lowerBound).toBeLessThanOrEqual(cost + EPS)
  if (proven) expect(lowerBound).toBeCloseTo(cost, 9)
}

const cut = (input: Parameters<typeof CutInput.parse>[0]) => {
  const parsed = CutInput.parse(input)
  const told = cutBars(parsed)
  checkCut(parsed, told)
  return told
}

/** The fewest bars by going through all ways, for a few pieces. */
function fewestBars(lengths: readonly number[], bar: number, kerf: number): number {
  const sorted = [...lengths].sort((a, b) => b - a)
  let best = sorted.length
  const rooms: number[] = []
  const go = (i: number): void => {
    if (rooms.length >= best) return
    if (i === sorted.length) return void (best = rooms.length)
    const need = sorted[i]! + kerf
    const tried = new Set<number>()
    for (let k = 0; k < rooms.length; k++) {
      const room = Math.round(rooms[k]! * 1e6)
      if (rooms[k]! + 1e-9 < need || tried.has(room)) continue
      tried.add(room)
      rooms[k]! -= need
      go(i + 1)
      rooms[k]! += need
    }
    rooms.push(bar + kerf - need)
    go(i + 1)
    rooms.pop()
  }
  go(0)
  return best
}

describe("lengths out of bars", () => {
  test("two pieces and one cut fill a bar to its end; a millimetre more does not", () => {
    const bar = [{ id: "bar", length: 3 }]
    expect(cut({ stock: bar, kerf: 0.004, pieces: [{ id: "a", length: 1.498, quantity: 2 }] }).cost).toBe(1)
    expect(cut({ stock: bar, kerf: 0.004, pieces: [{ id: "a", length: 1.499, quantity: 2 }] }).cost).toBe(2)
  })

  test("what textbooks cut is proven: 97 of 45, 610 of 36, 395 of 31 and 211 of 14 out of 100 take 453 bars (Chvátal, Linear Programming, ch. 13)", () => {
    const quantities = [
      [0.45, 97],
      [0.36, 610],
      [0.31, 395],
      [0.14, 211],
    ] as const
    const pieces = quantities.map(([length, quantity]) => ({ id: `l${length}`, length, quantity }))
    expect(cut({ stock: [{ id: "roll", length: 1 }], pieces })).toMatchObject({ cost: 453, lowerBound: 453, proven: true })
  })

  test("is never more than the fewest by going through all ways, and says so where it proves it", () => {
    const uniform = seeded(11)
    for (let round = 0; round < 40; round++) {
      const lengths = Array.from({ length: 4 + Math.floor(6 * uniform()) }, () => Math.round((0.3 + 1.9 * uniform()) * 100) / 100)
      const told = cut({ stock: [{ id: "bar", length: 2.4 }], kerf: 0.003, pieces: lengths.map((length, i) => ({ id: `p${i}`, length })) })
      expect(told.cost).toBe(fewestBars(lengths, 2.4, 0.003))
      expect(told.proven).toBe(true)
    }
  })

  test("of two lengths it buys the cheapest of all ways, by every way to share out the pieces", () => {
    const uniform = seeded(21)
    const stock = [
      { id: "short", length: 3, cost: 7 },
      { id: "long", length: 4.8, cost: 11 },
    ]
    for (let round = 0; round < 30; round++) {
      const lengths = Array.from({ length: 3 + (round % 6) }, () => Math.round((0.4 + 2.4 * uniform()) * 100) / 100)
      const all = 1 << lengths.length
      const alone = Array.from({ length: all }, (_, set) => {
        const need = sum(lengths.map((length, i) => ((set >> i) & 1 ? length + 0.003 : 0)))
        return Math.min(...stock.map(({ length, cost }) => (need <= length + 0.003 + 1e-9 ? cost : Infinity)))
      })
      const least = new Array<number>(all).fill(Infinity)
      least[0] = 0
      for (let set = 1; set < all; set++)
        for (let part = set; part > 0; part = (part - 1) & set) least[set] = Math.min(least[set]!, least[set ^ part]! + alone[part]!)
      const told = cut({ stock, kerf: 0.003, pieces: lengths.map((length, i) => ({ id: `p${i}`, length })) })
      expect(told).toMatchObject({ cost: least[all - 1]!, proven: true })
    }
  })

  test("offcuts on hand go first, and the cheaper of two lengths is bought", () => {
    const told = cut({
      stock: [
        { id: "short", length: 2.4, cost: 5 },
        { id: "long", length: 4.8, cost: 9 },
      ],
      offcuts: [{ id: "rest", length: 1.3 }],
      pieces: [
        { id: "a", length: 1.2, quantity: 5 },
        { id: "b", length: 1.3 },
      ],
    })
    // The rest takes one; of six, five are left, 6.1 m: 4.8 and 2.4 m.
    expect(told).toMatchObject({ cost: 14, proven: true })
    expect(told.bars.map(({ stock }) => stock)).toContain("rest")
  })

  test("prices of any fineness have a bound that no plan is under", () => {
    for (const cost of [Math.PI, 1 / 3, 12.34567, 0.001]) {
      const told = cut({
        stock: [{ id: "bar", length: 2.4, cost }],
        pieces: [
          { id: "a", length: 0.9, quantity: 5 },
          { id: "b", length: 0.7, quantity: 3 },
        ],
      })
      // 2.75 bars by their length; but beside two of 0.9 m none of 0.7 m has room: four.
      expect(told.proven).toBe(true)
      expect(told.cost / cost).toBeCloseTo(4, 9)
    }
  })

  test("when counted bars run out the shorter pieces stay, and are told", () => {
    const told = cut({
      stock: [{ id: "bar", length: 2, count: 1 }],
      pieces: [
        { id: "long", length: 1.5 },
        { id: "short", length: 0.9, quantity: 2 },
      ],
    })
    // 1.8 m of short ones, or 1.5 m of the long one.
    expect(told.unplaced).toEqual([{ piece: "long", quantity: 1 }])
    expect(told.proven).toBe(false)
  })

  test("names what is too long, or has another's name", () => {
    const fault = (input: Parameters<typeof CutInput.parse>[0]) => {
      try {
        cutBars(CutInput.parse(input))
      } catch (error) {
        if (error instanceof InputError) return { code: error.code, path: error.path }
      }
      return null
    }
    const stock = [{ id: "bar", length: 2 }]
    expect(
      fault({
        stock,
        pieces: [
          { id: "a", length: 1 },
          { id: "b", length: 2.1 },
        ],
      }),
    ).toEqual({ code: "too-long", path: ["pieces", 1, "length"] })
    expect(
      fault({
        stock,
        pieces: [
          { id: "a", length: 1 },
          { id: "a", length: 1 },
        ],
      }),
    ).toEqual({ code: "duplicate", path: ["pieces", 1, "id"] })
  })

  test("any plan is one, and is the same when it is asked for again", () => {
    const bar = fc.record({
      length: fc.integer({ min: 20, max: 60 }),
      cost: fc.integer({ min: 1, max: 20 }),
      count: fc.option(fc.integer({ min: 0, max: 4 }), { nil: undefined }),
    })
    const piece = fc.record({ length: fc.integer({ min: 2, max: 20 }), quantity: fc.integer({ min: 1, max: 6 }) })
    fc.assert(
      fc.property(
        fc.array(bar, { minLength: 1, maxLength: 3 }),
        fc.array(piece, { minLength: 1, maxLength: 7 }),
        fc.constantFrom(0, 0.003, 0.01),
        (bars, pieces, kerf) => {
          const input = {
            stock: bars.map(({ length, cost, count }, i) => ({
              id: `s${i}`,
              length: length / 10,
              cost,
              ...(count === undefined ? {} : { count }),
            })),
            offcuts: [{ id: "rest", length: 2.05 }],
            kerf,
            pieces: pieces.map(({ length, quantity }, i) => ({ id: `p${i}`, length: length / 10, quantity })),
          }
          expect(cut(input)).toEqual(cut(input))
        },
      ),
      { numRuns: 30, endOnFailure: true },
    )
  })
})

type Boxes = readonly { x: number; y: number; width: number; height: number }[]

/** Whether cuts from edge to edge set all of them free; a cut's width is part of each. */
function isGuillotine(boxes: Boxes): boolean {
  if (boxes.length < 2) return true
  for (const [at, size] of [
    ["x", "width"],
    ["y", "height"],
  ] as const)
    for (const { [at]: start, [size]: long } of boxes) {
      const line = start + long
      const before = boxes.filter((one) => one[at] + one[size] <= line + EPS)
      const behind = boxes.filter((one) => one[at] >= line - EPS)
      if (behind.length > 0 && before.length + behind.length === boxes.length) return isGuillotine(before) && isGuillotine(behind)
    }
  return false
}

function checkNest(
  input: NestInput,
  { sheets, cost, lowerBound, utilisation, unplaced = [] }: Pick<NestOutput, "sheets" | "cost" | "lowerBound" | "utilisation" | "unplaced">,
) {
  const { kerf, guillotine, minimumStrip } = input
  const sold = new Map([...input.stock, ...input.offcuts.map((one) => ({ ...one, cost: 0, count: 1 }))].map((one) => [one.id, one]))
  for (const { stock, placements, offcuts } of sheets) {
    const sheet = sold.get(stock)!
    expect(placements.length).toBeGreaterThan(0)
    const boxes: Boxes = [...placements, ...offcuts]
    for (const { x, y, width, height } of boxes) {
      expect(Math.min(x, y)).toBeGreaterThanOrEqual(-EPS)
      expect(x + width).toBeLessThanOrEqual(sheet.width + EPS)
      expect(y + height).toBeLessThanOrEqual(sheet.height + EPS)
    }
    for (const [i, one] of boxes.entries())
      for (const other of boxes.slice(i + 1)) {
        const apart = Math.max(
          one.x - other.x - other.width,
          other.x - one.x - one.width,
          one.y - other.y - other.height,
          other.y - one.y - one.height,
        )
        expect(apart).toBeGreaterThanOrEqual(kerf - EPS)
      }
    for (const { piece, width, height, turned } of placements) {
      const asked = input.pieces.find(({ id }) => id === piece)!
      expect(asked.turn || !turned).toBe(true)
      const [wide, high] = turned ? [asked.height, asked.width] : [asked.width, asked.height]
      expect([width, height].map((one) => one.toFixed(9))).toEqual([wide, high].map((one) => one.toFixed(9)))
    }
    for (const { width, height } of offcuts) expect(Math.min(width, height)).toBeGreaterThanOrEqual(minimumStrip - EPS)
    if (guillotine) expect(isGuillotine(boxes.map((one) => ({ ...one, width: one.width + kerf, height: one.height + kerf })))).toBe(true)
  }
  for (const { id, quantity } of input.pieces) {
    const laid = sheets.flatMap(({ placements }) => placements).filter(({ piece }) => piece === id).length
    expect(laid + (unplaced.find(({ piece }) => piece === id)?.quantity ?? 0)).toBe(quantity)
  }
  for (const [id, { count }] of sold) expect(sheets.filter(({ stock }) => stock === id).length).toBeLessThanOrEqual(count ?? Infinity)
  expect(cost).toBeCloseTo(sum(sheets.map(({ stock }) => sold.get(stock)!.cost)), 9)
  expect(lowerBound).toBeLessThanOrEqual(cost + EPS)
  const areas = sum(sheets.map(({ stock }) => sold.get(stock)!.width * sold.get(stock)!.height))
  if (areas > 0)
    expect(utilisation).toBeCloseTo(
      sum(sheets.flatMap(({ placements }) => placements.map(({ width, height }) => width * height))) / areas,
      9,
    )
}

const nest = (input: Parameters<typeof NestInput.parse>[0]) => {
  const parsed = NestInput.parse(input)
  const told = nestSheets(parsed)
  checkNest(parsed, told)
  return told
}

/** Pieces of so many whole sheets, cut from edge to edge by chance: so many sheets hold them, and no fewer, as nothing is left. */
function cutUpSheets(sheets: number, uniform: () => number, cuts: number) {
  const pieces: { width: number; height: number }[] = []
  const part = (width: number, height: number, left: number): void => {
    if (left === 0 || Math.min(width, height) < 0.3) return void pieces.push({ width, height })
    const share = 0.25 + 0.5 * uniform()
    if (width > height) [share, 1 - share].forEach((one) => part(width * one, height, left - 1))
    else [share, 1 - share].forEach((one) => part(width, height * one, left - 1))
  }
  for (let i = 0; i < sheets; i++) part(2.4, 1.2, cuts)
  return pieces
}

describe("rectangles out of sheets", () => {
  const board = [{ id: "board", width: 2.4, height: 1.2 }]

  test("two halves and one cut fill a sheet; a millimetre more takes another", () => {
    const halves = (width: number) => nest({ stock: board, kerf: 0.004, pieces: [{ id: "half", width, height: 1.2, quantity: 2 }] })
    expect(halves(1.198)).toMatchObject({ cost: 1, lowerBound: 1 })
    expect(halves(1.199)).toMatchObject({ cost: 2, lowerBound: 2 })
  })

  test("turns what may be turned, and leaves what has a grain", () => {
    const strip = (turn: boolean) =>
      nest({
        stock: [{ id: "board", width: 2.4, height: 1.2, count: 1 }],
        pieces: [
          { id: "strip", width: 0.4, height: 2.4, quantity: 3, turn },
          { id: "filler", width: 0.1, height: 0.1 },
        ],
      })
    expect(() => strip(false)).toThrow(InputError)
    expect(strip(true).sheets).toHaveLength(1)
  })

  test("the piece from the door's opening is used before anything is bought", () => {
    const told = nest({ stock: board, offcuts: [{ id: "door", width: 0.8, height: 2 }], pieces: [{ id: "a", width: 0.75, height: 1.9 }] })
    expect(told).toMatchObject({ cost: 0, lowerBound: 0 })
    expect(told.sheets[0]!.stock).toBe("door")
  })

  test("of two sizes it takes what is cheapest for all, not the cheapest by area", () => {
    const stock = [
      { id: "large", width: 2.4, height: 1.2, cost: 20 },
      { id: "small", width: 1.2, height: 1.2, cost: 11 },
    ]
    const pieces = [{ id: "a", width: 1.1, height: 1.1, quantity: 3 }]
    expect(nest({ stock, pieces })).toMatchObject({ cost: 31, lowerBound: 31 })
  })

  test("pieces over half a sheet take one each, whatever their area: the bound says so", () => {
    const pieces = [{ width: 1.3, height: 0.7, quantity: 5, turn: false }]
    expect(sheetBound([{ width: 2.4, height: 1.2, cost: 1, count: Infinity }], pieces)).toBe(5)
  })

  test("comes to the sheets that pieces were cut from, or one more, and never under its bound", () => {
    const uniform = seeded(5)
    let [all, least] = [0, 0]
    for (let round = 0; round < 8; round++) {
      const sheets = 1 + (round % 4)
      const pieces = cutUpSheets(sheets, uniform, 3).map((piece, i) => ({ id: `p${i}`, ...piece }))
      const told = nest({ stock: board, pieces, time: 150, guillotine: round % 2 === 0 })
      expect(told.lowerBound).toBe(sheets)
      expect(told.cost).toBeLessThanOrEqual(sheets + 1)
      all += told.cost
      least += sheets
    }
    expect(all / least).toBeLessThan(1.3)
  })

  test("when counted sheets run out the rest is told", () => {
    const told = nest({ stock: [{ ...board[0]!, count: 1 }], pieces: [{ id: "a", width: 1.5, height: 1, quantity: 2 }] })
    expect(told.unplaced).toEqual([{ piece: "a", quantity: 1 }])
  })

  test("any nesting is one, from edge to edge or freely cut, and is the same when it is asked for again", () => {
    const side = fc.integer({ min: 5, max: 120 })
    const piece = fc.record({ width: side, height: side, quantity: fc.integer({ min: 1, max: 5 }), turn: fc.boolean() })
    fc.assert(
      fc.property(
        fc.array(piece, { minLength: 1, maxLength: 8 }),
        fc.boolean(),
        fc.constantFrom(0, 0.003, 0.01),
        fc.constantFrom(0, 0.1),
        (pieces, guillotine, kerf, minimumStrip) => {
          const input = {
            stock: [
              { id: "board", width: 2.5, height: 1.25, cost: 30 },
              { id: "half", width: 1.25, height: 1.25, cost: 17, count: 2 },
            ],
            offcuts: [{ id: "rest", width: 0.9, height: 0.6 }],
            ...{ kerf, guillotine, minimumStrip, time: 20 },
            pieces: pieces.map(({ width, height, ...one }, i) => ({ id: `p${i}`, width: width / 100, height: height / 100, ...one })),
          }
          expect(nest(input)).toEqual(nest(input))
        },
      ),
      { numRuns: 30, endOnFailure: true },
    )
  })
})

test("a bound is lifted to the next sum of prices", () => {
  expect(attainableCost(10.2, [{ cost: 4 }, { cost: 7 }])).toBe(11)
  expect(attainableCost(0, [{ cost: 4 }])).toBe(0)
  expect(attainableCost(12.5, [{ cost: 4.5 }])).toBe(13.5)
  // A third of a coin is told too finely.
  expect(attainableCost(12.5, [{ cost: 1 / 3 }, { cost: 2 }])).toBeNull()
})

test("a filling is the best of all, by going through them", () => {
  const uniform = seeded(3)
  for (let round = 0; round < 50; round++) {
    const items = Array.from({ length: 4 }, () => ({ room: 0.2 + uniform(), worth: uniform(), most: 1 + Math.floor(3 * uniform()) }))
    let best = 0
    const go = (i: number, room: number, worth: number): void => {
      if (i === items.length) return void (best = Math.max(best, worth))
      for (let k = 0; k <= items[i]!.most && k * items[i]!.room <= room + 1e-9; k++)
        go(i + 1, room - k * items[i]!.room, worth + k * items[i]!.worth)
    }
    go(0, 3, 0)
    expect(bestFilling(items, 3).worth).toBeCloseTo(best, 9)
  }
})
