import { describe, expect, test } from "@jest/globals"
import fc from "fast-check"
import { openDoorHeat, openShare, trafficHeat } from "./door-traffic"
import { coolingOf, goodsHeat } from "./goods"
import { hoursThere, isThere, personHeat } from "./people"
import { ventilationFlow } from "./ventilation"

describe("people", () => {
  test("give off what the handbooks say, and more in a cold store the colder it is", () => {
    expect(personHeat("seated", 24)).toEqual({ sensible: 70, latent: 35 })
    // 272 − 6·3
    expect(personHeat("light-work", 3)).toEqual({ sensible: 254, latent: 0 })
    expect(personHeat("light-work", -20).sensible).toBe(392)
    // No less than hard work gives off anywhere.
    expect(personHeat("heavy-work", 3).sensible).toBe(425)
  })

  test("are there between two hours, over midnight too, all day from 0 to 24", () => {
    const hours = (from: number, to: number) => Array.from({ length: 24 }, (_, i) => i + 1).filter((hour) => isThere(hour, from, to))
    expect(hours(7, 10)).toEqual([8, 9, 10])
    expect(hours(22, 6)).toEqual([1, 2, 3, 4, 5, 6, 23, 24])
    expect(hours(0, 24)).toHaveLength(24)
    for (const [from, to] of [
      [7, 10],
      [22, 6],
      [0, 24],
      [8, 8],
    ] as const)
      expect(hours(from, to)).toHaveLength(hoursThere(from, to))
  })

  test("ask for outdoor air each, beside what stands open anyway", () => {
    expect(ventilationFlow({ perPerson: 0.007, always: 0.01, recovery: 0.5 }, 3)).toBeCloseTo(0.031, 12)
  })
})

describe("goods, by hand", () => {
  const roots = { temperature: 20, specificHeat: 3670, freezing: { temperature: -1, latentHeat: 250_000, specificHeat: 1900 } }

  test("cooled above their freezing, frozen, and frozen already", () => {
    expect(coolingOf(roots, 3)).toBe(3670 * 17)
    // 3670·21 + 250000 + 1900·17
    expect(coolingOf(roots, -18)).toBeCloseTo(359_370, 6)
    expect(coolingOf({ ...roots, temperature: -5 }, -18)).toBeCloseTo(1900 * 13, 6)
    expect(coolingOf({ ...roots, temperature: 2 }, 3)).toBe(0)
    expect(coolingOf({ ...roots, freezing: null }, -18)).toBe(3670 * 38)
  })

  test("a hundred kilograms a day, and half a tonne that breathes", () => {
    // 100·3670·17/86400 = 72.21 W; 500·0.018 = 9 W
    expect(goodsHeat({ ...roots, name: "roots", mass: 100, hours: 24, stored: 500, respiration: 0.018 }, 3)).toBeCloseTo(81.21, 2)
  })
})

describe("a door", () => {
  const out = { temperature: 28, vapourPressure: 2345 }
  const room = { temperature: 3, vapourPressure: 644.4 }

  test("that stands open, by hand (Gosney and Olama)", () => {
    // Outdoors W 0.014735, h 65788 J/kg, ρ 1.16190; inside W 0.0039807, h 12996, ρ 1.27521.
    // 0.221·1.9·1.27521·√(0.088856·9.80665·2)·(2/2.031502)^1.5 = 0.6905 kg/s; times 52792 J/kg
    expect(openDoorHeat(1.9, 2, out, room) / 36_453).toBeCloseTo(1, 3)
  })

  test("that is opened eighty times for fifteen seconds in ten hours, behind strips", () => {
    const traffic = { perDay: 80, seconds: 15, guard: "strips" } as const
    // 1200 s of 36000, 0.8 of the flow, strips keep 0.8 of it out
    expect(openShare(traffic, 7, 17)).toBeCloseTo(1 / 30, 12)
    expect(trafficHeat(traffic, 36_000, 7, 17)).toBeCloseTo((36_000 / 30) * 0.8 * 0.2, 9)
    expect(openShare({ ...traffic, perDay: 10_000 }, 7, 17)).toBe(1)
  })

  test("lets nothing through between equal airs, and the same either way for air without water", () => {
    expect(Math.abs(openDoorHeat(2, 2, room, room))).toBe(0)
    const temperature = fc.double({ min: -30, max: 50, noNaN: true })
    fc.assert(
      fc.property(temperature, temperature, (a, b) => {
        const [x, y] = [a, b].map((one) => ({ temperature: one, vapourPressure: 0 })) as [typeof out, typeof out]
        const there = openDoorHeat(2, 2, x, y)
        expect(there).toBeCloseTo(-openDoorHeat(2, 2, y, x), 6)
        expect(Math.sign(there) * Math.sign(a - b)).toBeGreaterThanOrEqual(0)
      }),
    )
  })
})
