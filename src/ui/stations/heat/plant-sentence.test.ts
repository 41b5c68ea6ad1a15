import { describe, expect, test } from "@jest/globals"
import { printWithUnit } from "../../../core/quantity/measure"
import type { YearFigures } from "../../../core/hourly/year"
import { HEATERS } from "../../../core/plant/models"
import { coolerSentence, freezingSentence, heaterSentence, takenSentences, warmUpSentence } from "./plant-sentence"

const write = (kind: Parameters<typeof printWithUnit>[0], value: number) =>
  printWithUnit(kind, value, { units: "metric", currency: "EUR" }).replace(/[\u00a0\u202f]/g, " ")

describe("whether the plant is enough", () => {
  const heater = (asked: number, capacity: number | null) => heaterSentence({ asked, capacity, held: 18, write })
  const cooler = (asked: number, capacity: number | null, hottest = asked) => coolerSentence({ asked, capacity, held: 3, write }, hottest)

  test("is said of a heater: none needed, none said, short, enough, far too large", () => {
    expect(heater(-5, 1000)).toContain("no heater")
    expect(heater(900, null)).toContain("must give 900 W")
    expect(heater(2100, 2000)).toContain("100 W short")
    expect(heater(1500, 2000)).toContain("holds 18 °C on the worst night, with 500 W to spare")
    expect(heater(1000, 4000)).toContain("4.0 times")
  })

  test("is said of a heater that brings the room back: enough, too slow, none said", () => {
    const back = (capacity: number | null, asked: number, hours: number) =>
      heaterSentence({ asked: 1500, capacity, held: 18, write }, { asked, hours })
    expect(back(4000, 3000, 3)).toBe("The heater holds 18 °C on the worst night, with 1 000 W to spare as it warms up in 3 hours.")
    expect(back(2000, 3000, 3)).toContain("but to warm up to 18 °C in 3 hours it would have to give 3 000 W: it gives 2 000 W")
    expect(back(null, 3000, 1)).toContain("1 500 W on the worst night, and 3 000 W to warm up to 18 °C in an hour")
    expect(back(2000, 3000, 0)).toContain("to warm up to 18 °C at once")
    // Where holding asks for more than coming back, it is held that counts.
    expect(back(1600, 1200, 3)).toContain("with 100 W to spare.")
  })

  test("says what is taken of fuel in a year, of a machine that is known", () => {
    const year = { taken: [{ heating: 3.6e9, cooling: 0 }], fans: 3.6e7, below: { heating: 0, cooling: 0 } } as unknown as YearFigures
    const heater = { setpoint: 18, capacity: 2000, machine: HEATERS["diesel-air-heater"]! }
    // 1000 kWh at 9.9504 kWh a litre: 100.498.
    expect(takenSentences({ heater, cooler: null }, year, write)).toEqual([
      "Diesel air heater: 100 L of diesel a year.",
      "Fans and pumps: 10 kWh of electricity.",
    ])
    expect(takenSentences({ heater, cooler: null }, { ...year, below: { heating: 700, cooling: 0 } }, write)[0]).toBe(
      "Diesel air heater: 100 L of diesel a year; it goes on and off in 700 hours, asked for less than it can run down to.",
    )
    expect(takenSentences({ heater: { ...heater, machine: null }, cooler: null }, { ...year, fans: 0 }, write)).toEqual([])
  })

  test("says how long water holds out", () => {
    const held = { toFreezing: 7200, toSolid: 10 * 86_400, heaterNeeded: 12 }
    expect(freezingSentence(held, "tank", write)).toBe(
      "The tank begins to freeze after about 2 h and is solid after 10 days; 12 W of heat in it keep it from freezing.",
    )
    expect(freezingSentence({ toFreezing: null, toSolid: null, heaterNeeded: 0 }, "pipe", write)).toBe("It does not freeze.")
  })

  test("is said of a cold start: minutes, hours, a day and more, never", () => {
    const start = (time: number | null) => warmUpSentence({ time, reached: 12 }, 18, write)
    expect(start(2400)).toContain("about 40 min to come to 18 °C")
    expect(start(7200)).toContain("about 2 h to")
    expect(start(13_800)).toContain("about 3 h 50 min to")
    expect(start(118_800)).toContain("about 33 hours to")
    expect(start(null)).toContain("by then it is 12 °C")
  })

  test("is said of a cooler likewise, with how long it runs in the hottest hour", () => {
    expect(cooler(0, 900)).toContain("No hour")
    expect(cooler(700, null)).toContain("must take out 700 W to hold 3 °C")
    expect(cooler(1000, 900)).toContain("100 W short")
    // 720 of 900 W: 48 minutes
    expect(cooler(792, 900, 720)).toContain("48 minutes of the hottest hour")
    expect(cooler(300, 900)).toContain("short bursts")
  })
})
