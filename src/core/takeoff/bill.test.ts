import { describe, expect, test } from "@jest/globals"
import { evenBox } from "../../../tests/fixtures/jobs"
import { sketch, timber } from "../../../tests/fixtures/layers"
import type { Assembly } from "../../schema/job/build-up"
import { activeState } from "../enclosure/job-state"
import { ledgerOf } from "../ledger/ledger"
import { sum } from "../numeric/sum"
import { moneyWorking, weightWorking } from "./takeoff.working"

const ledger = (assembly: Assembly) => ledgerOf(activeState(evenBox(assembly)))
const of = (assembly: Assembly, surface: string) => ledger(assembly).bill.filter((line) => line.surface === surface)

describe("the bill of an even box, by hand", () => {
  // XPS of the catalogue: 33 kg/m³, 175 €/m³. Spruce: 450 kg/m³, 520 €/m³.
  test("one board all around: 59 m² of 100 mm", () => {
    const { bill, weight, money } = ledger(sketch("one", [["xps", 0.1]]))
    // 2 · (12 + 10 + 7.5) = 59 m²; 59 · 0.1 · 33 = 194.7 kg; 59 · 0.1 · 175 = 1032.5 €
    expect(sum(bill.map(({ area }) => area))).toBeCloseTo(59, 9)
    expect([weight, money]).toEqual([expect.closeTo(194.7, 6), expect.closeTo(1032.5, 6)])
    expect(bill.every((line) => line.role === "layer" && line.what === "xps" && line.thickness === 0.1)).toBe(true)
  })

  test("members at a typed share of a fifth take it from what lies between them", () => {
    const framed = sketch("one", [["xps", 0.1, { between: timber("Studs", 0.045, 0.6, { share: 0.2 }) }]])
    const [board, studs, ...others] = of(framed, "left")
    expect(others).toEqual([])
    // The left wall has 10 m²: 8 m² of board, 8 · 0.1 · 33 = 26.4 kg and 140 €; 2 m² of spruce, 2 · 0.1 · 450 = 90 kg and 104 €.
    expect(board).toMatchObject({ role: "layer", area: expect.closeTo(8, 9), mass: expect.closeTo(26.4, 9), price: expect.closeTo(140, 9) })
    expect(studs).toMatchObject({ role: "members", what: "spruce", area: expect.closeTo(2, 9), mass: expect.closeTo(90, 9) })
    expect(studs!.price).toBeCloseTo(104, 9)
  })

  test("a set is told stick by stick, once on a surface though it stands in two layers", () => {
    const studs = timber("Studs", 0.045, 0.6)
    const framed = sketch("one", [
      ["xps", 0.05, { between: studs }],
      ["glass-wool", 0.05, { between: studs }],
    ])
    const lines = of(framed, "left")
    const told = lines.filter(({ pieces }) => pieces.length > 0)
    expect(told.map(({ role, layer }) => [role, layer])).toEqual([["members", "l1"]])
    // On 4 × 2.5 m studs stand at 0.6, 1.2, … 3.6 m between plates of 4 m; they and the two ends are 2.5 − 2 · 0.045 = 2.41 m.
    const lengths = [...told[0]!.pieces].sort((a, b) => a - b)
    expect(lengths).toEqual([...Array<number>(8).fill(2.41), 4, 4].map((length) => expect.closeTo(length, 9)))
    // All of them cover what the share of the members says: 10 sticks' lengths by 45 mm of 10 m².
    expect(sum(lengths) * 0.045).toBeCloseTo(lines.find(({ role }) => role === "members")!.area, 9)
  })

  test("what fills a tube has a line of its own", () => {
    const tube = timber("Posts", 0.05, 0.6, { material: "steel-bare", shape: "tube", wall: 0.002, share: 0.1, fill: "xps" })
    const lines = of(sketch("one", [["glass-wool", 0.05, { between: tube }]]), "left")
    expect(lines.map(({ role, what }) => [role, what])).toEqual([
      ["layer", "glass-wool"],
      ["members", "steel-bare"],
      ["filling", "xps"],
    ])
    // The tube's own tenth of 10 m² is parted between its wall and what it holds.
    expect(lines[1]!.area + lines[2]!.area).toBeCloseTo(1, 9)
    expect(lines[1]!.area).toBeLessThan(lines[2]!.area)
  })

  test("what is there already is not on it", () => {
    const { bill, weight, money } = ledger(sketch("one", [["xps", 0.1, { existing: true }]]))
    expect([bill, weight, money]).toEqual([[], 0, 0])
  })

  test("weight and money open into workings that end at it", () => {
    const figures = ledger(sketch("one", [["xps", 0.06, { between: timber("Studs", 0.045, 0.6) }]]))
    expect(weightWorking(figures).total.value).toBeCloseTo(sum(figures.bill.map(({ mass }) => mass)), 9)
    expect(moneyWorking(figures).total.value).toBeCloseTo(sum(figures.bill.map(({ price }) => price)), 9)
  })
})
