import { describe, expect, test } from "@jest/globals"
import { externalPeriodicCoefficient, groundFlow } from "./monthly-flow"

// δ = √(3.15·10⁷·2 / (π·2·10⁶)) = 3.166 m; ISO 13370 has 3.2 m for sand and gravel.
const slab = { perimeter: 40, soilConductivity: 2 }

describe("heat into the ground in a month", () => {
  test("the edge passes the year's swing, by hand", () => {
    // 0.37 · 40 · 2 · ln(3.166/1 + 1) = 29.6 · 1.4270 = 42.24 W/K
    expect(externalPeriodicCoefficient(slab, 1)).toBeCloseTo(42.24, 2)
  })

  test("insulation along the edge takes a part of it off, upright boards as level ones of twice the reach", () => {
    // d′ = 2·(0.05/0.035 − 0.05/2) = 2.807 m, D = 0.6 m: e^(−1.2/3.166) = 0.6845; ln(3.166/3.807 + 1) = 0.6053.
    // 29.6 · (0.3155·0.6053 + 0.6845·1.4270) = 34.57 W/K
    const edge = { thickness: 0.05, conductivity: 0.035 }
    const upright = externalPeriodicCoefficient({ ...slab, edge: { kind: "vertical", depthOrWidth: 0.6, ...edge } }, 1)
    expect(upright).toBeCloseTo(34.57, 1)
    expect(externalPeriodicCoefficient({ ...slab, edge: { kind: "horizontal", depthOrWidth: 1.2, ...edge } }, 1)).toBeCloseTo(upright, 9)
  })

  test("a room colder than the soil loses less in the coldest month than a warm one, and the swing keeps its sign", () => {
    const floor = { heatTransferCoefficient: 50, periodicCoefficient: 42 }
    // 50·(3 − 10) + 42·(10 − 0) = 70 W out; 50·(20 − 10) + 420 = 920 W out; in July, 18 °C: −350 − 336 = −686 W, taken in.
    expect(groundFlow(floor, 3, 10, 0)).toBe(70)
    expect(groundFlow(floor, 20, 10, 0)).toBe(920)
    expect(groundFlow(floor, 3, 10, 18)).toBe(-686)
  })
})
