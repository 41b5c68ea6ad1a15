import { expect, test } from "@jest/globals"
import { freezing } from "./freezing"

test("a canister of ten litres at −10 °C, by hand", () => {
  // 10·4186/0.5 = 83,720 s, times ln(20/10) = 0.693147: 58,030 s; freezing 10·333,550/(0.5·10) = 667,100 s more.
  const { toFreezing, toSolid, heaterNeeded } = freezing({ mass: 10, temperature: 10, ambient: -10, conductance: 0.5, heater: 0 })
  expect(toFreezing).toBeCloseTo(58_030.3, 0)
  expect(toSolid! - toFreezing!).toBeCloseTo(667_100, 6)
  expect(heaterNeeded).toBe(5)
})

test("the heater that is needed just holds it, a little less does not", () => {
  const water = { mass: 10, temperature: 4, ambient: -10, conductance: 0.5 }
  expect(freezing({ ...water, heater: 5 }).toFreezing).toBeNull()
  expect(freezing({ ...water, heater: 4.9 }).toSolid).toBeGreaterThan(0)
  // Water at 0 °C begins to freeze at once.
  expect(freezing({ ...water, temperature: 0, heater: 0 }).toFreezing).toBe(0)
})
