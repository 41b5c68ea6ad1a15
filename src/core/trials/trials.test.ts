import { describe, expect, test } from "@jest/globals"
import { evenBox } from "../../../tests/fixtures/jobs"
import { sketch } from "../../../tests/fixtures/layers"
import { activeState } from "../enclosure/job-state"
import { ledgerOf } from "../ledger/ledger"
import { sameResistance } from "./same-resistance"
import { layersOf, substitutesFor, withStuff } from "./substitutes"
import { depthLeft, whatFits } from "./what-fits"
import { savings, whatIf } from "./what-if"

/** An even box of 59 m² in 60 mm of XPS under a dark skin; by hand R = 0.06/0.034 = 1.764706. */
const state = activeState(evenBox(sketch("Skin", [["xps", 0.06]], 0.9)))
const ledger = ledgerOf(state)

describe("what if", () => {
  test("money follows the next thickness that is sold, by hand: 20 mm more of 175 €/m³ on 59 m² is 206.50 €", () => {
    const [thicker, ...others] = whatIf(state, ledger, ({ money }) => money)
    expect(thicker).toMatchObject({
      name: expect.stringContaining("next thickness") as unknown,
      change: expect.closeTo(206.5, 6) as unknown,
    })
    expect(others).toEqual([])
  })

  test("a degree less inside takes a twentieth of a tight box's 20 K of loss through walls and roof", () => {
    const change = whatIf(state, ledger, ({ loss }) => loss.total).find(({ name }) => name.startsWith("One degree"))!.change
    // The floor's adjacent air and the edges follow the same 20 K.
    expect(change / ledger.loss.total).toBeCloseTo(-1 / 20, 2)
  })

  test("a white skin lowers the gain, and three at most are named, the greatest first", () => {
    const changes = whatIf(state, ledger, ({ gain }) => gain.total)
    expect(changes.length).toBeLessThanOrEqual(3)
    expect(changes.map(({ change }) => Math.abs(change))).toEqual(changes.map(({ change }) => Math.abs(change)).sort((a, b) => b - a))
    expect(changes.find(({ name }) => name.includes("white"))!.change).toBeLessThan(0)
  })
})

describe("what one change would save", () => {
  test("is the loss before less the loss after, by hand: 80 mm in place of 60 on 59 m² at 20 K, 206.50 €, and 40 mm of height", () => {
    const [best, ...others] = savings(state, ledger, ({ loss }) => loss.total)
    expect(best!.step).toEqual({ kind: "thickness", assembly: "one", layer: "l1", thickness: 0.08 })
    // Walls 35 · 0.120511 + roof 12 · 0.123882 + floor 12 · 0.116227 = 7.0992 W/K; edges measured over all take a little back, the smaller inside leaks less.
    expect(Math.abs(best!.saves / (20 * 7.0992) - 1)).toBeLessThan(0.03)
    expect(best!.money).toBeCloseTo(206.5, 6)
    expect(best!.height).toBeCloseTo(0.04, 9)
    expect([best!, ...others].every(({ saves }, i, all) => i === 0 || saves <= all[i - 1]!.saves)).toBe(true)
  })

  test("leaves out what saves nothing: a white skin on the worst night; on the hottest day it is there", () => {
    const kinds = (flow: Parameters<typeof savings>[2]) => savings(state, ledger, flow).map(({ step }) => step.kind)
    expect(kinds(({ loss }) => loss.total)).not.toContain("white")
    expect(kinds(({ gain }) => gain.total)).toContain("white")
  })
})

describe("another stuff for a layer", () => {
  test("the same R by the label, at the least thickness that is sold", () => {
    const found = sameResistance(state, ledger, "one", "l1")
    expect(found.length).toBeGreaterThan(5)
    for (const { material, thickness } of found) {
      const { declared } = material.conductivity
      expect(thickness / declared).toBeGreaterThanOrEqual(0.06 / 0.034 - 1e-9)
      const thinner = material.sold.thicknesses.filter((one) => one < thickness && one / declared >= 0.06 / 0.034)
      expect(thinner).toEqual([])
    }
  })

  test("nothing stands for a layer without a label", () => {
    const steel = activeState(evenBox(sketch("Skin", [["steel-bare", 0.001]])))
    expect(sameResistance(steel, ledgerOf(steel), "one", "l1")).toEqual([])
  })

  test("what fits in a depth is no thicker than it, and the least loss comes first", () => {
    const found = whatFits(state, ledger, "one", "l1", 0.1)
    expect(Math.max(...found.map(({ thickness }) => thickness))).toBeLessThanOrEqual(0.1001)
    const losses = found.map(({ loss }) => loss)
    expect(losses).toEqual([...losses].sort((a, b) => a - b))
    // Money by hand where it is XPS again: 100 mm in one board or two, 40 mm more on 59 m².
    expect(found.find(({ id }) => id === "xps")).toMatchObject({ thickness: expect.closeTo(0.1, 9), money: expect.closeTo(413, 6) })
  })

  test("depth left under a height: what the room is over it, and nothing where none is asked for or the face stands", () => {
    const of = (id: string) => ledger.surfaces.find((surface) => surface.id === id)!
    // 2.5 m less 60 mm below and above: 2.38 m clear, 80 mm over 2.3 m.
    expect(depthLeft(of("roof"), 0.06, ledger, 2.3)).toBeCloseTo(0.14, 9)
    expect(depthLeft(of("roof"), 0.06, ledger, null)).toBeNull()
    expect(depthLeft(of("left"), 0.06, ledger, 2.3)).toBeNull()
  })
})

describe("what stands in for a stuff that is not to be had", () => {
  test("takes its place in all layers of it, and says of each whether R and damp stay", () => {
    const job = evenBox(
      sketch("one", [
        ["xps", 0.06],
        ["osb", 0.012],
      ]),
    )
    const variant = job.variants.first!
    variant.assemblies.two = sketch("two", [
      ["glass-wool", 0.1],
      ["xps", 0.06],
    ])
    variant.wears.left = "two"
    const [state, ledger] = [activeState(job), ledgerOf(activeState(job))]
    const stuff = { material: "xps", thickness: 0.06 }
    expect(layersOf(variant, stuff)).toEqual([
      { assembly: "one", layer: "l1" },
      { assembly: "two", layer: "l2" },
    ])
    expect(substitutesFor(state, ledger, { material: "xps", thickness: 0.05 })).toEqual([])
    const found = substitutesFor(state, ledger, stuff)
    expect(found.length).toBeGreaterThan(3)
    expect(found.some(({ id }) => id === "xps")).toBe(false)
    for (const one of found) {
      // The floor must bear, so nothing soft is among them.
      expect(one.material.compressiveStrength).not.toBeNull()
      const changed = withStuff(variant, layersOf(variant, stuff), one)
      const tried = ledgerOf({ ...state, variant: changed })
      expect(one.money).toBeCloseTo(tried.money - ledger.money, 9)
      const less = tried.surfaces.some(({ totalResistance }, i) => totalResistance < ledger.surfaces[i]!.totalResistance * 0.995)
      expect(one.keepsResistance).toBe(!less)
      // What is said of damp is what the ledger would say.
      const others = ledger.surfaces.filter(({ id }) => ledger.moisture[id]!.verdict.words !== tried.moisture[id]!.verdict.words)
      expect(one.damp.map(({ name }) => name)).toEqual(others.map(({ name }) => name))
    }
    const ranks = found.map((one) => 4 * Number(one.keepsDamp) + 2 * Number(one.keepsResistance) + Number(one.sameWay))
    expect(ranks).toEqual([...ranks].sort((a, b) => b - a))
  })

  test("of a board it is another board, as thick as is sold nearest", () => {
    const job = evenBox(
      sketch("one", [
        ["xps", 0.06],
        ["osb", 0.012],
      ]),
    )
    const found = substitutesFor(activeState(job), ledgerOf(activeState(job)), { material: "osb", thickness: 0.012 })
    expect(found.length).toBeGreaterThan(0)
    expect(found.every(({ material }) => material.class === "board" && material.sold.form === "sheet")).toBe(true)
  })
})
