import { describe, expect, test } from "@jest/globals"
import { type Rates, stiffStep } from "./stiff"

/** Goes in equal steps. */
function walk(rates: Rates, y: number[], until: number, steps: number): Float64Array {
  let at: Float64Array = Float64Array.from(y)
  for (let k = 0; k < steps; k++) at = stiffStep(rates, (k * until) / steps, at, until / steps).y
  return at
}

describe("a stiff step", () => {
  test("follows an exponential, and half the step brings some thirty times less error", () => {
    const rates: Rates = (_, y, out) => void (out[0] = -y[0]!)
    const errors = [8, 16].map((steps) => Math.abs(walk(rates, [1], 2, steps)[0]! - Math.exp(-2)))
    expect(errors[0]).toBeLessThan(1e-6)
    expect(errors[0]! / errors[1]!).toBeGreaterThan(16)
  })

  test("what changes with time too: y' = −y + sin t", () => {
    // y = (e^−t·3 + sin t − cos t)/2 from y(0) = 1
    const rates: Rates = (t, y, out) => void (out[0] = -y[0]! + Math.sin(t))
    expect(walk(rates, [1], 3, 30)[0]).toBeCloseTo((3 * Math.exp(-3) + Math.sin(3) - Math.cos(3)) / 2, 7)
  })

  test("a part that is a million times faster is damped, and spoils nothing", () => {
    // y₁ comes to y₂ at once; y₂ falls as e^−t.
    const rates: Rates = (_, y, out) => {
      out[0] = 1e6 * (y[1]! - y[0]!)
      out[1] = -y[1]!
    }
    const [fast, slow] = walk(rates, [50, 1], 1, 10)
    expect(slow).toBeCloseTo(Math.exp(-1), 7)
    expect(fast).toBeCloseTo(Math.exp(-1), 5)
  })

  test("tells how far it may be off", () => {
    const rates: Rates = (_, y, out) => void (out[0] = -(y[0]! ** 3))
    // y = 1/√(1 + 2t)
    const { y, error } = stiffStep(rates, 0, Float64Array.of(1), 0.2)
    expect(Math.abs(y[0]! - 1 / Math.sqrt(1.4))).toBeLessThan(2 * error[0]!)
    expect(error[0]).toBeLessThan(1e-3)
  })
})
