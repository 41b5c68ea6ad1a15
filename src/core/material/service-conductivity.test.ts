import { describe, expect, test } from "@jest/globals"
import { type Layer, PLAIN_LAYER } from "../../schema/job/build-up"
import { builtLayers } from "../assembly/build-up"
import { inService } from "../assembly/in-service"
import { onCurve } from "../numeric/curve"
import { materialOf } from "./catalogue"
import { serviceConductivity } from "./service-conductivity"

const fresh = { age: 0, relativeHumidity: 0.5 }

describe("conductivity in service", () => {
  test("is the declared one at the declared temperature, new and as damp as it was declared", () => {
    for (const id of ["polyiso", "xps", "stone-wool", "hemp-batt", "birch-plywood"]) {
      const material = materialOf(id)
      expect(serviceConductivity(material, material.conductivity.at, fresh)).toBeCloseTo(material.conductivity.declared, 12)
    }
  })

  test("of blown polyiso rises in the cold: by the record's course, 0.0300 at −10 °C against 0.0250 at 24 °C", () => {
    expect(serviceConductivity(materialOf("polyiso"), -10, fresh)).toBeCloseTo(0.03, 9)
    // Half way between −10 °C and 0 °C.
    expect(serviceConductivity(materialOf("polyiso"), -5, fresh)).toBeCloseTo((0.03 + 0.027) / 2, 9)
  })

  test("goes with age to the aged value at 25 years, the first five years most of it", () => {
    const at = (age: number) => serviceConductivity(materialOf("polyiso"), 24, { age, relativeHumidity: 0.5 })
    expect(at(25)).toBeCloseTo(0.0265, 9)
    expect(at(80)).toBeCloseTo(0.0265, 9)
    // (1 − e⁻¹)/(1 − e⁻⁵) = 0.632121/0.993262 = 0.636409 of the way.
    expect(at(5)).toBeCloseTo(0.025 + 0.636409 * 0.0015, 8)
  })

  test("rises with the water that the stuff holds, by its share of the volume", () => {
    const hemp = materialOf("hemp-batt")
    const held = (humidity: number) => (hemp.conductivity.perMoisture * onCurve(hemp.sorption!, humidity)) / 10
    const damp = serviceConductivity(hemp, hemp.conductivity.at, { age: 0, relativeHumidity: 0.8 })
    expect(damp / hemp.conductivity.declared).toBeCloseTo((1 + held(0.8)) / (1 + held(0.5)), 9)
    expect(damp).toBeGreaterThan(hemp.conductivity.declared)
    // What holds no water does not care.
    expect(serviceConductivity(materialOf("xps"), 10, { age: 0, relativeHumidity: 0.95 })).toBeCloseTo(
      serviceConductivity(materialOf("xps"), 10, fresh),
      12,
    )
  })
})

describe("layers in service", () => {
  const layer: Layer = { material: "polyiso", thickness: 0.1, ...PLAIN_LAYER }
  const built = builtLayers(
    { name: "one", reason: "", absorptance: null, members: {}, layers: { a: layer }, order: ["a"], edge: null },
    () => 0,
  )
  const films = { inside: 0.13, outside: 0.04, direction: "horizontal" } as const

  test("are as declared where nothing else is asked", () => {
    expect(inService(built, null, { inside: 20, outside: -20 }, films)).toEqual(built)
  })

  test("are taken at their own mean temperature, by hand", () => {
    // Films are 0.17 of some 4 m²·K/W: the middle lies half a film's difference towards outdoors of 0 °C. With λ near 0.0272 the layer
    // has 3.68; from −20 °C: (0.04 + 1.84)/(3.85)·40 − 20 = −0.47 °C, where the course says 0.027 + 0.047·0.003 = 0.02714.
    const [one] = inService(built, fresh, { inside: 20, outside: -20 }, films)
    expect(one!.meanTemperature).toBeCloseTo(-0.47, 1)
    expect(one!.conductivity).toBeCloseTo(0.02714, 4)
    expect(one!.declaredResistance).toBe(built[0]!.declaredResistance)
  })
})

test("a curve of straight lines is held at its ends", () => {
  const points = [
    [0, 1],
    [10, 3],
  ] as const
  expect([-5, 0, 5, 10, 20].map((x) => onCurve(points, x))).toEqual([1, 1, 2, 3, 3])
  expect(onCurve([[4, 7]], 100)).toBe(7)
})
