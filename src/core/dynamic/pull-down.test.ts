import { describe, expect, test } from "@jest/globals"
import fc from "fast-check"
import { pullDown, type Room } from "./pull-down"

const HOUR = 3600
/** 12 m³ of air and so much beside it that a kelvin takes 100 kJ; 20 W/K to outdoors at 30 °C, a cooler of 1 kW. */
const ROOM: Room = {
  conductance: 20,
  volume: 12,
  airChanges: 0,
  outside: [[0, 30]],
  outsideRelativeHumidity: null,
  contents: [],
  structureCapacity: 100_000 - 12 * 1.204 * 1006,
  start: 30,
  setpoint: 3,
  capacity: [[0, -1000]],
  otherGains: 0,
}
const drums = { mass: 400, specificHeat: 4186, temperature: 30, area: 4, filmCoefficient: 8 }

describe("a room that is brought to a temperature", () => {
  test("air alone falls as an exponential, then the plant runs by what comes in, by hand", () => {
    // It would come to 30 − 1000/20 = −20 °C: 3 °C after 100,000/20·ln(50/23) = 3,882.6 s. Held there it moves 20·27 = 540 of 1000 W.
    const { reachesSetpoint, runFraction, curve, contentsReach } = pullDown(ROOM, 10 * HOUR, [1000, 2 * HOUR], 1)
    expect(reachesSetpoint).toBeCloseTo(5000 * Math.log(50 / 23), 2)
    expect(runFraction).toBeCloseTo(0.54, 6)
    expect(curve[0]!.air).toBeCloseTo(-20 + 50 * Math.exp(-0.2), 5)
    expect(curve[1]!.air).toBe(3)
    expect(contentsReach).toBeNull()
  })

  test("air and drums of water: two nodes against the eigenvalues of their matrix", () => {
    const room = { ...ROOM, contents: [drums], setpoint: -50 }
    // dT/dt = (20(30 − T) + 32(W − T) − 1000)/1e5, dW/dt = 32(T − W)/1,674,400; at rest both at −20 °C.
    const [a, b, c, d] = [-52 / 1e5, 32 / 1e5, 32 / 1_674_400, -32 / 1_674_400]
    const [half, root] = [(a + d) / 2, Math.sqrt(((a - d) / 2) ** 2 + b * c)]
    const [fast, slow] = [half - root, half + root]
    // Both begin 50 K over rest: T − rest = p·e^fast·t + q·e^slow·t, W − rest = (λ − a)/b times each.
    const [m, n] = [(fast - a) / b, (slow - a) / b]
    const p = (50 * (1 - n)) / (m - n)
    const q = 50 - p
    const { curve, reachesSetpoint } = pullDown(room, 48 * HOUR, [HOUR, 12 * HOUR, 48 * HOUR], 1)
    expect(reachesSetpoint).toBeNull()
    for (const { time, air, contents } of curve) {
      expect(air).toBeCloseTo(-20 + p * Math.exp(fast * time) + q * Math.exp(slow * time), 4)
      expect(contents[0]).toBeCloseTo(-20 + m * p * Math.exp(fast * time) + n * q * Math.exp(slow * time), 4)
    }
  })

  test("drums follow the air that is held, as an exponential of their own, and are told when they are within a kelvin", () => {
    const { reachesSetpoint, contentsReach, curve } = pullDown({ ...ROOM, contents: [drums] }, 100 * HOUR, [20 * HOUR, 30 * HOUR], 1)
    expect(reachesSetpoint).toBeGreaterThan(0)
    const [then, later] = [curve[0]!.contents[0]!, curve[1]!.contents[0]!]
    const constant = 1_674_400 / 32
    expect(later - 3).toBeCloseTo((then - 3) * Math.exp((-10 * HOUR) / constant), 4)
    expect(contentsReach).toBeCloseTo(20 * HOUR + constant * Math.log(then - 3), 0)
  })

  test("a cooler that fades with the cold, in straight lines: the rate has a slope of its own", () => {
    // −1200 W at 30 °C, −300 W at 0 °C: −300 − 30·T. dT/dt·1e5 = 20·(30 − T) − 300 − 30·T = 300 − 50·T: rest at 6 °C, never at 3.
    const room: Room = {
      ...ROOM,
      capacity: [
        [0, -300],
        [30, -1200],
      ],
    }
    const { curve, reachesSetpoint, runFraction } = pullDown(room, 10 * HOUR, [2000], 1)
    expect(curve[0]!.air).toBeCloseTo(6 + 24 * Math.exp((-50 * 2000) / 1e5), 5)
    expect([reachesSetpoint, runFraction]).toEqual([null, 1])
  })

  test("leaking damp air brings its water's heat", () => {
    // 0.5 changes of 12 m³: 0.0020067 kg/s. Outdoors 30 °C at 60 %: pv 2548.1 Pa, W 0.016044; at 3 °C saturated 758.0 Pa, W 0.004688.
    // Held: 2.0187·27 + 0.0020067·2.501e6·0.011356 = 54.5 + 57.0, and 540 through the skin: 651.5 of 1000 W.
    const { runFraction } = pullDown({ ...ROOM, airChanges: 0.5, outsideRelativeHumidity: 0.6 }, 200 * HOUR, [], 1)
    expect(runFraction).toBeCloseTo(0.6515, 2)
  })

  test("when the afternoon asks more than the plant has the room drifts, and comes back", () => {
    const room: Room = {
      ...ROOM,
      start: 3,
      outside: [
        [0, 30],
        [4 * HOUR, 70],
        [8 * HOUR, 30],
      ],
    }
    const { curve, reachesSetpoint } = pullDown(room, 12 * HOUR, [HOUR, 5 * HOUR, 12 * HOUR], 1)
    expect(reachesSetpoint).toBe(0)
    expect(curve[0]!.air).toBeCloseTo(3, 9)
    expect(curve[1]!.air).toBeGreaterThan(6)
    expect(curve[2]!.air).toBeCloseTo(3, 9)
  })

  test("a heater rests where the day warms the room past its setpoint", () => {
    const room: Room = { ...ROOM, start: 10, setpoint: 15, capacity: [[0, 2000]], outside: [[0, 25]] }
    const { reachesSetpoint, curve } = pullDown(room, 40 * HOUR, [40 * HOUR], 1)
    expect(reachesSetpoint).toBeGreaterThan(0)
    expect(curve[0]!.air).toBeCloseTo(25, 2)
  })

  test("of any room: heat that went in and out adds up to what it holds", () => {
    const lump = fc.record({
      mass: fc.double({ min: 0.1, max: 2000, noNaN: true }),
      specificHeat: fc.double({ min: 400, max: 4200, noNaN: true }),
      temperature: fc.double({ min: -20, max: 40, noNaN: true }),
      area: fc.double({ min: 0, max: 20, noNaN: true }),
      filmCoefficient: fc.double({ min: 0, max: 30, noNaN: true }),
    })
    fc.assert(
      fc.property(
        fc.record({
          conductance: fc.double({ min: 0, max: 200, noNaN: true }),
          volume: fc.double({ min: 0.5, max: 100, noNaN: true }),
          outside: fc.double({ min: -30, max: 45, noNaN: true }),
          contents: fc.array(lump, { maxLength: 4 }),
          start: fc.double({ min: -20, max: 40, noNaN: true }),
          setpoint: fc.double({ min: -20, max: 40, noNaN: true }),
          power: fc.double({ min: -5000, max: 5000, noNaN: true }),
        }),
        ({ power, outside, ...some }) => {
          const room: Room = { ...ROOM, ...some, structureCapacity: 0, outside: [[0, outside]], capacity: [[0, power]] }
          const { reachesSetpoint, curve, runFraction } = pullDown(room, 6 * HOUR, [6 * HOUR], 1)
          const end = curve[0]!
          expect([end.air, ...end.contents].every(Number.isFinite)).toBe(true)
          expect(runFraction).toBeGreaterThanOrEqual(-1e-6)
          expect(runFraction).toBeLessThanOrEqual(1 + 1e-6)
          // Ideal: an air that was brought there in the plant's way is never further past it than outdoors and contents drive it.
          if (reachesSetpoint !== null && power < 0 && room.start > room.setpoint)
            expect(end.air).toBeGreaterThanOrEqual(Math.min(room.setpoint, outside, ...room.contents.map((one) => one.temperature)) - 1e-3)
        },
      ),
      { numRuns: 60 },
    )
  })
})
