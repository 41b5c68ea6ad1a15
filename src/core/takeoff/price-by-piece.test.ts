import { describe, expect, test } from "@jest/globals"
import type { Style } from "../quantity/measure"
import { parsePrice } from "./price-by-piece"
import type { Material } from "../../schema/material"

const FEET: Style = { units: "inch-pound", currency: "USD" }
const INCH = 0.0254

/** Stuff in sheets of 4 × 8 feet. */
const sheets = (per: Material["price"]["per"], thicknesses: number[]): Pick<Material, "price" | "sold"> => ({
  price: { amount: 1, per },
  sold: { form: "sheet", width: 48 * INCH, length: 96 * INCH, thicknesses },
})

describe("a price as one pays it", () => {
  test("for a sheet: 64 board feet in one of two inches", () => {
    const foam = sheets("m³", [INCH, 2 * INCH])
    // 423.776 board feet in a cubic metre.
    expect(parsePrice('38.40 a sheet of 2"', foam, FEET) / 423.776).toBeCloseTo(38.4 / 64, 5)
    expect(parsePrice("$38.40/sheet of 2 in", foam, FEET)).toBeCloseTo(parsePrice("0.60 $/bd ft", foam, FEET), 6)
    expect(() => parsePrice("38.40 a sheet", foam, FEET)).toThrow("how thick")
  })

  test("where only one thickness is sold it need not be said", () => {
    expect(parsePrice("16 a board", sheets("m³", [0.5 * INCH]), FEET)).toBeCloseTo(parsePrice("1 $/bd ft", sheets("m³", []), FEET), 6)
  })

  test("by the face of a roll, or by what a bag weighs", () => {
    expect(parsePrice("64 per roll", sheets("m²", [0.001]), FEET)).toBeCloseTo(parsePrice("2 $/ft²", sheets("m²", []), FEET), 9)
    expect(parsePrice("16 a bag of 32 lb", sheets("kg", [0.1]), FEET)).toBeCloseTo(0.5 / 0.45359237, 9)
    expect(() => parsePrice("16 a bag", sheets("kg", [0.1]), FEET)).toThrow("weighs")
  })

  test("a plain figure stays one, and what is no money is refused", () => {
    expect(parsePrice("2", sheets("m²", []), FEET)).toBeCloseTo(2 / 0.3048 ** 2, 9)
    expect(() => parsePrice("abc a sheet", sheets("m²", []), FEET)).toThrow("cannot be read")
    expect(() => parsePrice("3 a roll", { ...sheets("m²", []), sold: { ...sheets("m²", []).sold, width: null } }, FEET)).toThrow("how wide")
  })
})
