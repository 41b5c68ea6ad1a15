import { describe, expect, test } from "@jest/globals"
import { demo } from "../../../tests/fixtures/jobs"
import { pullDown } from "../dynamic/pull-down"
import { activeState } from "../enclosure/job-state"
import { ledgerOf } from "../ledger/ledger"
import { coolDown } from "./cool-down"
import type { YearModel } from "./year-model"

const nettle = ledgerOf(activeState(demo("Cold Nettle")))
const { conditions } = nettle
const { model } = nettle.year
const asked = { start: 28, water: 400, doorOpen: 600 }

/** A room of walls that store nothing, in a shed of one temperature, with nobody inside. */
const outdoors = { inside: 0, outdoors: 1, fixed: 0 }
const none = { inside: 0, outdoors: 0, fixed: 0 }
const nobody = { there: 0, water: 0, lying: 0 }
const plain: YearModel = {
  ...model,
  faces: [
    {
      area: 20,
      layers: [{ resistance: 2.33 }],
      rsi: 0.13,
      rse: 0.04,
      beyond: { winter: outdoors, summer: outdoors },
      space: null,
      sun: null,
    },
  ],
  glass: [],
  beside: { winter: none, summer: none },
  leaks: { flow50: 0, stack: 0, wind: 0, from: null },
  ventilation: { flow: 0, recovery: 0 },
  doors: [],
  gains: { winter: nobody, summer: nobody },
  volume: 10,
  capacity: 50_000,
  cooler: { setpoint: 3, capacity: 900, machine: null },
}
const even = {
  ...conditions,
  station: { ...conditions.station, summer: { ...conditions.station.summer, dailyRange: 0 } },
  summer: { ...conditions.summer, outside: { temperature: 28, relativeHumidity: 0.5 } },
}

describe("a room that is cooled down", () => {
  test.each([200, 800])("with %d kg of water goes as air and a lump of water do by their own equations", (water) => {
    const here = coolDown(plain, even, { start: 28, water, doorOpen: 0 })
    const there = (setpoint: number) =>
      pullDown(
        {
          ...{ conductance: 8, volume: 10, airChanges: 0, outside: [[0, 28]], outsideRelativeHumidity: null },
          ...{ structureCapacity: 50_000, start: 28, setpoint, capacity: [[0, -900]], otherGains: 0 },
          contents: [{ mass: water, specificHeat: 4186, temperature: 28, area: (water / 200) * 2, filmCoefficient: 8 }],
        },
        6 * 86_400,
        [1800],
        1,
      )
    // The air is as cold as it is to be within a tenth of a kelvin.
    const [reached, held] = [there(3.1), there(3)]
    // Told to the step of five minutes here.
    expect(Math.abs(here.air! - reached.reachesSetpoint!)).toBeLessThan(300 + 0.01 * reached.reachesSetpoint!)
    expect(Math.abs(here.water! - held.contentsReach!)).toBeLessThan(300 + 0.01 * held.contentsReach!)
    expect(here.soon).toBeCloseTo(held.curve[0]!.air, 0)
  })

  test("takes longer the more water stands in it and the warmer it begins, and less the stronger the cooler", () => {
    const time = (change: Partial<typeof asked>, capacity = 900) =>
      coolDown({ ...model, cooler: { setpoint: 3, capacity, machine: null } }, conditions, { ...asked, ...change }).air ?? Infinity
    expect(time({ water: 1000 })).toBeGreaterThan(time({}))
    expect(time({ start: 35 })).toBeGreaterThan(time({}))
    expect(time({}, 2000)).toBeLessThan(time({}))
    expect(coolDown({ ...model, cooler: { setpoint: 3, capacity: 200, machine: null } }, conditions, asked).air).toBeNull()
  })

  test("falls fast at first, which is little but air, and slowly after", () => {
    const { soon, air, curve } = coolDown(model, conditions, asked)
    expect(28 - soon).toBeGreaterThan(2)
    expect(air!).toBeGreaterThan(10 * 1800)
    for (const { air: one } of curve) expect(Number.isFinite(one)).toBe(true)
  })

  test("warms through its open door, the longer the more, never beyond the air outside it, and comes back", () => {
    const opened = (doorOpen: number) => coolDown(model, conditions, { ...asked, doorOpen }).opened!
    expect(opened(60).highest).toBeLessThan(opened(600).highest)
    expect(opened(3600).highest).toBeGreaterThan(opened(600).highest)
    expect(opened(3600).highest).toBeLessThan(35)
    expect(opened(60).recovers!).toBeLessThan(opened(600).recovers!)
    expect(coolDown({ ...model, doors: [] }, conditions, asked).opened).toBeNull()
  })
})
