import { describe, expect, test } from "@jest/globals"
import { ConsumablesInput } from "../../schema/consumables"
import { FastenInput } from "../../schema/fasten"
import { consumed } from "./consumables"
import { fastening } from "./fastening"

const BOARDS = {
  thickness: 0.112,
  base: { kind: "wood", thickness: 0.06 },
  diameter: 0.005,
  lengths: [0.16, 0.12, 0.14, 0.2],
  board: { length: 2.4, width: 1.2 },
  area: 20,
  members: 0.6,
  edge: 0.15,
  field: 0.3,
} as const

const screws = (change: object = {}) => fastening(FastenInput.parse({ ...BOARDS, ...change }))
const codes = (change: object) => screws(change).notes.map(({ code }) => code)

describe("screws", () => {
  test("reach six diameters into wood, and the shortest that is sold is taken", () => {
    // 112 + 6 · 5 = 142 mm; 140 is too short.
    expect(screws()).toMatchObject({ needed: expect.closeTo(0.142, 9), length: 0.16, embedment: expect.closeTo(0.048, 9) })
    expect(screws({ embedment: 0.025 })).toMatchObject({ needed: expect.closeTo(0.137, 9), length: 0.14 })
  })

  test("go through metal by ten millimetres, and forty into masonry", () => {
    expect(screws({ base: { kind: "metal", thickness: 0.0015 } }).needed).toBeCloseTo(0.1235, 9)
    expect(screws({ base: { kind: "masonry", thickness: 0.2 } }).needed).toBeCloseTo(0.152, 9)
  })

  test("stand in lines on members: 2 ends of 9 and 3 lines of 5 on a board, by hand", () => {
    // 1.2/0.15 + 1 = 9; 1.2/0.3 + 1 = 5; 2.4/0.6 + 1 = 5 lines. 33 on 2.88 m²; 20 m² and a twentieth: 240.6.
    expect(screws()).toMatchObject({ perBoard: 33, perArea: expect.closeTo(33 / 2.88, 9), count: 241, washers: 0 })
    expect(screws({ washers: true, waste: 0 })).toMatchObject({ count: 230, washers: 230 })
  })

  test("that are too short, or come out behind, are told", () => {
    expect(screws({ lengths: [0.1] })).toMatchObject({ length: null, embedment: null })
    expect(codes({ lengths: [0.1] })).toContain("too-short")
    expect(codes({ base: { kind: "wood", thickness: 0.04 } })).toContain("comes-out")
    expect(codes({})).not.toContain("comes-out")
  })
})

describe("what is used up", () => {
  const used = (line: object) => consumed(ConsumablesInput.parse({ lines: [{ id: "x", waste: 0, ...line }] }).lines[0]!)

  test("beads by their volume, coats by weight, tape by length, foam in gaps by theirs, each by hand", () => {
    // 30 m of 6 mm: 30 · π/4 · 0.006² = 0.000848 m³; 310 ml in a cartridge.
    expect(used({ kind: "bead", length: 30, diameter: 0.006 })).toMatchObject({ amount: expect.closeTo(8.482e-4, 7), packs: 3 })
    expect(used({ kind: "coat", area: 20, perArea: 0.3, pack: 2.5 })).toMatchObject({ amount: 6, packs: 3 })
    expect(used({ kind: "tape", length: 100, pack: 25, waste: 0.1 })).toMatchObject({
      amount: 100,
      bought: expect.closeTo(110, 9),
      packs: 5,
    })
    expect(used({ kind: "gaps", length: 40, width: 0.01, depth: 0.06, pack: 0.02 })).toMatchObject({
      amount: expect.closeTo(0.024, 9),
      packs: 2,
    })
  })

  test("a membrane's laps: of 1.5 m wide 1.4 m count", () => {
    // 140 m² take 150 m² of roll, of 75 m² each.
    expect(used({ kind: "membrane", area: 140, rollWidth: 1.5, rollLength: 50 })).toMatchObject({
      bought: expect.closeTo(150, 9),
      packs: 2,
    })
  })

  test("loose fill by its settled weight, blown deeper by what it settles; foam in lifts", () => {
    expect(used({ kind: "bags", area: 30, depth: 0.2, density: 40, settling: 0.2, pack: 12.5 })).toMatchObject({
      ...{ amount: expect.closeTo(240, 9), packs: 20, blown: expect.closeTo(0.25, 9) },
    })
    expect(used({ kind: "spray", area: 20, depth: 0.12, pack: 1.1, lift: 0.05 })).toMatchObject({
      amount: expect.closeTo(2.4, 9),
      packs: 3,
      passes: 3,
    })
  })
})
