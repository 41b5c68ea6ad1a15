import { describe, expect, test } from "@jest/globals"
import fc from "fast-check"
import type { AssemblyInput } from "../../schema/assembly"
import { airSpace } from "./air-space"
import { heatFlowDirection } from "./surface-resistance"
import { stackOf, thermalTransmittance } from "./thermal-transmittance"

const transmittanceOf = (input: AssemblyInput) => thermalTransmittance(stackOf(input))

const space = { emissivity1: 0.9, emissivity2: 0.9, meanTemperature: 10, temperatureDifference: 5 }

describe("air space, ISO 6946:2017 annex D", () => {
  test.each([
    // Table 8 of the standard, resistances of closed air spaces between ordinary faces at 10 °C, printed to two digits.
    { thickness: 0.005, direction: "up", resistance: 0.11 },
    { thickness: 0.005, direction: "horizontal", resistance: 0.11 },
    { thickness: 0.01, direction: "horizontal", resistance: 0.15 },
    { thickness: 0.025, direction: "up", resistance: 0.16 },
    { thickness: 0.025, direction: "horizontal", resistance: 0.18 },
    { thickness: 0.025, direction: "down", resistance: 0.19 },
    { thickness: 0.05, direction: "down", resistance: 0.21 },
    { thickness: 0.1, direction: "down", resistance: 0.22 },
    { thickness: 0.3, direction: "down", resistance: 0.23 },
  ] as const)("$thickness m, heat $direction: $resistance", ({ thickness, direction, resistance }) => {
    expect(Math.abs(airSpace({ ...space, thickness, direction }).resistance - resistance)).toBeLessThan(0.0055)
  })

  test("foil on one side, worked by hand", () => {
    // E = 1/(1/0.05 + 1/0.9 − 1) = 0.04972; hr = 0.04972 · 4 · 5.6704e-8 · 283.15³ = 0.2560; ha = 1.25; R = 1/1.5060 = 0.6640
    const foil = airSpace({ ...space, emissivity1: 0.05, thickness: 0.025, direction: "horizontal" })
    expect(foil.effectiveEmissivity).toBeCloseTo(0.04972, 5)
    expect(foil.resistance).toBeCloseTo(0.664, 3)
  })

  test("above 5 K the laws of table D.2 hold, worked by hand", () => {
    // 8 K: cbrt 8 = 2, so ha is 1.46 horizontal and 2.28 up; down at 0.1 m 0.09 · 8^0.187 · 0.1^−0.44 = 0.09 · 1.4753 · 2.7542 = 0.3657
    const at = (direction: "horizontal" | "up" | "down") =>
      airSpace({ ...space, thickness: 0.1, direction, temperatureDifference: 8 }).convective
    expect(at("horizontal")).toBeCloseTo(1.46, 6)
    expect(at("up")).toBeCloseTo(2.28, 6)
    expect(at("down")).toBeCloseTo(0.3657, 3)
  })

  test("says when it is too wide for the method", () => {
    expect(airSpace({ ...space, thickness: 0.31, direction: "up" }).notes).toHaveLength(1)
    expect(airSpace({ ...space, thickness: 0.3, direction: "up" }).notes).toHaveLength(0)
  })
})

describe("thermal transmittance, ISO 6946:2017", () => {
  test("a timber frame by the combined method, worked by hand", () => {
    // Layers: plywood 12/0.13 = 0.0923; wool 140/0.04 = 3.5 with 15 % timber 140/0.13 = 1.0769; board 12.5/0.25 = 0.05. Films 0.17.
    // Beside: 0.17 + 0.0923 + 3.5 + 0.05 = 3.8123. Through: 0.17 + 0.0923 + 1.0769 + 0.05 = 1.3892.
    // R' = 1/(0.85/3.8123 + 0.15/1.3892) = 1/(0.222962 + 0.107974) = 3.02173
    // Wool layer isothermal: 1/(0.85/3.5 + 0.15/1.076923) = 1/(0.242857 + 0.139286) = 2.616822; R'' = 0.3123 + 2.6168 = 2.92913
    // R = 2.97543, U = 0.33609
    const frame = transmittanceOf({
      direction: "horizontal",
      layers: [
        { thickness: 0.012, conductivity: 0.13 },
        { thickness: 0.14, conductivity: 0.04, framing: { fraction: 0.15, conductivity: 0.13 } },
        { thickness: 0.0125, conductivity: 0.25 },
      ],
    })
    expect(frame.resistanceUpper).toBeCloseTo(3.0217, 3)
    expect(frame.resistanceLower).toBeCloseTo(2.9291, 3)
    expect(frame.uValue).toBeCloseTo(0.33609, 4)
    expect(frame.centreResistance).toBeCloseTo(3.8123, 4)
    expect(frame.notes).toEqual([])
  })

  test("two crossing frames take all four paths, worked by hand", () => {
    // Two layers of R 1 with 20 % members of R 0.5, films 0.17: paths 0.64·2.17, 2·0.16·1.67, 0.04·1.17
    // R' = 1/(0.64/2.17 + 0.32/1.67 + 0.04/1.17) = 1/(0.294931 + 0.191617 + 0.034188) = 1.920362
    // each layer 1/(0.8/1 + 0.2/0.5) = 0.833333; R'' = 0.17 + 1.666667 = 1.836667
    const layer = { thickness: 0.04, conductivity: 0.04, framing: { fraction: 0.2, conductivity: 0.08 } }
    const crossed = transmittanceOf({ direction: "horizontal", layers: [layer, layer] })
    expect(crossed.resistanceUpper).toBeCloseTo(1.920362, 5)
    expect(crossed.resistanceLower).toBeCloseTo(1.836667, 5)
  })

  test("voids and fasteners, worked by hand", () => {
    // Foam 100 mm of 0.04: R1 2.5, films 0.14 (roof), RT 2.64, (R1/RT)² = 0.896751
    // voids level 1: 0.01 · 0.896751 = 0.0089675
    // screws 4 per m², 5 mm² · 1e-6… area 2e-5 m², 50 W/(m·K), recessed 20 mm: α = 0.8 · 80/100 = 0.64
    // ΔUf = 0.64 · 50 · 2e-5 · 4 / 0.1 · 0.896751 = 0.0256 · 0.896751 = 0.022957
    const fasteners = { perArea: 4, area: 2e-5, conductivity: 50, recessed: 0.02 }
    const roof: AssemblyInput = { direction: "up", layers: [{ thickness: 0.1, conductivity: 0.04, voids: 1, fasteners }] }
    const result = transmittanceOf(roof)
    expect(result.corrections.voids).toBeCloseTo(0.0089675, 6)
    expect(result.corrections.fasteners).toBeCloseTo(0.022957, 5)
    expect(result.uValue).toBeCloseTo(1 / 2.64 + 0.0089675 + 0.022957, 5)
    const plastic = transmittanceOf({ ...roof, layers: [{ ...roof.layers[0]!, fasteners: { ...fasteners, conductivity: 0.9 } }] })
    expect(plastic.corrections.fasteners).toBe(0)
  })

  test("says where metal makes the method fail", () => {
    const metal = transmittanceOf({
      direction: "horizontal",
      layers: [{ thickness: 0.05, conductivity: 0.04, framing: { fraction: 0.004, conductivity: 50 } }],
    })
    expect(metal.notes.map(({ code }) => code)).toEqual(["metal-members", "limits-apart"])
  })

  test("temperatures through a plain wall, worked by hand", () => {
    // One layer of R 1.83, films 0.17, total 2; 20 K: outdoor face −5 + 20·0.04/2 = −4.6, indoor face 15 − 20·0.13/2 = 13.7
    const wall = transmittanceOf({
      direction: "horizontal",
      layers: [{ thickness: 0.1, resistance: 1.83 }],
      inside: { temperature: 15, relativeHumidity: 0.5 },
      outside: { temperature: -5, relativeHumidity: 0.8 },
    })
    expect(wall.interfaces!.map((plane) => plane.temperature)).toEqual([expect.closeTo(-4.6, 9), expect.closeTo(13.7, 9)])
  })

  const layer = fc.record({
    thickness: fc.double({ min: 0.0005, max: 0.5, noNaN: true }),
    conductivity: fc.double({ min: 0.01, max: 200, noNaN: true }),
    framing: fc.record({
      fraction: fc.double({ min: 0, max: 1, noNaN: true }),
      conductivity: fc.double({ min: 0.05, max: 200, noNaN: true }),
    }),
  })

  test("the lower limit is never above the upper, and more insulation never loses more", () => {
    fc.assert(
      fc.property(fc.array(layer, { minLength: 1, maxLength: 6 }), (layers) => {
        const { resistanceLower, resistanceUpper, uValue } = transmittanceOf({ direction: "up", layers })
        expect(resistanceLower).toBeLessThanOrEqual(resistanceUpper * (1 + 1e-9))
        const more = transmittanceOf({ direction: "up", layers: [...layers, { thickness: 0.02, conductivity: 0.04 }] })
        expect(more.uValue).toBeLessThan(uValue)
      }),
    )
  })

  test("a wall turned round has the same transmittance", () => {
    fc.assert(
      fc.property(fc.array(layer, { minLength: 1, maxLength: 6 }), (layers) => {
        const there = transmittanceOf({ direction: "horizontal", rsi: 0.1, rse: 0.1, layers })
        const back = transmittanceOf({ direction: "horizontal", rsi: 0.1, rse: 0.1, layers: [...layers].reverse() })
        expect(back.uValue / there.uValue).toBeCloseTo(1, 9)
      }),
    )
  })

  test("direction follows the tilt", () => {
    expect([heatFlowDirection(0, true), heatFlowDirection(90, true), heatFlowDirection(180, true)]).toEqual(["up", "horizontal", "down"])
    expect([heatFlowDirection(0, false), heatFlowDirection(45, false), heatFlowDirection(180, false)]).toEqual(["down", "down", "up"])
  })
})
