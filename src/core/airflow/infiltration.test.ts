import { expect, test } from "@jest/globals"
import { infiltration } from "./infiltration"

test("leaking air, by hand", () => {
  // 10 changes at 50 Pa of 30 m³ = 0.083333 m³/s; ELA = 0.083333·0.193639·0.387959 = 0.0062603 m²
  // √(0.0145·25 + 0.0174·16) = √0.6409 = 0.800562; flow 0.0050118 m³/s = 0.60141 changes
  const air = infiltration({ ach50: 10, volume: 30, height: 2.5, shelter: 3, insideTemperature: 20, outsideTemperature: -5, windSpeed: 4 })
  expect(air.leakageArea).toBeCloseTo(0.0062603, 6)
  expect(air.ach).toBeCloseTo(0.6014, 3)
})
