import { describe, expect, test } from "@jest/globals"
import fc from "fast-check"
import { dressedSize, INCH, parseLength, parseLengths, printLength } from "./length"
import { type Kind, type Style, parseQuantity, printQuantity, printWithUnit } from "./measure"
import { UNIT_SYSTEMS } from "./unit-system"

const METRIC: Style = { units: "metric", currency: "EUR" }
const FEET: Style = { units: "inch-pound", currency: "USD" }

const inches = (value: number) => value * INCH

describe("lengths as people write them", () => {
  test.each([
    ['1 1/2"', inches(1.5)],
    ["5' 10 3/4\"", inches(70.75)],
    ["5'-10 3/4\"", inches(70.75)],
    ["5′ 10¾″", inches(70.75)],
    ["70 1/4", inches(70.25)],
    ["3/4", inches(0.75)],
    ["2x6", inches(5.5)],
    ["2 × 4", inches(3.5)],
    ["10' 10\"", inches(130)],
    ["6 ft 3 in", inches(75)],
    ["8' - 3/4\"", inches(95.25)],
    ['8\' + 3/4" - 1 1/4"', inches(95.5)],
    // As on a site: eleven feet six is 138 inches.
    ["11-6", inches(138)],
    ['11-6"', inches(138)],
    ["11' - 6", inches(138)],
    ["11' - 6\"", inches(138)],
    ["11ft 6", inches(138)],
    ["11ft6", inches(138)],
    ["11 ft. 6 in.", inches(138)],
    ["11.5'", inches(138)],
    ["11-6 1/2", inches(138.5)],
    ["5-10 3/4", inches(70.75)],
    ["5-10-3/4", inches(70.75)],
    ["5' - 0 3/4\"", inches(60.75)],
    ["11-6 - 2 1/2", inches(135.5)],
    ["10-3/4", inches(10.75)],
    ["8' - 14\"", inches(82)],
    ["8' - 20 mm", 96 * INCH - 0.02],
    ["38 mm", 0.038],
    ["3.2 m", 3.2],
    ["3,2 m", 3.2],
    ["12 cm", 0.12],
    ["1 796 mm", 1.796],
    ["1 m 20 cm", 1.2],
    ["2.4 m - 18", 2.382],
    ["-5 mm", -0.005],
  ])("%s", (text, metres) => {
    for (const system of UNIT_SYSTEMS) expect(parseLength(text, system)).toBeCloseTo(metres, 9)
  })

  test("a bare number follows the system", () => {
    expect(parseLength("38", "metric")).toBeCloseTo(0.038, 12)
    expect(parseLength("38", "inch-pound")).toBeCloseTo(inches(38), 12)
  })

  test.each(["", "wide", "5 apples", "3 m 4 m 5", "1/", "--2", "5' 3 m", "1e5", "2x", "NaN", "2 - ", "3 m-18", "8 -3", "8- 3"])(
    "%p is refused with a hint",
    (text) => {
      expect(() => parseLength(text, "metric")).toThrow(/not a length|cannot be read/)
    },
  )

  test("a difference without its spaces is told how it is written", () => {
    expect(() => parseLength("120-18", "metric")).toThrow("120 - 18")
    expect(parseLength("120 - 18", "metric")).toBeCloseTo(0.102, 12)
  })

  test("what can be read in two ways is refused", () => {
    expect(() => parseLength("1,250 mm", "metric")).toThrow("two ways")
    expect(() => parseLength("2x7", "metric")).toThrow("no 2x7")
  })

  test("lengths called out along a wall come sorted", () => {
    expect(parseLengths("680; 120;1,2 m", "metric").map((one) => Math.round(one * 1000))).toEqual([120, 680, 1200])
    expect(parseLengths(" ; ", "metric")).toEqual([])
    expect(() => parseLengths("120; far", "metric")).toThrow("far")
  })

  test("dressed sizes of PS 20, table 3", () => {
    expect(dressedSize(2, 10)).toEqual({ thickness: expect.closeTo(inches(1.5), 12), depth: expect.closeTo(inches(9.25), 12) })
    expect(dressedSize(1, 6).thickness).toBeCloseTo(inches(0.75), 12)
  })

  test("printing and reading goes round within half the finest mark", () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 60, noNaN: true }), fc.constantFrom(...UNIT_SYSTEMS), (metres, system) => {
        const { text, unit } = printLength(metres, system)
        const finest = system === "metric" ? (metres < 0.1 ? 0.0001 : 0.001) : metres < inches(0.25) ? inches(0.001) : inches(1 / 16)
        expect(Math.abs(parseLength(`${text} ${unit}`, system) - metres)).toBeLessThanOrEqual(finest / 2 + 1e-9)
      }),
    )
  })

  test("printed as on a tape", () => {
    expect(printLength(inches(70.75), "inch-pound").text).toBe("5' 10 3/4\"")
    expect(printLength(inches(12), "inch-pound").text).toBe("1'")
    expect(printLength(0, "inch-pound").text).toBe('0"')
    expect(printLength(1.7964, "metric")).toEqual({ text: "1\u00a0796", unit: "mm" })
    expect(printLength(0.0065, "metric").text).toBe("6.5")
    expect(printLength(0.0009, "inch-pound").text).toBe('0.035"')
  })
})

describe("other quantities", () => {
  test.each<[Kind, string, number]>([
    ["temperature", "68 F", 20],
    ["temperature", "-40 °F", -40],
    ["temperature", "18", 18],
    // 1 h·ft²·°F/Btu = 0.1761 m²·K/W (NIST SP 811): R-13 = 2.289
    ["resistance", "R-13", 2.289],
    ["resistance", "RSI 2.3", 2.3],
    ["resistance", "2.3", 2.3],
    ["area", "100 sq ft", 9.290304],
    ["mass", "100 lb", 45.359237],
    ["power", "1.5 kW", 1500],
    ["power", "10000 Btu/h", 2930.7107],
    ["percent", "50 %", 0.5],
    ["speed", "36 km/h", 10],
  ])("%s: %s", (kind, text, value) => {
    expect(parseQuantity(kind, text, METRIC)).toBeCloseTo(value, 3)
  })

  test("vapour in metres or in perms, stuff by μ or perm-inches", () => {
    // 1 perm = 5.721e-11 kg/(s·m²·Pa) (ASTM E96): air of 1 m passes 2e-10 / 5.721e-11 = 3.496 perm; an inch of μ 1 137.6 perm.
    expect(printWithUnit("vapourResistance", 1, FEET)).toBe("3.5\u00a0perm")
    expect(printWithUnit("vapourResistance", 50, FEET)).toBe("0.07\u00a0perm")
    expect(printWithUnit("vapourResistance", 50, METRIC)).toBe("50\u00a0m")
    expect(parseQuantity("vapourResistance", "1 perm", METRIC)).toBeCloseTo(3.4957, 3)
    expect(parseQuantity("vapourFactor", "1.4", FEET)).toBeCloseTo(98.3, 1)
    expect(() => parseQuantity("vapourResistance", "0 perm", FEET)).toThrow("more than nothing")
  })

  test("an inch of foam by its R", () => {
    // 0.144228 / 0.0288 = 5.008
    expect(printWithUnit("conductivity", 0.0288, FEET)).toBe("5.01\u00a0R an inch")
    expect(parseQuantity("conductivity", "5", FEET)).toBeCloseTo(0.028846, 6)
    expect(parseQuantity("conductivity", "5 R/in", METRIC)).toBeCloseTo(0.028846, 6)
  })

  test("money in the job's currency, before or behind, and nothing converted", () => {
    expect(printWithUnit("money", 1200, FEET)).toBe("$1,200")
    expect(printWithUnit("money", -35, FEET)).toBe("−$35")
    expect(printWithUnit("money", 1200, METRIC)).toBe("1\u00a0200\u00a0€")
    expect(printWithUnit("arealMoney", 10.7639, FEET)).toBe("$1.00/ft²")
    // A board foot is 1/12 ft³: 423.776 of them in a cubic metre.
    expect(printWithUnit("boardPrice", 423.776, FEET)).toBe("$1/bd ft")
    expect(parseQuantity("money", "$1200", FEET)).toBe(1200)
    expect(parseQuantity("money", "1200 USD", FEET)).toBe(1200)
    expect(parseQuantity("energyPrice", "0.25 €/kWh", METRIC)).toBeCloseTo(0.25 / 3.6e6, 12)
    expect(() => parseQuantity("money", "€1200", FEET)).toThrow("cannot be read")
  })

  test("a fuel is metered in kWh or in therms", () => {
    // 100,000 Btu (IT) are 105.505585 MJ (NIST SP 811).
    expect(printWithUnit("fuel", 10 * 105.505585e6, FEET)).toBe("10\u00a0therms")
    expect(printWithUnit("fuel", 3.6e9, METRIC)).toBe("1\u00a0000\u00a0kWh")
  })

  test("thousands by a space, or by the comma of those who build in feet", () => {
    expect(printQuantity("power", 12_345, { units: "metric", currency: "EUR" }).text).toBe("12\u00a0345")
    // 1 Btu/h is 0.29307107 W (NIST SP 811): 12,345 W are 42,122.9.
    expect(printQuantity("power", 12_345, FEET).text).toBe("42,123")
    expect(parseQuantity("power", "42,123", FEET)).toBeCloseTo(42_123 * 0.29307107, 2)
    expect(parseQuantity("power", "1,234,567 Btu/h", FEET)).toBeCloseTo(1_234_567 * 0.29307107, 1)
    expect(parseQuantity("power", "1,234.5", FEET)).toBeCloseTo(1234.5 * 0.29307107, 4)
    // Other commas are decimal marks there too.
    expect(parseQuantity("massPrice", "0,125", FEET)).toBeCloseTo(0.125 / 0.45359237, 9)
    expect(parseQuantity("massPrice", "1,25", FEET)).toBeCloseTo(1.25 / 0.45359237, 9)
  })

  test("are refused with an example", () => {
    expect(() => parseQuantity("temperature", "warm", METRIC)).toThrow("write 18 °C or 65 °F")
    expect(() => parseQuantity("mass", "3 m", METRIC)).toThrow("write 320 kg")
  })

  test("go round in both systems", () => {
    const kinds: Kind[] = ["temperature", "resistance", "transmittance", "area", "mass", "arealMass", "power", "percent", "volume", "speed"]
    fc.assert(
      fc.property(
        fc.constantFrom(...kinds),
        fc.constantFrom(METRIC, FEET),
        fc.double({ min: 0, max: 5000, noNaN: true }),
        (kind, style, value) => {
          const { text, unit } = printQuantity(kind, value, style)
          const read = parseQuantity(kind, `${text} ${unit}`, style)
          // Half of the last printed digit, in SI; the coarsest is 1 W, 1 lb or 1 ft³.
          expect(Math.abs(read - value)).toBeLessThanOrEqual(0.51)
          expect(printWithUnit(kind, read, style)).toBe(printWithUnit(kind, value, style))
        },
      ),
    )
  })
})
