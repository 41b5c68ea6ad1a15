import { describe, expect, test } from "@jest/globals"
import fc from "fast-check"
import type { GlaserInput } from "../../schema/glaser"
import { isoDewPoint, isoSaturation } from "../air/iso-saturation"
import { DAYS_IN_MONTH } from "../climate/design-day"
import { glaser } from "./glaser"

const DELTA = 2e-10
const air = (temperature: number, relativeHumidity: number) => ({ temperature, relativeHumidity })
/** Twelve months with one inside; outdoors as given, the rest mild. */
const year = (inside: ReturnType<typeof air>, cold: Record<number, ReturnType<typeof air>>, mild = air(18, 0.6)) =>
  Array.from({ length: 12 }, (_, i) => ({ outside: cold[i] ?? mild, inside }))

describe("saturation of ISO 13788", () => {
  test.each([
    [0, 610.5],
    [20, 2337],
    [-10, 260],
  ])("at %d °C is about %d Pa, as annex E prints", (temperature, pressure) => {
    expect(isoSaturation(temperature)).toBeCloseTo(pressure, -0.5)
    expect(isoDewPoint(isoSaturation(temperature))).toBeCloseTo(temperature, 9)
  })
})

describe("monthly condensation", () => {
  // Two layers of R 0.2 each, so that nothing is cut; inside the vapour-open one, outside the tight one.
  const layers = [
    { resistance: 0.2, sd: 10 },
    { resistance: 0.2, sd: 1 },
  ]
  const input = (months: GlaserInput["months"]): GlaserInput => ({ rsi: 0.25, rse: 0.04, layers, months })

  test("one joint, by hand: what comes in less what goes out, and drying at the same joint", () => {
    const { months, peak, annualBalance, driesOut, firstMonth, verdict } = glaser(input(year(air(20, 0.5), { 0: air(-5, 0.8) })))
    // R to the joint 0.24 of 0.69: −5 + 25·0.24/0.69 = 3.696 °C; p_sat 795.2; inside 1168.5 Pa, outside 0.8·401.8 = 321.4 Pa.
    const joint = isoSaturation(-5 + (25 * 0.24) / 0.69)
    const rate = DELTA * ((0.5 * isoSaturation(20) - joint) / 1 - (joint - 0.8 * isoSaturation(-5)) / 10)
    expect(joint).toBeCloseTo(795, -0.5)
    expect(firstMonth).toBe(0)
    expect(months[0]!.condensing).toEqual([
      { interface: 1, rate: expect.closeTo(rate, 18), accumulated: expect.closeTo(rate * 31 * 86_400, 9) },
    ])
    // February: 18 °C and 60 %: the joint at 18 + 2·0.24/0.69 stands at saturation and gives off to both sides.
    const wet = isoSaturation(18 + (2 * 0.24) / 0.69)
    const drying = DELTA * ((0.5 * isoSaturation(20) - wet) / 1 - (wet - 0.6 * isoSaturation(18)) / 10)
    expect(drying).toBeLessThan(0)
    expect(months[1]!.condensing[0]!.rate).toBeCloseTo(drying, 18)
    expect(peak).toBeCloseTo(rate * 31 * 86_400, 9)
    expect([annualBalance, driesOut, verdict]).toEqual([0, true, "driesWithinYear"])
    // Once dry it is told no more.
    expect(months[6]!.condensing).toEqual([])
  })

  test("stays dry where nothing meets saturation, and gathers where no month dries it", () => {
    const never = glaser(input(year(air(20, 0.3), {})))
    expect(never).toMatchObject({ peak: 0, annualBalance: 0, driesOut: true, firstMonth: null, verdict: "dry" })
    const always = glaser(input(year(air(20, 0.6), {}, air(-5, 0.8))))
    expect(always).toMatchObject({ firstMonth: 0, driesOut: false, verdict: "accumulates" })
    const first = always.months[0]!.condensing[0]!.rate
    const seconds = DAYS_IN_MONTH.reduce((all, days) => all + days * 86_400, 0)
    expect(always.annualBalance).toBeCloseTo(first * seconds, 6)
  })

  test("begins with the first month that condenses after one that does not, round the year", () => {
    const winter = { 10: air(-2, 0.8), 11: air(-5, 0.8), 0: air(-6, 0.8), 1: air(-4, 0.8) }
    const { firstMonth, months } = glaser(input(year(air(20, 0.5), winter)))
    expect(firstMonth).toBe(10)
    const [november, december, january] = [10, 11, 0].map((i) => months[i]!.condensing[0]!.accumulated)
    expect(december!).toBeGreaterThan(november!)
    expect(january!).toBeGreaterThan(december!)
  })

  test("thick layers are cut, and a plane within is told by its part", () => {
    const thick = glaser({
      rsi: 0.13,
      rse: 0.04,
      layers: [
        { resistance: 1, sd: 5 },
        { resistance: 0.9, sd: 0.1 },
      ],
      months: year(air(20, 0.6), {}, air(-10, 0.8)),
    })
    for (const { interface: at } of thick.months[0]!.condensing) expect([0.25, 0.5, 0.75, 1, 1.25, 1.5, 1.75]).toContain(at)
  })

  test("a surface in air wetter than it can be is taken as saturated, and says so", () => {
    const { notes } = glaser({
      rsi: 0.25,
      rse: 0.04,
      layers: [{ resistance: 0.01, sd: 1 }],
      months: year(air(20, 0.95), {}, air(-10, 0.8)),
    })
    expect(notes.map(({ code }) => code)).toContain("capped")
  })

  test("layers without end are refused before they are cut", () => {
    const endless = { rsi: 0.13, rse: 0.04, layers: [{ thickness: 10, conductivity: 1e-6, sd: 1 }], months: year(air(20, 0.5), {}) }
    expect(() => glaser(endless)).toThrow(/more than 2000 parts/)
  })

  test("against every choice of planes that might be wet, of which one alone fits, for any build-up and any airs", () => {
    const layer = fc.record({
      resistance: fc.double({ min: 0.01, max: 0.5, noNaN: true }),
      sd: fc.double({ min: 0.01, max: 20, noNaN: true }),
    })
    const anyAir = (low: number, high: number) =>
      fc.record({
        temperature: fc.double({ min: low, max: high, noNaN: true }),
        relativeHumidity: fc.double({ min: 0.1, max: 1, noNaN: true }),
      })
    fc.assert(
      fc.property(fc.array(layer, { minLength: 1, maxLength: 4 }), anyAir(-20, 30), anyAir(0, 30), (layers, outside, inside) => {
        const told = glaser({ rsi: 0.25, rse: 0.04, layers, months: Array.from({ length: 12 }, () => ({ outside, inside })) })
        const gathered = told.months[0]!.condensing.reduce((all, { rate }) => all + rate, 0)
        const tried = byTrial(layers, outside, inside)
        expect(Math.abs(gathered - tried)).toBeLessThan(1e-15 + 1e-9 * tried)
      }),
      { numRuns: 100, endOnFailure: true },
    )
  })
})

/** Sum of what gathers in a month from dry: planes are held at saturation in every choice of them until one has no plane over it and none that dries. */
function byTrial(layers: { resistance: number; sd: number }[], outside: ReturnType<typeof air>, inside: ReturnType<typeof air>): number {
  const parts = layers.flatMap(({ resistance, sd }) => {
    const n = Math.max(1, Math.ceil(resistance / 0.25))
    return Array.from({ length: n }, () => ({ resistance: resistance / n, sd: sd / n }))
  })
  const total = 0.29 + parts.reduce((all, { resistance }) => all + resistance, 0)
  const [behind, depth] = [[0.04], [0]]
  for (const { resistance, sd } of parts) {
    behind.push(behind.at(-1)! + resistance)
    depth.push(depth.at(-1)! + sd)
  }
  const full = behind.map((to) => isoSaturation(outside.temperature + (to / total) * (inside.temperature - outside.temperature)))
  const last = full.length - 1
  const end = (of: ReturnType<typeof air>, plane: number) => Math.min(of.relativeHumidity * isoSaturation(of.temperature), full[plane]!)
  for (let choice = 0; choice < 2 ** (last - 1); choice++) {
    const held = [0, ...Array.from({ length: last - 1 }, (_, i) => i + 1).filter((plane) => choice & (1 << (plane - 1))), last]
    const at = (plane: number) => (plane === 0 ? end(outside, 0) : plane === last ? end(inside, last) : full[plane]!)
    const slope = held.slice(1).map((plane, i) => (at(plane) - at(held[i]!)) / (depth[plane]! - depth[held[i]!]!))
    const fits = full.every((most, plane) => {
      const i = held.findIndex((one) => one >= plane)
      const pressure = held[i] === plane ? at(plane) : at(held[i - 1]!) + slope[i - 1]! * (depth[plane]! - depth[held[i - 1]!]!)
      return pressure <= most * (1 + 1e-12)
    })
    const gathers = slope.slice(1).every((one, i) => one >= slope[i]! - 1e-12 * Math.abs(one))
    if (fits && gathers) return DELTA * (slope.at(-1)! - slope[0]!)
  }
  throw new Error("No choice of planes fits.")
}
