import { describe, expect, test } from "@jest/globals"
import { printWithUnit } from "../../../core/quantity/measure"
import { coolerSentence, heaterSentence, warmUpSentence } from "./plant-sentence"

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
