import { describe, expect, test } from "@jest/globals"
import fc from "fast-check"
import { periodicFigures, type PeriodicLayer } from "./periodic"

const DAY = 86_400
const concrete = (thickness: number): PeriodicLayer => ({ thickness, conductivity: 1.8, density: 2400, specificHeat: 1000 })
const wool: PeriodicLayer = { thickness: 0.1, conductivity: 0.04, density: 30, specificHeat: 1030 }

/**
 * Half of a swing through a wall cut into many cells, each half a resistance, a capacity, half a resistance: a chain of plain complex
 * divisions, another way to the same figures. @returns flow inside for one kelvin outside, real and imaginary
 */
function byCells(layers: readonly PeriodicLayer[], period: number, rsi: number, rse: number): [number, number] {
  const omega = (2 * Math.PI) / period
  // From the inside, held at 0: a row of [θ, q] that begins with a flow of one, and is walked outwards.
  let [tr, ti, qr, qi] = [rsi, 0, 1, 0]
  for (const layer of [...layers].reverse()) {
    if ("resistance" in layer) {
      tr += qr * layer.resistance
      ti += qi * layer.resistance
      continue
    }
    const n = 4000
    const [r, c] = [layer.thickness / layer.conductivity / n / 2, (layer.thickness * layer.density * layer.specificHeat) / n]
    for (let i = 0; i < n; i++) {
      tr += qr * r
      ti += qi * r
      qr -= omega * c * ti
      qi += omega * c * tr
      tr += qr * r
      ti += qi * r
    }
  }
  return [tr + qr * rse, ti + qi * rse]
}

describe("a build-up under a swinging temperature (ISO 13786)", () => {
  test("a thick wall is a half space: its admittance is √(ωλρc), by hand", () => {
    // √(2π/86400·1.8·2400·1000) = √314.16 = 17.725, with no film in front of it.
    const { admittanceInside, timeShift, decrement } = periodicFigures([concrete(3)], DAY, 0, 0)
    expect(admittanceInside).toBeCloseTo(17.7245, 3)
    // It comes through after ξ/2π of a day, ξ = 3/√(1.8·86400/(π·2.4e6)) = 20.888, less an eighth of a turn, and hardly at all.
    expect(timeShift).toBeCloseTo((((20.8884 - Math.PI / 4) % (2 * Math.PI)) / (2 * Math.PI)) * DAY, -2)
    expect(decrement).toBeLessThan(1e-7)
  })

  test("without capacity it is the steady wall, without lag", () => {
    const figures = periodicFigures([{ resistance: 2.33 }], DAY, 0.13, 0.04)
    expect(figures).toMatchObject({ uValue: expect.closeTo(0.4, 12), periodicTransmittance: expect.closeTo(0.4, 12), timeShift: 0 })
    expect(figures.admittanceInside).toBeCloseTo(0.4, 12)
    expect(figures.arealCapacityInside).toBeCloseTo(0, 9)
    // A film of paint stores next to nothing: no lag, and not one of a whole day.
    expect(
      periodicFigures([{ thickness: 1e-5, conductivity: 0.5, density: 1000, specificHeat: 1000 }], DAY, 0.13, 0.04).timeShift,
    ).toBeLessThan(1)
  })

  test("wool outside of concrete, against a wall of four thousand cells", () => {
    for (const layers of [
      [wool, concrete(0.15)],
      [concrete(0.15), wool],
      [wool, { resistance: 0.18 }, concrete(0.05), wool],
    ]) {
      const [re, im] = byCells(layers, DAY, 0.13, 0.04)
      const figures = periodicFigures(layers, DAY, 0.13, 0.04)
      expect(figures.periodicTransmittance).toBeCloseTo(1 / Math.hypot(re, im), 6)
      expect(figures.timeShift).toBeCloseTo((Math.atan2(im, re) / (2 * Math.PI)) * DAY, 0)
    }
  })

  test("a wall seen from its other side passes the same, and its sides change places", () => {
    const layers = [wool, concrete(0.2)]
    const [a, b] = [periodicFigures(layers, DAY, 0.13, 0.04), periodicFigures([...layers].reverse(), DAY, 0.04, 0.13)]
    expect(b.periodicTransmittance).toBeCloseTo(a.periodicTransmittance, 12)
    expect(b.admittanceInside).toBeCloseTo(a.admittanceOutside, 9)
    expect(b.arealCapacityOutside).toBeCloseTo(a.arealCapacityInside, 6)
  })

  test("of any build-up: no more comes through than in a steady state, and a long swing is steady", () => {
    const layer = fc.oneof(
      fc.record({
        thickness: fc.double({ min: 0.001, max: 5, noNaN: true }),
        conductivity: fc.double({ min: 0.02, max: 50, noNaN: true }),
        density: fc.double({ min: 1, max: 8000, noNaN: true }),
        specificHeat: fc.double({ min: 400, max: 4200, noNaN: true }),
      }),
      fc.record({ resistance: fc.double({ min: 0, max: 10, noNaN: true }) }),
    )
    fc.assert(
      fc.property(fc.array(layer, { maxLength: 8 }), fc.double({ min: 60, max: 1e8, noNaN: true }), (layers, period) => {
        const figures = periodicFigures(layers, period, 0.13, 0.04)
        for (const figure of Object.values(figures) as number[]) expect(Number.isFinite(figure) && figure >= 0).toBe(true)
        expect(figures.decrement).toBeLessThanOrEqual(1 + 1e-9)
        expect(figures.timeShift).toBeLessThan(period)
        expect(figures.admittanceInside).toBeGreaterThanOrEqual(figures.periodicTransmittance - 1e-9)
      }),
    )
  })

  test("where nothing resists it says so", () => {
    expect(() => periodicFigures([], DAY, 0, 0)).toThrow("resist")
  })
})
