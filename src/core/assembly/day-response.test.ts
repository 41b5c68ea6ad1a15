import { describe, expect, test } from "@jest/globals"
import fc from "fast-check"
import { sum } from "../numeric/sum"
import { answered, dayResponse, HOURS } from "./day-response"
import { periodicFigures, type PeriodicLayer } from "./periodic"

const concrete = (thickness: number): PeriodicLayer => ({ thickness, conductivity: 1.8, density: 2400, specificHeat: 1000 })
const wool: PeriodicLayer = { thickness: 0.1, conductivity: 0.04, density: 30, specificHeat: 1030 }
const swing = (turns: number, shift = 0) =>
  Array.from({ length: HOURS }, (_, hour) => Math.cos((2 * Math.PI * turns * (hour - shift)) / HOURS))

describe("a build-up's answer to a day that repeats", () => {
  test("one swing a day comes through as ISO 13786 says: smaller and later, and takes its admittance on both sides", () => {
    for (const layers of [[wool, concrete(0.15)], [concrete(0.15), wool], [wool]]) {
      const figures = periodicFigures(layers, 86_400, 0.13, 0.04)
      const { through, outside, inside } = dayResponse(layers, 0.13, 0.04)
      const lag = figures.timeShift / 3600
      const expected = swing(1, lag).map((one) => one * figures.periodicTransmittance)
      answered(through, swing(1)).forEach((flux, hour) => expect(flux).toBeCloseTo(expected[hour]!, 9))
      // The amplitude of a sampled sine from its first coefficient.
      const amplitude = (flux: Float64Array) =>
        Math.hypot(sum([...flux].map((one, i) => one * swing(1)[i]!)), sum([...flux].map((one, i) => one * swing(1, 6)[i]!))) / 12
      expect(amplitude(answered(outside, swing(1)))).toBeCloseTo(figures.admittanceOutside, 9)
      expect(amplitude(answered(inside, swing(1)))).toBeCloseTo(figures.admittanceInside, 9)
    }
  })

  test("without capacity the hour alone counts", () => {
    const { through, outside, inside } = dayResponse([{ resistance: 2.33 }], 0.13, 0.04)
    for (const row of [through, outside, inside]) row.forEach((share, hour) => expect(share).toBeCloseTo(hour === 0 ? 0.4 : 0, 12))
  })

  test("of any build-up: each row adds up to the steady flow, what goes in on one side comes out on the other over the day, and mirrored", () => {
    const layer = fc.oneof(
      fc.record({
        thickness: fc.double({ min: 0.001, max: 2, noNaN: true }),
        conductivity: fc.double({ min: 0.02, max: 50, noNaN: true }),
        density: fc.double({ min: 1, max: 8000, noNaN: true }),
        specificHeat: fc.double({ min: 400, max: 4200, noNaN: true }),
      }),
      fc.record({ resistance: fc.double({ min: 0, max: 10, noNaN: true }) }),
    )
    fc.assert(
      fc.property(fc.array(layer, { maxLength: 6 }), (layers) => {
        const there = dayResponse(layers, 0.13, 0.04)
        const back = dayResponse([...layers].reverse(), 0.04, 0.13)
        const { uValue } = periodicFigures(layers, 86_400, 0.13, 0.04)
        for (const row of [there.through, there.outside, there.inside]) expect(Math.abs(sum([...row]) / uValue - 1)).toBeLessThan(1e-9)
        there.through.forEach((share, hour) => expect(Math.abs(back.through[hour]! - share)).toBeLessThan(1e-9))
        there.inside.forEach((share, hour) => expect(Math.abs(back.outside[hour]! - share)).toBeLessThan(1e-7))
      }),
    )
  })
})
