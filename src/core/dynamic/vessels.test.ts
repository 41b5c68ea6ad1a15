import { describe, expect, test } from "@jest/globals"
import { vesselConductance, waterIn } from "./vessels"

describe("a tank and a pipe, by hand", () => {
  test("60 litres are a cube of 0.9196 m² of skin; 20 mm of foam and the film are 0.656 m²·K/W", () => {
    const tank = { kind: "tank", volume: 0.06 } as const
    expect(waterIn(tank)).toBe(60)
    expect(vesselConductance(tank, 0.02)).toBeCloseTo(0.91958 / (0.13 + 0.02 / 0.038), 4)
    expect(vesselConductance(tank, 0)).toBeCloseTo(0.91958 / 0.13, 3)
  })

  test("3 m of 13 mm pipe hold 0.4 kg; bare it passes π·d·l/0.13, and 13 mm of foam a good third of it", () => {
    const pipe = { kind: "pipe", length: 3, bore: 0.013 } as const
    expect(waterIn(pipe)).toBeCloseTo(0.398, 3)
    expect(vesselConductance(pipe, 0)).toBeCloseTo((Math.PI * 0.013 * 3) / 0.13, 6)
    // ln(19.5/6.5)/0.038 = 28.91; 0.13/0.0195 = 6.667: 18.85/35.58
    expect(vesselConductance(pipe, 0.013)).toBeCloseTo(0.5298, 3)
  })
})
