import { describe, expect, test } from "@jest/globals"
import { infiltration } from "./infiltration"
import { airChangesFrom, airChangesOf, LEAKAGE_AREA, partArea } from "./leak-parts"

describe("leaks by their parts", () => {
  test("add up to air changes at 50 Pa, by hand", () => {
    // 40 m of joint at 0.8 cm² and a door at 12 cm²: 44 cm². At 4 Pa √(8/1.2041) = 2.57759 m/s: 0.0113414 m³/s; times 12.5^0.65 = 5.16418.
    const parts = [
      { kind: "joint", amount: 40, tightness: "usual" },
      { kind: "door", amount: 1, tightness: "usual" },
    ] as const
    expect(parts.map(partArea)).toEqual([expect.closeTo(32e-4, 12), expect.closeTo(12e-4, 12)])
    expect(airChangesOf(parts, 12)).toBeCloseTo((0.0113414 * 5.16418 * 3600) / 12, 2)
  })

  test("are the leakage area that infiltration reckons with", () => {
    const ach50 = airChangesOf([{ kind: "vent", amount: 3, tightness: "usual" }], 20)
    const { leakageArea } = infiltration({
      flow50: (ach50 * 20) / 3600,
      stack: 0,
      wind: 0,
      insideTemperature: 20,
      outsideTemperature: 0,
      windSpeed: 0,
    })
    expect(leakageArea).toBeCloseTo(30e-4, 9)
  })

  test("leak more the worse they are closed", () => {
    for (const { tight, usual, open } of Object.values(LEAKAGE_AREA)) expect(tight < usual && usual < open).toBe(true)
  })

  test("one reading of a fan goes to 50 Pa by the power of 0.65", () => {
    expect(airChangesFrom(50, 0.05, 18)).toBeCloseTo(10, 9)
    // (50/25)^0.65 = 1.569168
    expect(airChangesFrom(25, 0.05, 18)).toBeCloseTo(15.69168, 4)
  })
})
