import { describe, expect, test } from "@jest/globals"
import { sketch } from "../../../tests/fixtures/layers"
import { builtLayers, transmittanceInput } from "./build-up"
import { thermalTransmittance } from "./thermal-transmittance"
import { effectiveShares, ventilation } from "./ventilated"

/** Boards, an air space of 25 mm with openings, 100 mm of XPS (λ 0.034). */
const wall = (vents: number) =>
  builtLayers(
    sketch("wall", [
      ["osb", 0.013],
      ["air", 0.025, { vents }],
      ["xps", 0.1],
    ]),
    () => 0,
  )
const resistance = (vents: number) => thermalTransmittance(transmittanceInput(wall(vents), "horizontal")).resistanceTotal

describe("vented air spaces", () => {
  test("are told apart by their openings", () => {
    expect([0, 400e-6, 500e-6, 1000e-6, 1500e-6, 0.01].map(ventilation)).toEqual([0, 0, 0, 0.5, 1, 1])
  })

  test("take from all that is outside of them, however many there are; the innermost layer counts", () => {
    expect(effectiveShares([0, 0.01, 0, 0.001, 0])).toEqual([0, 0, 0.5, 0.5, 1])
    expect(effectiveShares([0, 0.01])).toEqual([1, 1])
  })

  test("by hand: closed, well vented, and half way between", () => {
    // ISO 6946: closed 0.13 + 0.013/0.13 + 0.183056 + 0.1/0.034 + 0.04 = 3.394232; well vented 0.13 + 2.941176 + 0.13 = 3.201176
    expect(resistance(0)).toBeCloseTo(3.394232, 5)
    expect(resistance(500e-6)).toBeCloseTo(3.394232, 5)
    expect(resistance(0.002)).toBeCloseTo(3.201176, 6)
    // 1000 mm²/m: half of each, 3.297704
    expect(resistance(1000e-6)).toBeCloseTo(3.297704, 5)
  })

  test("leave what is outside of them dry and open to vapour", () => {
    expect(wall(0.002)[0]!.equivalentAirLayer).toBeLessThan(0.01)
    expect(wall(0)[0]!.equivalentAirLayer).toBeGreaterThan(0.3)
  })
})
