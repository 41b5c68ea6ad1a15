import { describe, expect, test } from "@jest/globals"
import { evenBox } from "../../../tests/fixtures/jobs"
import { sketch, stack, timber } from "../../../tests/fixtures/layers"
import { taperPlaces } from "../assembly/taper"
import { ledgerOf } from "../ledger/ledger"
import { sum } from "../numeric/sum"
import { resistanceWorking } from "./resistance.working"
import { activeState } from "./job-state"

/** The even box whose insulation falls from 40 to 160 mm. */
const fallen = (taper = 0.12, members = "") => {
  const studs = timber("Studs", 0.05, 0.5, { ends: false, plates: { low: 0, high: 0 } })
  const job = evenBox(sketch("one", members ? stack`osb 12, xps 100 between ${studs}` : stack`osb 12, xps 100`))
  const { one } = job.variants.first!.assemblies
  one!.layers[one!.order[1]!]!.taper = taper
  return job
}
const wallOf = (job: ReturnType<typeof fallen>) => ledgerOf(activeState(job)).surfaces.find(({ id }) => id === "left")!

describe("a layer that tapers", () => {
  test("passes what ISO 6946, annex E says of a rectangular area, by hand", () => {
    const wall = wallOf(fallen())
    const [board, foam] = wall.layers.map(({ material }) => material.conductivity.declared) as [number, number]
    // R0 with the thin end in it, R1 of what is added from there on: U = ln(1 + R1/R0)/R1.
    const [first, added] = [0.17 + 0.012 / board + 0.04 / foam, 0.12 / foam]
    expect(wall.transmittance).toBeCloseTo(Math.log(1 + added / first) / added, 12)
    expect(wall.totalResistance).toBeLessThan(0.17 + 0.012 / board + 0.1 / foam)
    // Which end is the thick one does not matter.
    expect(wallOf(fallen(-0.12)).transmittance).toBeCloseTo(wall.transmittance, 12)
  })

  test("between members, is the mean of even ones along the fall, counted plainly", () => {
    const even = (thickness: number) => {
      const job = fallen(0, "studs")
      const { one } = job.variants.first!.assemblies
      one!.layers[one!.order[1]!]!.thickness = thickness
      return wallOf(job).winter.uValue
    }
    // Simpson's rule over a smooth course.
    const at = (i: number) => even(0.04 + (0.12 * i) / 8)
    const mean = (at(0) + 4 * at(1) + 2 * at(2) + 4 * at(3) + 2 * at(4) + 4 * at(5) + 2 * at(6) + 4 * at(7) + at(8)) / 24
    expect(wallOf(fallen(0.12, "studs")).winter.uValue / mean).toBeCloseTo(1, 3)
  })

  test("weighs and costs what its mean does, and takes from the room what its thick end does", () => {
    const [even, tapered] = [fallen(0), fallen()].map((job) => ledgerOf(activeState(job)))
    expect(tapered!.weight).toBeCloseTo(even!.weight, 9)
    expect(tapered!.money).toBeCloseTo(even!.money, 9)
    expect(tapered!.clearVolume).toBeCloseTo(even!.clearVolume, 9)
    expect(even!.clear.width - tapered!.clear.width).toBeCloseTo(2 * 0.06, 9)
  })

  test("is looked at where damp is worse, and its details are drawn where it is thinnest", () => {
    const ledger = ledgerOf(activeState(fallen()))
    const wall = ledger.surfaces.find(({ id }) => id === "left")!
    expect(wall.governing.map(({ layer }) => layer.thickness)).toEqual([0.012, expect.closeTo(0.04, 9)])
    const { at, verdict } = ledger.moisture.left
    expect([0.04, 0.16].some((end) => Math.abs(at.layers[1]!.layer.thickness - end) < 1e-9)).toBe(true)
    // The verdict is that of an even wall as thick as that end.
    const even = fallen(0)
    const { one } = even.variants.first!.assemblies
    one!.layers[one!.order[1]!]!.thickness = at.layers[1]!.layer.thickness
    expect(ledgerOf(activeState(even)).moisture.left.verdict.words).toBe(verdict.words)
  })

  test("its working ends at its figure", () => {
    const wall = wallOf(fallen())
    const { lines, total } = resistanceWorking(wall)
    expect(total.value).toBe(wall.totalResistance)
    const centre = lines.findIndex(({ name }) => name.startsWith("Centre of the cavity"))
    expect(sum(lines.slice(0, centre).map(({ result }) => result.value))).toBeCloseTo(lines[centre]!.result.value, 12)
  })

  test("is looked at in places whose weights make up the whole", () => {
    for (const [first, last] of [
      [1, 1],
      [1, 40],
      [7, 0.3],
    ] as const) {
      const places = taperPlaces(first, last)
      expect(sum(places.map(({ weight }) => weight))).toBeCloseTo(1, 6)
      expect(places.every(({ at }) => at > -0.5 && at < 0.5)).toBe(true)
    }
  })
})
