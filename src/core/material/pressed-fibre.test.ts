import { massOfLayers, priceOfLayers } from "../takeoff/content"
import { sketch } from "../../../tests/fixtures/layers"
import { describe, expect, test } from "@jest/globals"
import { builtLayers } from "../assembly/build-up"
import { materialOf } from "./catalogue"
import { pressedConductivity } from "./pressed-fibre"

const glass = { ...materialOf("glass-wool"), density: 16, conductivity: { ...materialOf("glass-wool").conductivity, declared: 0.038 } }

describe("pressed fibre", () => {
  test("by hand: still air 0.0249, fibres 7e-5 a kilogram, and what is left as radiation", () => {
    // 16 kg/m³: radiation 0.038 − 0.0249 − 0.00112 = 0.01198; at 32: 0.0249 + 0.00224 + 0.00599 = 0.03313
    expect(pressedConductivity(glass, 2)).toBeCloseTo(0.03313, 9)
    // 64: 0.0249 + 0.00448 + 0.002995 = 0.032375
    expect(pressedConductivity(glass, 4)).toBeCloseTo(0.032375, 9)
    expect(pressedConductivity(glass, 1)).toBe(0.038)
  })

  test("gives less than its label, but more than the label times the ratio", () => {
    const [pressed] = builtLayers(sketch("one", [["glass-wool", 0.06, { loose: 0.09 }]]), () => 0)
    const { declared } = materialOf("glass-wool").conductivity
    expect(pressed!.declaredResistance).toBeCloseTo(0.09 / declared, 9)
    expect(0.06 / pressed!.declared).toBeLessThan(pressed!.declaredResistance!)
    expect(0.06 / pressed!.declared).toBeGreaterThan((pressed!.declaredResistance! * 0.06) / 0.09)
  })

  test("weighs and costs what was bought; foam is not pressed", () => {
    const [pressed] = builtLayers(sketch("one", [["glass-wool", 0.06, { loose: 0.09 }]]), () => 0)
    const [bought] = builtLayers(sketch("one", [["glass-wool", 0.09]]), () => 0)
    expect([massOfLayers([pressed!]), priceOfLayers([pressed!])]).toEqual([massOfLayers([bought!]), priceOfLayers([bought!])])
    const [foam] = builtLayers(sketch("one", [["xps", 0.06, { loose: 0.09 }]]), () => 0)
    expect(foam!.declared).toBe(materialOf("xps").conductivity.declared)
  })
})
