import { describe, expect, test } from "@jest/globals"
import { fitLeakage } from "./blower-door"

describe("a blower door at several pressures", () => {
  test("readings on a curve give that curve, with nothing left over", () => {
    const readings = [20, 30, 40, 50, 60].map((pressure) => ({ pressure, flow: 0.012 * pressure ** 0.65 }))
    const fit = fitLeakage(readings, 20, 20)
    expect(fit.coefficient).toBeCloseTo(0.012, 12)
    expect(fit.exponent).toBeCloseTo(0.65, 12)
    expect(fit.correlation).toBeCloseTo(1, 12)
    expect(fit.exponentInterval95[1] - fit.exponentInterval95[0]).toBeLessThan(1e-9)
  })

  test("three readings, by hand", () => {
    // ln p: 0, 1, 2; ln V: 0, 0.6, 1.4. Mean 1 and 2/3; Sxx 2, Sxy 1.4: n = 0.7. Residuals 1/30, −1/15, 1/30: their squares add up to
    // 0.0066667, the standard error is √(0.0066667/1/2) = 0.057735, times t(0.975, 1) = 12.7062: ± 0.733593. r = 1.4/√(2·0.9866667) = 0.996616.
    const fit = fitLeakage(
      [0, 1, 2].map((x, i) => ({ pressure: Math.exp(x), flow: Math.exp([0, 0.6, 1.4][i]!) })),
      20,
      20,
    )
    expect(fit.exponent).toBeCloseTo(0.7, 12)
    expect(fit.coefficient).toBeCloseTo(Math.exp(2 / 3 - 0.7), 12)
    expect(fit.correlation).toBeCloseTo(0.996616, 6)
    expect(fit.exponentInterval95[1]).toBeCloseTo(0.7 + 0.733593, 4)
  })

  test("cold air that comes in through the leaks passes the fan warm: its flow is less at the leaks", () => {
    const readings = [25, 50, 75].map((pressure) => ({ pressure, flow: 0.01 * pressure ** 0.5 }))
    // 263.15/293.15 = 0.897663; to 20 °C by (293.15/263.15)^0.5 = 1.055467: 0.01·0.897663·1.055467
    expect(fitLeakage(readings, -10, 20).coefficient).toBeCloseTo(0.00947453, 7)
  })
})
