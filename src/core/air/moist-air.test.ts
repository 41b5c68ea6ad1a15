import { describe, expect, test } from "@jest/globals"
import fc from "fast-check"
import psychrolib from "psychrolib"
import { dewPoint } from "./dew-point"
import { saturationPressure } from "./saturation-pressure"
import { moistAir } from "./moist-air"

psychrolib.SetUnitSystem(psychrolib.SI)

describe("saturation pressure", () => {
  test.each([
    // ASHRAE Fundamentals 2017, ch. 1, table 3, printed to these digits.
    { t: -40, pascal: 12.85, digits: 0.005 },
    { t: -10, pascal: 259.9, digits: 0.05 },
    { t: 0, pascal: 611.2, digits: 0.1 },
    { t: 20, pascal: 2338.8, digits: 0.1 },
    { t: 60, pascal: 19_943, digits: 2 },
    // IAPWS-95: boiling at one atmosphere, 99.974 °C.
    { t: 99.974, pascal: 101_325, digits: 101 },
  ])("is $pascal Pa at $t °C", ({ t, pascal, digits }) => {
    expect(Math.abs(saturationPressure(t) - pascal)).toBeLessThan(digits)
  })

  test("is refused outside the fits", () => {
    expect(() => saturationPressure(-101)).toThrow("between -100 and 200")
    expect(() => saturationPressure(Number.NaN)).toThrow()
  })

  test("rises with temperature, and the dew point takes it back", () => {
    fc.assert(
      fc.property(fc.double({ min: -90, max: 190, noNaN: true }), (t) => {
        expect(saturationPressure(t + 0.5)).toBeGreaterThan(saturationPressure(t))
        expect(Math.abs(dewPoint(saturationPressure(t))! - t)).toBeLessThan(1e-6)
      }),
    )
  })
})

describe("moist air", () => {
  const pressure = 101_325

  test("agrees with an independent psychrometric library within 0.1 %", () => {
    for (const temperature of [-30, -10, 0.5, 5, 20, 35, 50])
      for (const relativeHumidity of [0.1, 0.5, 0.9, 1]) {
        const air = moistAir({ temperature, relativeHumidity, pressure })
        const vapour = psychrolib.GetVapPresFromRelHum(temperature, relativeHumidity)
        const ratio = psychrolib.GetHumRatioFromVapPres(vapour, pressure)
        expect(air.vapourPressure / vapour).toBeCloseTo(1, 3)
        expect(air.humidityRatio / ratio).toBeCloseTo(1, 3)
        expect(air.density / psychrolib.GetMoistAirDensity(temperature, ratio, pressure)).toBeCloseTo(1, 3)
        expect(Math.abs(air.enthalpy - psychrolib.GetMoistAirEnthalpy(temperature, ratio))).toBeLessThan(
          Math.max(30, 0.001 * Math.abs(air.enthalpy)),
        )
        expect(Math.abs(air.dewPoint! - psychrolib.GetTDewPointFromVapPres(temperature, vapour))).toBeLessThan(0.02)
      }
  })

  test("gives the same state from each measure of humidity", () => {
    const air = moistAir({ temperature: 18, relativeHumidity: 0.5, pressure })
    for (const given of [{ dewPoint: air.dewPoint! }, { vapourPressure: air.vapourPressure }])
      expect(moistAir({ temperature: 18, pressure, ...given }).relativeHumidity).toBeCloseTo(0.5, 9)
  })

  test("refuses what cannot be, and names the field", () => {
    expect(() => moistAir({ temperature: 10, dewPoint: 12, pressure })).toThrow("dewPoint is above saturation")
    expect(() => moistAir({ temperature: 10, vapourPressure: 5000, pressure })).toThrow("vapourPressure is above saturation")
    expect(() => moistAir({ temperature: 150, relativeHumidity: 1, pressure })).toThrow("reaches the air pressure")
  })

  test("has no dew point without vapour", () => {
    expect(moistAir({ temperature: 10, relativeHumidity: 0, pressure }).dewPoint).toBeNull()
  })

  test("the dew point is where saturation gives the pressure, over ice and over water, and has a figure however dry the air is", () => {
    for (let temperature = -100; temperature <= 200; temperature += 0.37)
      expect(dewPoint(saturationPressure(temperature))).toBeCloseTo(temperature, 9)
    const dry = [5e-324, 1e-300, 1e-100, 1e-20, 1e-6].map((pressure) => dewPoint(pressure)!)
    expect(dry).toEqual([...dry].sort((a, b) => a - b))
    expect(dry[0]).toBeGreaterThan(-273.15)
  })
})
