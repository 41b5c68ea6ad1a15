import { expect, test } from "@jest/globals"
import { infiltration, stackCoefficient, windCoefficient } from "./infiltration"

test("leaking air, by hand", () => {
  // 10 changes at 50 Pa of 30 m³ = 0.083333 m³/s; ELA = 0.083333·0.193639·0.387959 = 0.0062603 m²
  // √(0.0145·25 + 0.0174·16) = √0.6409 = 0.800562; flow 0.0050118 m³/s
  const coefficients = { stack: stackCoefficient(2.5), wind: windCoefficient(2.5, 3) }
  const air = infiltration({ flow50: 300 / 3600, ...coefficients, insideTemperature: 20, outsideTemperature: -5, windSpeed: 4 })
  expect(air.leakageArea).toBeCloseTo(0.0062603, 6)
  expect(air.flow).toBeCloseTo(0.0050118, 6)
})

test("the handbook's coefficients of two and three storeys, to its digits (ASHRAE Fundamentals 2017, ch. 16, tables 4 and 6)", () => {
  expect([2.5, 5, 7.5].map((height) => Math.round(stackCoefficient(height) * 1e4) / 1e4)).toEqual([0.0145, 0.029, 0.0435])
  expect(Math.abs(windCoefficient(5, 1) - 0.042)).toBeLessThan(5e-4)
  expect(Math.abs(windCoefficient(7.5, 3) - 0.0271)).toBeLessThan(5e-4)
})
