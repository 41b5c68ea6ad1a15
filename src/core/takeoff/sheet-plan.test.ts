import { describe, expect, test } from "@jest/globals"
import fc from "fast-check"
import clip from "polygon-clipping"
import { anyBoards } from "../../../tests/arbitrary/any-boards"
import { demo } from "../../../tests/fixtures/jobs"
import { checkPlan } from "../../../tests/fixtures/laid-check"
import type { Job } from "../../schema/job/job"
import { cutCount, cutOrder } from "../cutting/cut-count"
import { activeState } from "../enclosure/job-state"
import { ledgerOf } from "../ledger/ledger"
import { sum } from "../numeric/sum"
import { boundsOf } from "../shell/polygon"
import { type BoardLayer, boardingOf, type Boarding, type Stuff } from "./boarding"
import { orderedCuts } from "./cut-stuff"
import { sheetPlan } from "./sheet-plan"

const plan = (boarding: Boarding) => {
  const told = sheetPlan(boarding, clip, 20)
  checkPlan(boarding, told)
  return told
}

const boardsOf = (job: Job): Boarding => {
  const state = activeState(job)
  return boardingOf(state, ledgerOf(state).surfaces)
}

const rectangle = (width: number, height: number): BoardLayer["outline"] => [
  [0, 0],
  [width, 0],
  [width, height],
  [0, height],
]

const BOARDS: Stuff = {
  ...{ key: "board", material: "any", name: "Any board", thickness: 0.05, soft: false },
  ...{ sizes: [{ length: 2.5, width: 1.25, price: 20, count: null }], offcuts: [], kerf: 0, edgeToEdge: true },
}

const WALL: BoardLayer = {
  ...{ face: "left", faceName: "Left wall", assembly: "wall", layer: "l1", stuff: "board", nth: 0 },
  ...{ outline: rectangle(5, 2.5), holes: [], members: [], on: { x: null, y: null } },
  ...{ course: null, gap: 0, apart: 0, narrowest: 0.1, grain: false, locked: [] },
}

const one = (layer: Partial<BoardLayer>, stuff: Partial<Stuff> = {}) =>
  plan({ stuffs: [{ ...BOARDS, ...stuff }], faces: [[{ ...WALL, ...layer }]] })

describe("boards of a face out of sheets", () => {
  test("four sheets cover four sheets' area without a cut, whichever way", () => {
    const { stuffs } = one({})
    expect(stuffs[0]).toMatchObject({ bought: 4, cost: 80, waste: 0, cuts: 0, slivers: 0, other: { bought: 4, cuts: 0 } })
  })

  test("the way that takes fewer is taken, and what the other would take is told", () => {
    // 1.25 m high: level two boards long, upright four halves.
    const { stuffs } = one({ outline: rectangle(5, 1.25), grain: true })
    expect(stuffs[0]).toMatchObject({ course: "beside", bought: 2, cuts: 0, other: { course: "up", bought: 2, cuts: 2 } })
  })

  test("what is cut out for a door serves elsewhere: a sheet less", () => {
    const door: BoardLayer["holes"] = [
      [
        [2.65, 0],
        [3.65, 0],
        [3.65, 2],
        [2.65, 2],
      ],
    ]
    const floor: BoardLayer = { ...WALL, face: "floor", faceName: "Floor", outline: rectangle(0.95, 1.9) }
    const boarding = (holes: BoardLayer["holes"]): Boarding => ({ stuffs: [BOARDS], faces: [[{ ...WALL, course: "up", holes }], [floor]] })
    expect(plan(boarding([])).stuffs[0]!.bought).toBe(5)
    const { stuffs, layers } = plan(boarding(door))
    expect(stuffs[0]!.bought).toBe(4)
    const reused = stuffs[0]!.sheets.find(({ from }) => from !== null)!
    expect(layers[1]!.pieces.map(({ number }) => number)).toEqual(reused.pieces.map(({ number }) => number))
  })

  test("joints lie on members; where members are further apart than boards are long it is said", () => {
    const studs = (spacing: number) => Array.from({ length: 20 }, (_, i) => spacing * (i + 1))
    const held = one({ on: { x: studs(0.6), y: null }, course: "beside" })
    const ends = new Set(held.layers[0]!.pieces.map(({ cell }) => Math.round(cell[2] * 1000)))
    for (const end of ends) expect(end === 5000 || end % 600 === 0).toBe(true)
    expect(held.layers[0]!.unheld).toBe(false)
    expect(one({ on: { x: studs(2.8), y: null }, course: "beside" }).layers[0]!.unheld).toBe(true)
  })

  test("a joint that is locked stays, and the rest settles around it", () => {
    const { layers } = one({
      course: "up",
      locked: [
        { course: null, at: 0.9 },
        { course: 1, at: 1.7 },
      ],
    })
    const { pieces } = layers[0]!
    expect(pieces.filter(({ course }) => course === 0).every(({ cell }) => Math.abs(cell[2] - 0.9) < 1e-9)).toBe(true)
    expect(pieces.filter(({ course }) => course === 1).some(({ cell }) => Math.abs(cell[3] - 1.7) < 1e-9)).toBe(true)
  })

  test("boards between members fill each bay; too few sheets, and none that is large enough, are told", () => {
    const stud = (at: number): BoardLayer["outline"] => [
      [at - 0.05, 0],
      [at + 0.05, 0],
      [at + 0.05, 2.5],
      [at - 0.05, 2.5],
    ]
    const bays = one({ members: [stud(1), stud(2), stud(3), stud(4)], course: "up" })
    expect(bays.layers[0]!.pieces.map(({ width }) => Math.round(width * 1000))).toEqual([950, 900, 900, 900, 950])
    const few = one({}, { sizes: [{ ...BOARDS.sizes[0]!, count: 3 }] })
    expect(few.stuffs[0]!.fault).toMatch(/too few sheets/)
  })

  test("boards that nobody would cut are refused with a reason, at once", () => {
    const tiny = one({ outline: rectangle(60, 5) }, { sizes: [{ ...BOARDS.sizes[0]!, length: 0.2, width: 0.2 }] })
    expect(tiny.stuffs[0]).toMatchObject({ bought: 0, fault: expect.stringMatching(/Left wall: More than 3000 boards/) })
  })

  test("a gable is covered with its slopes, each piece within its sheet and not turned over", () => {
    const { layers } = one({
      outline: [
        [0, 0],
        [3.6, 0],
        [3.6, 2.2],
        [1.8, 3.3],
        [0, 2.2],
      ],
    })
    // 3.6 · 2.2 + 3.6 · 1.1/2
    expect(sum(layers[0]!.pieces.map(({ area }) => area))).toBeCloseTo(9.9, 6)
  })

  test("two tapered pieces come out of one board by a slanted cut: two gables of 2.5 m take two boards, not four", () => {
    const gable: BoardLayer = {
      ...WALL,
      course: "up",
      outline: [
        [0, 0],
        [2.5, 0],
        [2.5, 0.5],
        [1.25, 1.9],
        [0, 0.5],
      ],
    }
    const back: BoardLayer = { ...gable, face: "right", faceName: "Right wall" }
    // Each half is 0.5 to 1.9 m long: two of one slant take 2.4 m of a board of 2.5, apart they would take a board each.
    const { stuffs } = plan({ stuffs: [{ ...BOARDS, kerf: 0.003 }], faces: [[gable], [back]] })
    expect(stuffs[0]).toMatchObject({ bought: 2, slivers: 0 })
    expect(stuffs[0]!.sheets.flatMap(({ pieces }) => pieces.map(({ paired }) => paired !== null))).toEqual([true, true, true, true])
    // Of 4 · 1.25 · (0.5 + 1.9)/2 = 6 m² two boards of 3.125 m² are the fewest.
    expect(stuffs[0]!.lowerBound).toBe(40)
  })

  test("two layers of the demo cold room's floor lie with their joints apart, and every demo job's boards are sound", () => {
    for (const name of ["Larkspur", "Cold Nettle", "Tern Hut", "Eel Barn"] as const) {
      const { stuffs, layers } = plan(boardsOf(demo(name)))
      expect(stuffs.every(({ fault }) => fault === null)).toBe(true)
      // Elsewhere studs and corners of openings leave less: the screen says so.
      if (name === "Cold Nettle") for (const { apart, asked } of layers) expect(apart).toBeGreaterThanOrEqual(asked - 1e-9)
    }
  })

  test("a lining is smaller than the face by what its neighbours' layers take at the corners, by hand", () => {
    const { faces } = boardsOf(demo("Cold Nettle"))
    const lining = faces.flat().find(({ face, layer }) => face === "left" && layer === "l4")!
    const { left, right, low, high } = boundsOf(lining.outline)
    // Clear inside 3.000 m from lining to lining, and 2 mm of its own at each end; from the top of the floor's 2 mm to the ceiling's.
    expect(right - left).toBeCloseTo(3.004, 9)
    expect(high - low).toBeCloseTo(2.3 + 0.002, 3)
    // On the slab the first boards run as far as the walls' outer side but for the film under them.
    const boards = faces.flat().find(({ face, layer }) => face === "floor" && layer === "l3")!
    const floor = boundsOf(boards.outline)
    expect(floor.right - floor.left).toBeCloseTo(right - left + 2 * 0.1293 - 2 * 0.0002, 4)
  })

  test("any boards on any face", () => {
    fc.assert(
      fc.property(anyBoards, (boarding) => checkPlan(boarding, sheetPlan(boarding, clip, 0))),
      { numRuns: 150, endOnFailure: true },
    )
  })
})

test("cuts of a sheet: each edge once; where none goes from edge to edge, by its sides", () => {
  const at = (x: number, y: number, width: number, height: number) => ({ x, y, width, height })
  expect(cutCount({ length: 2, width: 1, pieces: [at(0, 0, 2, 1)] })).toBe(0)
  expect(cutCount({ length: 2, width: 1, pieces: [at(0, 0, 1, 1), at(1, 0, 1, 1)] })).toBe(1)
  const three = { length: 2, width: 1, pieces: [at(0, 0, 1, 0.4), at(0, 0.4, 1, 0.6), at(1, 0, 0.7, 1)] }
  expect(cutCount(three)).toBe(3)
  // Upright between the halves, then level through the left one, then what is too long off the right one.
  expect(cutOrder(three)).toEqual([
    { from: [1, 0], to: [1, 1] },
    { from: [0, 0.4], to: [1, 0.4] },
    { from: [1.7, 0], to: [1.7, 1] },
  ])
  // A pinwheel: no edge runs through; four inner edges, and the middle that is left over.
  const pinwheel = [at(0, 0, 2, 1), at(2, 0, 1, 2), at(1, 2, 2, 1), at(0, 1, 1, 2)]
  expect(cutCount({ length: 3, width: 3, pieces: pinwheel })).toBe(4)
})

test("cut in their order, each from edge to edge of what is in one piece, all pieces of a sheet come free", () => {
  let cut = 0
  const sheets = sheetPlan(boardsOf(demo("Tern Hut")), clip, 0).stuffs.flatMap((stuff) => stuff.sheets)
  for (const sheet of sheets) {
    const cuts = orderedCuts(sheet)
    if (cuts.length === 0) continue
    cut++
    let parts = [{ x: 0, y: 0, width: sheet.length, height: sheet.width }]
    const near = (a: number, b: number) => Math.abs(a - b) < 0.006
    for (const { from, to } of cuts) {
      const upright = near(from[0], to[0])
      const through = parts.find((part) =>
        upright
          ? from[0] > part.x && from[0] < part.x + part.width && near(from[1], part.y) && near(to[1], part.y + part.height)
          : from[1] > part.y && from[1] < part.y + part.height && near(from[0], part.x) && near(to[0], part.x + part.width),
      )!
      expect(through).toBeDefined()
      const { x, y, width, height } = through
      parts = parts.filter((part) => part !== through)
      if (upright) parts.push({ x, y, width: from[0] - x, height }, { x: from[0], y, width: x + width - from[0], height })
      else parts.push({ x, y, width, height: from[1] - y }, { x, y: from[1], width, height: y + height - from[1] })
    }
    // Each part holds one piece, or is waste.
    const rectangles = sheet.pieces.filter(({ number, paired }) => paired === null || number < paired)
    for (const piece of rectangles)
      expect(
        parts.filter(
          (part) => near(part.x, piece.x) && near(part.y, piece.y) && near(part.width, piece.width) && near(part.height, piece.height),
        ),
      ).toHaveLength(1)
  }
  expect(cut).toBeGreaterThan(3)
})
