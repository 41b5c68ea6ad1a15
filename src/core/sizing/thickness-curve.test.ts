import { describe, expect, test } from "@jest/globals"
import { sketch } from "../../../tests/fixtures/layers"
import { KITS, startJob } from "../../../tests/fixtures/jobs"
import type { YearFigures } from "../hourly/year"
import type { YearModel } from "../hourly/year-model"
import { UNSOLVED } from "../enclosure/solved-details"
import { activeState, type JobState } from "../enclosure/job-state"
import { depthLeft, whatFits } from "../trials/what-fits"
import { ledgerOf } from "../ledger/ledger"
import { materialOf } from "../material/catalogue"
import { annuity } from "./present-value"
import { paybackYears, type ThicknessPoint, thicknessCurve } from "./thickness-curve"

/** A hut of XPS between plywood. */
function hut(worth: Partial<JobState["brief"]["worth"]> = {}): JobState {
  const kit = KITS.shed
  const state = activeState(startJob({ kind: "shed", name: "hut", units: "metric", form: kit.form, station: kit.station, school: "" }))
  const one = sketch("one", [
    ["softwood-plywood", 0.018],
    ["xps", 0.05],
    ["birch-plywood", 0.009],
  ])
  return {
    ...state,
    brief: { ...state.brief, service: null, worth: { energy: 0.25 / 3.6e6, years: 15, rate: 0.03, store: 0, room: 0, ...worth } },
    variant: { ...state.variant, assemblies: { wall: one, roof: one, floor: one } },
  }
}
const curveOf = (state: JobState) => thicknessCurve(state, "wall", "l2", UNSOLVED)

describe("an annuity", () => {
  test.each([
    // By hand: (1 − 1.03⁻¹⁵)/0.03; 1.03¹⁵ = 1.557967
    { years: 15, rate: 0.03, worth: 11.93794 },
    { years: 10, rate: 0, worth: 10 },
    { years: 1, rate: 0.1, worth: 0.9090909 },
  ])("of $years years at $rate", ({ years, rate, worth }) => expect(annuity(years, rate)).toBeCloseTo(worth, 5))
})

describe("loss against thickness", () => {
  test("falls all the way, ever less, and weighs what is built against what is saved", () => {
    const { points, best } = curveOf(hut())
    const steps = points
      .slice(1)
      .map((point, i) => ({ width: point.thickness - points[i]!.thickness, saved: points[i]!.loss - point.loss }))
    expect(steps.every(({ saved }) => saved > 0)).toBe(true)
    for (let i = 1; i < steps.length; i++) expect(steps[i]!.saved / steps[i]!.width).toBeLessThan(steps[i - 1]!.saved / steps[i - 1]!.width)
    // Money by hand: XPS at its price a cubic metre over the walls' area.
    const { price } = materialOf("xps")
    const walls = ledgerOf(hut()).surfaces.filter(({ id }) => ["left", "right", "front", "back"].includes(id))
    const area = walls.reduce((sum, { netArea }) => sum + netArea, 0)
    const at = (thickness: number) => points.find((point) => Math.abs(point.thickness - thickness) < 1e-9)!
    expect(at(0.1).money - at(0.05).money).toBeCloseTo(price.amount * 0.05 * area, 6)
    // All told by hand for two points.
    const told = (thickness: number) => at(thickness).money + (0.25 / 3.6e6) * at(thickness).year * 11.93794
    expect(at(0.1).cost - at(0.05).cost).toBeCloseTo(told(0.1) - told(0.05), 1)
    expect(best.cost).toBe(Math.min(...points.map(({ cost }) => cost)))
  })

  test("says which years it still waits for, and stands on those that are stepped through", () => {
    const state = hut()
    const waiting = curveOf(state)
    expect(waiting.awaited).toHaveLength(waiting.points.length)
    const asked: number[] = []
    const year = (model: YearModel): YearFigures => {
      asked.push(model.faces.length)
      const months = Array.from({ length: 12 }, () => ({ heating: 3.6e6, cooling: 0 }))
      return { months } as YearFigures
    }
    const stepped = thicknessCurve(state, "wall", "l2", { ...UNSOLVED, year, yearBefore: () => undefined })
    expect(stepped.awaited).toEqual([])
    expect(new Set(stepped.points.map((point) => point.year))).toEqual(new Set([12 * 3.6e6]))
    expect(asked).toHaveLength(stepped.points.length)
  })

  test("pays back by hand: 120 € more, 40 kWh a year less at 0.25 €", () => {
    const point = (money: number, kilowattHours: number) => ({ money, year: kilowattHours * 3.6e6 }) as ThicknessPoint
    const worth = { energy: 0.25 / 3.6e6 }
    expect(paybackYears(point(100, 400), point(220, 360), worth)).toBeCloseTo(12, 9)
    expect(paybackYears(point(220, 360), point(100, 400), worth)).toBeNull()
    expect(paybackYears(point(100, 400), point(220, 400), worth)).toBeNull()
  })

  test("pays further the dearer energy is, and less far the dearer room is", () => {
    const best = (worth: Parameters<typeof hut>[0]) => curveOf(hut(worth)).best.thickness
    expect(best({ energy: 0 })).toBeLessThan(0.001)
    expect(best({ energy: 1 / 3.6e6 })).toBeGreaterThan(best({ energy: 0.02 / 3.6e6 }))
    expect(best({ energy: 1 / 3.6e6, room: 5000 })).toBeLessThan(best({ energy: 1 / 3.6e6 }))
    expect(best({ energy: 0, store: (1 / 3.6e6) * 100 })).toBeGreaterThan(best({ energy: 0 }))
  })
})

describe("what fits", () => {
  test("is as thick as one board or two fit, the least loss first", () => {
    const state = hut()
    const rows = whatFits(state, ledgerOf(state), "wall", "l2", 0.065)
    expect(rows.length).toBeGreaterThan(10)
    for (const { thickness } of rows) expect(thickness).toBeLessThanOrEqual(0.0651)
    const losses = rows.map(({ loss }) => loss)
    expect(losses).toEqual([...losses].sort((a, b) => a - b))
    // XPS is sold in 20, 25, 30, 40, 50, 60 mm …: 25 and 40 fill 65 mm.
    expect(rows.find(({ id }) => id === "xps")!.thickness).toBeCloseTo(0.065, 9)
    expect(whatFits(state, ledgerOf(state), "wall", "l2", 0.001)).toEqual([])
  })

  test("on a floor is what the height leaves; walls take none of it", () => {
    const state = hut()
    const ledger = ledgerOf(state)
    const floor = ledger.surfaces.find(({ id }) => id === "floor")!
    // The hut stands so high at its walls; with 30 mm less asked for, the floor may be 30 mm thicker.
    expect(depthLeft(floor, 0.05, ledger, ledger.clear.standing - 0.03)).toBeCloseTo(0.08, 9)
    expect(depthLeft(floor, 0.05, ledger, null)).toBeNull()
    expect(
      depthLeft(
        ledger.surfaces.find(({ id }) => id === "left")!,
        0.05,
        ledger,
        2,
      ),
    ).toBeNull()
  })
})
