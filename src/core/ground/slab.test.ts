import { describe, expect, test } from "@jest/globals"
import { GroundInput } from "../../schema/ground"
import { SOIL_CONDUCTIVITY, slabOnGround } from "./slab"

describe("slab on ground, ISO 13370:2017, by hand", () => {
  const floor = { area: 100, perimeter: 40, wallThickness: 0.3, soilConductivity: 2, rsi: 0.17, rse: 0.04 }

  test("bare", () => {
    // B' = 5; dt = 0.3 + 2·0.21 = 0.72; U = 4/(π·5 + 0.72)·ln(π·5/0.72 + 1) = 4/16.42796·ln 22.81662 = 0.243487·3.127489 = 0.761503
    const bare = slabOnGround({ ...floor, floorResistance: 0 })
    expect(bare.characteristicDimension).toBe(5)
    expect(bare.equivalentThickness).toBeCloseTo(0.72, 12)
    expect(bare.uValue).toBeCloseTo(0.7615, 4)
  })

  test("well insulated", () => {
    // R 4: dt = 0.3 + 2·4.21 = 8.72 ≥ B': U = 2/(0.457·5 + 8.72) = 0.181736
    expect(slabOnGround({ ...floor, floorResistance: 4 }).uValue).toBeCloseTo(0.181736, 6)
  })

  test("with edge insulation upright, 0.6 m deep, 50 mm of 0.035", () => {
    // d' = 2(0.05/0.035 − 0.05/2) = 2.807143; 2D = 1.2; ψ = −2/π·(ln(1.2/0.72 + 1) − ln(1.2/3.527143 + 1)) = −0.63662·(0.980829 − 0.292859) = −0.437976
    const edged = slabOnGround({
      ...floor,
      floorResistance: 0,
      edge: { kind: "vertical", depthOrWidth: 0.6, thickness: 0.05, conductivity: 0.035 },
    })
    expect(edged.edgeTransmittance).toBeCloseTo(-0.43798, 4)
    expect(edged.heatTransferCoefficient).toBeCloseTo(100 * edged.uValue + 40 * edged.edgeTransmittance, 9)
  })
})

test("soil is the same for a job as for who asks without saying", () => {
  expect(GroundInput.parse({ area: 1, perimeter: 4, wallThickness: 0.3, floorResistance: 1 }).soilConductivity).toBe(SOIL_CONDUCTIVITY)
})
