import { describe, expect, test } from "@jest/globals"
import { demoJobs } from "../../../tests/fixtures/jobs"
import { ledgerOf } from "../ledger/ledger"
import { activeState, withLayer } from "../enclosure/job-state"
import { thicknessFor } from "./thickness-for"

/** With conductivities as declared, which do not change with the thickness. */
const larkspur = activeState(demoJobs().find(({ name }) => name === "Larkspur")!)
const state = { ...larkspur, brief: { ...larkspur.brief, service: null } }
const now = ledgerOf(state)
const bulkhead = now.surfaces.find(({ id }) => id === "front")!

describe("the thickness that reaches a goal", () => {
  test("of a layer that runs on, by hand", () => {
    // The bulkhead's 20 mm of XPS at 0.034 lie in series with all else: for 1 m²·K/W more it takes 34 mm more.
    const thickness = thicknessFor(state, "bulkhead", "l2", { kind: "resistance", surface: "front", value: bulkhead.totalResistance + 1 })
    expect(state.variant.assemblies.bulkhead!.layers.l2).toMatchObject({ material: "xps", thickness: 0.02 })
    expect(thickness).toBeCloseTo(0.054, 9)
  })

  test("of a loss is the one that gives it", () => {
    const thickness = thicknessFor(state, "floor", "l2", { kind: "loss", value: now.loss.total - 50 })!
    expect(ledgerOf(withLayer(state, "floor", "l2", { thickness })).loss.total).toBeCloseTo(now.loss.total - 50, 6)
  })

  test("is none where no thickness reaches it, or where less than a millimetre would", () => {
    expect(thicknessFor(state, "floor", "l2", { kind: "loss", value: 100 })).toBeNull()
    expect(thicknessFor(state, "floor", "l2", { kind: "loss", value: 1e5 })).toBeNull()
  })
})
