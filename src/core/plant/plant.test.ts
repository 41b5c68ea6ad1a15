import { describe, expect, test } from "@jest/globals"
import fc from "fast-check"
import { sum } from "../numeric/sum"
import { autonomy, supplyHours } from "./battery"
import { fuelAmount } from "./fuel"
import { coldestRoom, machineCurves, outputOf } from "./machine"
import { COOLERS, HEATERS } from "./models"
import { panelPower } from "./panel"

describe("a machine by the airs on both sides of it", () => {
  const pump = HEATERS["heat-pump"]!
  const unit = COOLERS["cold-room-unit"]!

  test("goes straight from point to point of its curves; beyond them its output falls on as it fell, and rises no more", () => {
    // Halfway between −15 °C (0.70, 2.1) and −7 °C (0.80, 2.6), room at 20 °C.
    expect(machineCurves(pump)(-11, 20)).toEqual({ output: 0.75, performance: 2.35 })
    // 15 K below −25 °C at 0.015 a kelvin, as from −15 °C to there; at 30 °C as at 15 °C.
    expect(machineCurves(pump)(-40, 20).output).toBeCloseTo(0.55 - 0.225, 9)
    expect(machineCurves(pump)(-40, 20).performance).toBe(1.6)
    expect(machineCurves(pump)(30, 20).output).toBe(1.1)
    // A conditioner made for rooms down to 16 °C has little left at 3 °C: 0.78 less 13 K at 0.02.
    expect(machineCurves(COOLERS["room-conditioner"]!)(35, 3).output).toBeCloseTo(0.52, 9)
    // At 30 °C outdoors 1.06, in a room at 5 °C 1 + 2/7 · 0.24.
    expect(outputOf(unit, 900, 30, 5)).toBeCloseTo(900 * 1.06 * (1 + (2 / 7) * 0.24), 9)
  })

  test("gives its rated output where nothing is said of it, and whatever is asked where no output is", () => {
    expect(outputOf(null, 2000, -30, 20)).toBe(2000)
    expect(outputOf(pump, null, -30, 20)).toBeNull()
  })

  test("tells the coldest room that it is made for", () => {
    expect([coldestRoom(unit), coldestRoom(COOLERS["room-conditioner"]!), coldestRoom(HEATERS["wood-stove"]!)]).toEqual([-5, 16, null])
  })

  test.each([...Object.values(HEATERS), ...Object.values(COOLERS)])(
    "$name is believable: more and better the easier it has it",
    (model) => {
      // Nothing is promised beyond what is told.
      expect(machineCurves(model)(-1000, 20).output).toBeGreaterThanOrEqual(0)
      const cools = Object.values(COOLERS).includes(model)
      model.outdoors.slice(1).forEach((point, i) => {
        const before = model.outdoors[i]!
        expect(point.temperature).toBeGreaterThan(before.temperature)
        expect(Math.sign(point.output - before.output)).toBe(cools ? -1 : 1)
        expect(Math.sign(point.performance - before.performance)).toBe(cools ? -1 : 1)
      })
      // No machine beats a reversible one between 40 °C and the air that it takes the heat from, EN 14511's points or not.
      for (const { temperature, performance } of model.outdoors)
        if (model.energy === "electricity" && performance > 1)
          expect(performance).toBeLessThan(cools ? 283 / (temperature + 15 - 10) : 313 / (40 - temperature))
        else expect(performance).toBeLessThanOrEqual(1)
    },
  )
})

describe("fuel", () => {
  test("by hand: 100 kWh of heat from a heater of 80 % take 12.6 litres of diesel", () => {
    expect(fuelAmount("diesel", (100 * 3.6e6) / 0.8) * 1000).toBeCloseTo(450 / 35.82, 1)
    expect(fuelAmount("wood", 14.8e6)).toBe(1)
    expect(fuelAmount("electricity", 3.6e6)).toBe(3.6e6)
  })
})

describe("a panel", () => {
  test("by hand: in full sun at 25 °C its cells are at 56 °C", () => {
    expect(panelPower(100, 1000, 25)).toBeCloseTo(100 * (1 - 0.004 * 31.25) * 0.9, 9)
    expect(panelPower(100, 0, -20)).toBe(0)
  })
  test("gives more in the cold", () => expect(panelPower(100, 500, -10)).toBeGreaterThan(panelPower(100, 500, 30)))
})

describe("a battery", () => {
  const supply = { battery: 1000, generator: 0, inverter: 0.9 }

  test("by hand: drawn through its inverter, charged with a twentieth lost, spilled when full, missing when empty", () => {
    const [night, day, full] = supplyHours(supply, [0, 200, 500], [90, 90, 0], 2)
    expect(night!.left).toBeCloseTo(1000 - 200, 9)
    // 200 W for 2 s: 200 J go where they are used, the other 200 J into the battery.
    expect(day!.left).toBeCloseTo(800 + 0.95 * 200, 9)
    expect(full!.left).toBe(1000)
    expect(full!.spilled).toBeCloseTo(1000 - 10 / 0.95, 9)
    const dark = supplyHours(supply, [0], [900], 2)[0]!
    expect(dark).toMatchObject({ left: 0 })
    expect(dark.missing).toBeCloseTo(1800 - 900, 9)
  })

  test("a generator starts when it is empty and stops when it is charged to four fifths", () => {
    const long = supplyHours({ ...supply, generator: 300 }, new Array<number>(30).fill(0), new Array<number>(30).fill(90), 1)
    // Empty after ten steps; then 190 J a step more than is used: 0.95 · 200 = 190, five of them to pass 800.
    expect(long.slice(0, 10).every(({ running }) => running === 0)).toBe(true)
    expect(long.slice(10, 15).every(({ running }) => running === 1)).toBe(true)
    expect(long[14]!.left).toBeCloseTo(950, 9)
    expect(long[15]!.running).toBe(0)
  })

  test("loses nothing between its sums, holds no more than it can, and no less than nothing", () => {
    const power = fc.double({ min: 0, max: 2000, noNaN: true })
    fc.assert(
      fc.property(
        fc.array(fc.tuple(power, power), { minLength: 1, maxLength: 60 }),
        fc.constantFrom(0, 100, 1500),
        (entries, generator) => {
          const steps = supplyHours(
            { ...supply, generator },
            entries.map(([made]) => made),
            entries.map(([, used]) => used),
            1,
          )
          const total = (of: (step: (typeof steps)[number]) => number) => sum(steps.map(of))
          const drawn = (total(({ used }) => used) - total(({ missing }) => missing)) / 0.9
          const came = total(({ made }) => made) + total(({ generated }) => generated) - total(({ spilled }) => spilled)
          // What went through the battery lost a twentieth on its way in: between none of it and all.
          const taken = 1000 - steps.at(-1)!.left
          expect(came + taken).toBeGreaterThanOrEqual(drawn - 1e-6)
          expect(came + taken - drawn).toBeLessThanOrEqual(0.05 * came + 1e-6)
          for (const { left, missing, used } of steps) {
            expect(left).toBeGreaterThanOrEqual(-1e-9)
            expect(left).toBeLessThanOrEqual(1000)
            expect(missing).toBeGreaterThanOrEqual(-1e-9)
            expect(missing).toBeLessThanOrEqual(used + 1e-9)
          }
        },
      ),
    )
  })

  test("lasts so long without sun", () => {
    expect(autonomy({ battery: 3.6e6, inverter: 0.9 }, 45)).toBeCloseTo(20 * 3600, 6)
    expect(autonomy(supply, 0)).toBeNull()
  })
})
