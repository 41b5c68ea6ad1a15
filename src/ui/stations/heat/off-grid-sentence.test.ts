import { describe, expect, test } from "@jest/globals"
import { printWithUnit } from "../../../core/quantity/measure"
import { type MonthPower, offGridYear, sparedBy } from "../../../core/plant/off-grid-year"
import type { OffGrid } from "../../../schema/job/plant"
import { monthsWords, offGridSentences } from "./off-grid-sentence"

const write = (kind: Parameters<typeof printWithUnit>[0], value: number) =>
  printWithUnit(kind, value, { units: "metric", currency: "EUR" }).replace(/[\u00a0\u202f]/g, " ")

const KWH = 3.6e6
const supply: OffGrid = { battery: 2 * KWH, panel: 300, tilt: 0, azimuth: 180, generator: 0, inverter: 1, appliances: 0 }
/** A year that takes a kilowatt hour a day; the panel makes so many a day in winter and in summer. */
const year = (winter: number, summer: number): MonthPower[] =>
  [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31].map((days, i) => ({
    ...{
      made: days * KWH * (i > 2 && i < 9 ? summer : winter),
      used: days * KWH,
      generated: 0,
      missing: 0,
      running: 0,
      dark: i === 0 ? 5 : 0,
    },
  }))

describe("whether battery and panel hold, by hand", () => {
  test("a winter in which the panel makes a half of what is used", () => {
    const words = offGridSentences(offGridYear(year(0.5, 2), supply), false, write)
    expect(words[0]).toBe("A day in January takes 1 kWh and the panel makes 0.5 kWh: without sun the battery lasts 48 hours.")
    expect(words[1]).toBe("The panel makes what is used in April to September; to carry January alone it would have to be of 600 W.")
    expect(words.at(-1)).toBe("Power is missing in 5 hours of the year.")
  })

  test("every month carried, and nothing used", () => {
    expect(offGridSentences(offGridYear(year(1, 2), supply), false, write)).toContain("The panel makes what is used in every month.")
    const idle = year(1, 1).map((month) => ({ ...month, used: 0 }))
    expect(offGridSentences(offGridYear(idle, supply), false, write)[0]).toBe("Nothing is used of the battery.")
  })

  test("a fifth of a kilowatt hour a day less spares two days of it in the battery, and so much panel", () => {
    const spared = sparedBy(0.2 * KWH, offGridYear(year(0.5, 2), supply), supply)
    expect(spared.battery / KWH).toBeCloseTo(0.4, 9)
    // 400 Wh at 105 Wh/kg; 300 W · 0.2/0.5 at 205 W/m².
    expect(spared.mass).toBeCloseTo(400 / 105, 9)
    expect(spared.area).toBeCloseTo(120 / 205, 9)
    expect(spared.money).toBeCloseTo(0.4 * 380 + 120 * 0.9, 6)
  })

  test.each([
    ["", "no month"],
    ["4", "May"],
    ["45", "May and June"],
    ["3456", "April to July"],
    ["ab01", "November to February"],
    ["04", "January, May"],
  ])("months in words: %s are %s", (carried, words) => {
    expect(monthsWords(Array.from({ length: 12 }, (_, i) => carried.includes(i.toString(16))))).toBe(words)
  })
})
