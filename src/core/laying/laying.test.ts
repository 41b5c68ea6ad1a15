import { describe, expect, test } from "@jest/globals"
import fc from "fast-check"
import { InputError } from "../../schema/outcome"
import { sum } from "../numeric/sum"
import type { Point } from "../shell/face"
import { polygonArea } from "../shell/polygon"
import clip from "polygon-clipping"
import { areaOf, type Boarded, layBoards as laid, type Laying, type Piece } from "./lay-boards"
import { jointsApart, staggered as apart } from "./staggered"
import { stretches } from "./stretches"

const layBoards = (face: Boarded, laying: Laying) => laid(face, laying, clip)
const staggered = (face: Boarded, laying: Laying, below: readonly Piece[], asked: number) => apart(face, laying, below, asked, clip)

const rect = (left: number, low: number, width: number, height: number): Point[] => [
  [left, low],
  [left + width, low],
  [left + width, low + height],
  [left, low + height],
]

const PLAIN: Laying = {
  board: { along: 2.4, across: 1.2 },
  course: "beside",
  gap: 0,
  first: { across: 1.2, even: 2.4, odd: 1.2 },
  on: { along: null, across: null },
  shortest: 0,
  locked: [],
}

describe("a length divided into boards", () => {
  const plain = { from: 0, to: 5, board: 2.4, gap: 0, first: 2.4, on: null, shortest: 0 }

  test("has a rest at its end, or the last joint moved so that no strip is too short", () => {
    expect(stretches(plain)).toEqual([
      [0, 2.4],
      [2.4, 4.8],
      [4.8, 5],
    ])
    expect(stretches({ ...plain, shortest: 0.3 }).map(([start, end]) => Math.round((end - start) * 1000))).toEqual([2400, 2300, 300])
  })

  test("has its joints on members, half a gap to each side", () => {
    const on = [0.6, 1.2, 1.8, 2.4, 3, 3.6, 4.2, 4.8]
    expect(stretches({ ...plain, gap: 0.01, on }).map(([start]) => start)).toEqual([0, 2.405, 4.805])
    expect(() => stretches({ ...plain, on: [3] })).toThrow(InputError)
  })
})

describe("boards on a face", () => {
  test("a wall of 5 by 2.4 m takes two courses, the second half a board on; a window is cut out", () => {
    const plain = layBoards({ outline: rect(0, 0, 5, 2.4), holes: [] }, PLAIN)
    expect(plain.map(({ cell }) => cell[0])).toEqual([0, 2.4, 4.8, 0, 1.2, 3.6].map((x) => expect.closeTo(x, 9)))
    const cut = layBoards({ outline: rect(0, 0, 5, 2.4), holes: [rect(0.5, 0.3, 0.6, 0.5)] }, PLAIN)
    expect(sum(plain.map(({ area }) => area)) - sum(cut.map(({ area }) => area))).toBeCloseTo(0.3, 9)
    // It lies within one board: an outline with a hole in it.
    expect(cut[0]!.rings).toHaveLength(2)
  })

  test("a window across a board leaves two pieces of it; courses up the face are the same turned", () => {
    const split = layBoards({ outline: rect(0, 0, 2.4, 1.2), holes: [rect(1, 0, 0.5, 1.2)] }, PLAIN)
    expect(split.map(({ area }) => area)).toEqual([expect.closeTo(1.2, 9), expect.closeTo(1.08, 9)])
    const up = layBoards({ outline: rect(0, 0, 2.4, 5), holes: [] }, { ...PLAIN, course: "up" })
    expect(up.map(({ cell }) => cell[1])).toEqual([0, 2.4, 4.8, 0, 1.2, 3.6].map((y) => expect.closeTo(y, 9)))
  })

  test("a second layer keeps its joints away from those below, both ways", () => {
    const face = { outline: rect(0, 0, 5, 2.4), holes: [] }
    const first = staggered(face, PLAIN, [], 0.3)
    const second = staggered(face, PLAIN, first.pieces, 0.3)
    expect([first.apart, second.apart].every((apart) => apart >= 0.3)).toBe(true)
    expect(jointsApart(second.pieces, first.pieces, PLAIN)).toBeGreaterThanOrEqual(0.3)
    // More than a quarter of a board cannot be kept from all joints: it says how much it kept.
    expect(staggered(face, PLAIN, first.pieces, 2).apart).toBeLessThan(2)
  })

  test("any face is covered exactly, and nothing overlaps", () => {
    const gable = fc.record({
      width: fc.integer({ min: 60, max: 900 }),
      eave: fc.integer({ min: 30, max: 300 }),
      rise: fc.integer({ min: 0, max: 250 }),
    })
    const hole = fc.record({
      x: fc.double({ min: 0, max: 0.8, noNaN: true }),
      y: fc.double({ min: 0, max: 0.8, noNaN: true }),
      wide: fc.integer({ min: 20, max: 150 }),
    })
    const laying = fc.record({
      along: fc.integer({ min: 60, max: 300 }),
      across: fc.integer({ min: 40, max: 150 }),
      gap: fc.constantFrom(0, 0.003, 0.01),
      course: fc.constantFrom("beside", "up"),
      share: fc.constantFrom(1, 0.5, 0.3),
      shortest: fc.constantFrom(0, 0.15),
    })
    fc.assert(
      fc.property(
        gable,
        fc.array(hole, { maxLength: 3 }),
        laying,
        ({ width, eave, rise }, holes, { along, across, gap, course, share, shortest }) => {
          const [wide, high, top] = [width / 100, eave / 100, (eave + rise) / 100]
          const outline: Point[] = [[0, 0], [wide, 0], [wide, high], ...(rise > 0 ? [[wide / 2, top] as Point] : []), [0, high]]
          const face: Boarded = { outline, holes: holes.map(({ x, y, wide: side }) => rect(x * wide, y * high, side / 100, side / 100)) }
          const board = { along: along / 100, across: across / 100 }
          const pieces = layBoards(face, {
            board,
            course,
            gap,
            shortest,
            on: PLAIN.on,
            locked: [],
            first: { across: board.across * share, even: board.along, odd: board.along * share },
          })
          covers(face, pieces, gap)
          for (const { cell, rings, area } of pieces) {
            const [left, low, right, up] = cell
            const [across, along] = course === "beside" ? [up - low, right - left] : [right - left, up - low]
            expect(along).toBeLessThan(board.along + 1e-6)
            expect(across).toBeLessThan(board.across + 1e-6)
            expect(area).toBeLessThan((right - left) * (up - low) + 1e-6)
            for (const [x, y] of rings[0]!) expect(x > left - 1e-5 && x < right + 1e-5 && y > low - 1e-5 && y < up + 1e-5).toBe(true)
          }
        },
      ),
      { numRuns: 120, endOnFailure: true },
    )
  })
})

/** Without gaps all of the face; with them no more than that. Cells that overlap nowhere have pieces that do not. */
function covers({ outline, holes }: Boarded, pieces: readonly Piece[], gap: number): void {
  const laid = sum(pieces.map(({ area }) => area))
  const most = polygonArea(outline)
  expect(laid).toBeLessThan(most + 1e-4)
  if (gap === 0 && holes.length === 0) expect(laid).toBeCloseTo(most, 4)
  const cells = [...new Map(pieces.map(({ cell }) => [cell.join(), cell])).values()]
  for (const [i, [left, low, right, high]] of cells.entries())
    for (const [l, b, r, t] of cells.slice(i + 1)) expect(Math.max(l - right, left - r, b - high, low - t)).toBeGreaterThan(gap - 1e-6)
  // Where holes overlap neither one another nor the outline, they are what is left out.
  const [hole] = holes
  if (gap === 0 && holes.length === 1 && within(hole!, outline)) expect(laid).toBeCloseTo(most - areaOf([hole!]), 4)
}

const within = (hole: readonly Point[], outline: readonly Point[]): boolean => {
  const [wide, high] = [outline[1]![0], outline.at(-1)![1]]
  return hole.every(([x, y]) => x > 0 && x < wide && y > 0 && y < high)
}
