import { describe, expect, test } from "@jest/globals"
import fc from "fast-check"
import { periodicFigures, type PeriodicLayer } from "../assembly/periodic"
import { solarPosition } from "../sun/solar-position"
import { enclosureHours, type HourlyEnclosure, type HourlyFace, type Weather, type WeatherEntry } from "./enclosure-hours"

const STILL: WeatherEntry = { temperature: 0, directNormal: 0, diffuseHorizontal: 0, skyTemperature: null, windSpeed: 0 }
const weather = (hours: Partial<WeatherEntry>[], step = 3600, start = "2026-01-15T00:00:00Z"): Weather => ({
  latitude: 52,
  longitude: 0,
  start: Date.parse(start),
  offset: 0,
  step,
  groundAlbedo: 0.2,
  hours: hours.map((hour) => ({ ...STILL, ...hour })),
})
/** So many entries in which nothing happens. */
const still = (entries: number): Partial<WeatherEntry>[] => Array.from({ length: entries }, () => ({}))
const WALL: HourlyFace = {
  area: 10,
  tilt: 90,
  azimuth: 180,
  layers: [{ resistance: 1.83 }],
  rsi: 0.13,
  rse: 0.04,
  absorptance: 0.6,
  emissivity: 0.9,
  exposure: "outdoor",
  skyExchange: true,
}
const CONCRETE: PeriodicLayer = { thickness: 0.15, conductivity: 1.8, density: 2400, specificHeat: 1000 }
const WOOL: PeriodicLayer = { thickness: 0.1, conductivity: 0.04, density: 30, specificHeat: 1030 }
/** Air and what goes with it take 1 MJ for a kelvin. */
const ROOM: HourlyEnclosure = {
  faces: [WALL],
  openings: [],
  volume: 30,
  capacity: 1e6 - 30 * 1.204 * 1006,
  airFlow: () => 0,
  gains: new Array<number>(24).fill(0),
  heating: null,
  cooling: null,
}
const held = (setpoint: number) => ({ heating: { setpoint, capacity: null }, cooling: { setpoint, capacity: null } })

describe("an enclosure hour by hour", () => {
  test("without walls that store, air falls as an exponential whatever the step, by hand", () => {
    // 10 m² / 2 m²·K/W = 5 W/K on 1 MJ/K: 200,000 s.
    for (const step of [60, 900, 3600]) {
      const { air, balance } = enclosureHours(ROOM, weather(still(7200 / step), step), 0, 20)
      expect(air.at(-1)).toBeCloseTo(20 * Math.exp(-7200 / 200_000), 8)
      expect(balance).toBeLessThan(1e-9)
    }
  })

  test("a cooler begins at the very moment at which the air is too warm, by hand", () => {
    // 100 W on 5 W/K: towards 20 °C over outdoors. From 0 °C at 1 °C after 200,000·ln(20/19) = 10,258.7 s, then 95 W are taken.
    const room = { ...ROOM, gains: new Array<number>(24).fill(100), cooling: { setpoint: 1, capacity: null } }
    const { cooling, air } = enclosureHours(room, weather([{}, {}, {}, {}]), 0, 0)
    expect(cooling[1]).toBe(0)
    expect(cooling[2]).toBeCloseTo((95 * (10_800 - 200_000 * Math.log(20 / 19))) / 3600, 4)
    expect(cooling[3]).toBeCloseTo(95, 8)
    expect(air[3]).toBe(1)
  })

  test("a heater that is too small gives all it has, and the air comes to rest where that leads", () => {
    const room = { ...ROOM, capacity: 0, heating: { setpoint: 20, capacity: 60 } }
    const { heating, air } = enclosureHours(room, weather(still(200)), 0, 20)
    expect(heating[199]).toBeCloseTo(60, 9)
    expect(air[199]).toBeCloseTo(12, 6)
  })

  test("an unlimited heater puts cold air where it is wanted, and that heat is counted", () => {
    const { heating, air } = enclosureHours({ ...ROOM, heating: { setpoint: 20, capacity: null } }, weather([{}]), 0, 10)
    // 10 K of 1 MJ/K, and 100 W through the wall for an hour.
    expect(heating[0]! * 3600).toBeCloseTo(1e7 + 100 * 3600, 0)
    expect(air[0]).toBe(20)
  })

  test("steady states are those of the layers in a row: ISO 6946", () => {
    const face = { ...WALL, layers: [WOOL, CONCRETE] }
    const room = { ...ROOM, faces: [face], ...held(20), airFlow: () => 0.01 }
    const { heating, faces, balance } = enclosureHours(room, weather(still(24 * 30)), 0, 20)
    const uValue = 1 / (0.13 + 0.1 / 0.04 + 0.15 / 1.8 + 0.04)
    expect(heating.at(-1)).toBeCloseTo(uValue * 10 * 20 + 0.01 * 1.204 * 1006 * 20, 6)
    expect(faces[0]!.inner.at(-1)).toBeCloseTo(20 - uValue * 20 * 0.13, 7)
    expect(faces[0]!.outer.at(-1)).toBeCloseTo(uValue * 20 * 0.04, 7)
    expect(balance).toBeLessThan(1e-9)
  })

  test("a swing of a day comes through as ISO 13786 says, to half a per cent", () => {
    for (const [layers, step] of [
      [[WOOL, CONCRETE], 3600],
      [[CONCRETE, WOOL], 600],
      [[{ resistance: 0.1 }, { thickness: 0.3, conductivity: 0.13, density: 500, specificHeat: 1600 }], 1800],
    ] as const) {
      const n = 86_400 / step
      const phase = (k: number) => (2 * Math.PI * k) / n
      const hours = Array.from({ length: n * 20 }, (_, k) => ({ temperature: 20 + 10 * Math.sin(phase(k + 0.5)) }))
      const { faces } = enclosureHours({ ...ROOM, faces: [{ ...WALL, layers }], ...held(20) }, weather(hours, step), 0, 20)
      // The first harmonic of the last day; a temperature that is held through each step has sinc(π/n) of its swing.
      const last = faces[0]!.flux.slice(-n)
      const part = (of: (x: number) => number) => last.reduce((sum, value, k) => sum + value * of(phase(k + 1)), 0) * (2 / n)
      const [sine, cosine] = [part(Math.sin), part(Math.cos)]
      const figures = periodicFigures(layers, 86_400, 0.13, 0.04)
      const expected = figures.periodicTransmittance * 10 * (Math.sin(Math.PI / n) / (Math.PI / n))
      expect(Math.abs(Math.hypot(sine, cosine) / expected - 1)).toBeLessThan(0.005)
      // Warmth that comes in is flux that does not go out: −A·sin(phase − lag).
      const late = (Math.atan2(cosine, -sine) / (2 * Math.PI)) * 86_400 - figures.timeShift
      expect(Math.abs(late - 86_400 * Math.round(late / 86_400))).toBeLessThan(120)
    }
  })

  test("sun on a wall warms its skin, a clear night cools it, by hand", () => {
    const noon = "2026-03-20T11:30:00Z"
    const light = { temperature: 10, directNormal: 700, diffuseHorizontal: 0 }
    const { faces } = enclosureHours({ ...ROOM, ...held(10) }, weather([light], 3600, noon), 0, 10)
    // 700·cos(incidence) on a south wall is 700·cos(altitude) at noon but for the sun's small way aside; the ground throws back
    // 0.2·700·sin(altitude)/2; the part of the sky's light about the sun is none of none.
    const sun = solarPosition(Date.parse("2026-03-20T12:00:00Z"), 52, 0)
    const [altitude, aside] = [(sun.altitude * Math.PI) / 180, ((sun.azimuth - 180) * Math.PI) / 180]
    const irradiance = 700 * Math.cos(altitude) * Math.cos(aside) + 0.1 * 700 * Math.sin(altitude)
    // Skin: 0.6·I over 0.04 m²·K/W to the air and 1.96 to the room.
    expect(faces[0]!.outer[0]).toBeCloseTo(10 + (0.6 * irradiance) / (1 / 0.04 + 1 / 1.96), 6)
    const roof = { ...WALL, tilt: 0, rsi: 0.1 }
    const night = enclosureHours({ ...ROOM, faces: [roof], ...held(10) }, weather([{ temperature: 10, skyTemperature: -10 }]), 0, 10)
    // 0.9·5.670374e-8·(283.15⁴ − 263.15⁴) = 83.31 W/m²
    expect(night.faces[0]!.outer[0]).toBeCloseTo(10 - 83.31 / (1 / 0.04 + 1 / 1.93), 2)
  })

  test("gains go by the clock, and the first day can be gone through before", () => {
    const gains = Array.from({ length: 24 }, (_, h) => (h === 8 ? 120 : 0))
    const { cooling } = enclosureHours({ ...ROOM, gains, ...held(0) }, { ...weather(still(24)), offset: 7200 }, 3, 0)
    // 08 h on a clock two hours ahead of UTC is the seventh entry from midnight UTC.
    expect([...cooling].map((power) => Math.round(power)).indexOf(120)).toBe(6)
    expect(cooling.filter((power) => power > 1)).toHaveLength(1)
  })

  const layer = fc.oneof(
    fc.record({
      thickness: fc.double({ min: 0.0005, max: 0.4, noNaN: true }),
      conductivity: fc.double({ min: 0.02, max: 60, noNaN: true }),
      density: fc.double({ min: 10, max: 7800, noNaN: true }),
      specificHeat: fc.double({ min: 400, max: 2500, noNaN: true }),
    }),
    fc.record({ resistance: fc.double({ min: 0, max: 4, noNaN: true }) }),
  )
  const face = fc
    .record({
      layers: fc.array(layer, { maxLength: 4 }),
      tilt: fc.constantFrom(0, 30, 90, 180),
      exposure: fc.constantFrom("outdoor" as const, "adiabatic" as const, { temperature: 12 }),
      area: fc.double({ min: 0.5, max: 40, noNaN: true }),
    })
    .map((some): HourlyFace => ({ ...WALL, ...some }))
  const plant = (setpoint: number) => fc.option(fc.record({ setpoint: fc.constant(setpoint), capacity: fc.constantFrom(null, 0, 50, 800) }))
  const hour = fc.record({
    temperature: fc.double({ min: -25, max: 40, noNaN: true }),
    directNormal: fc.double({ min: 0, max: 900, noNaN: true }),
    diffuseHorizontal: fc.double({ min: 0, max: 300, noNaN: true }),
    skyTemperature: fc.option(fc.double({ min: -40, max: 20, noNaN: true })),
    windSpeed: fc.double({ min: 0, max: 10, noNaN: true }),
  })

  test("of any enclosure in any weather: balances hold, thermostats do, nothing is lost", () => {
    fc.assert(
      fc.property(
        fc.record({ faces: fc.array(face, { minLength: 1, maxLength: 4 }), heating: plant(18), cooling: plant(24) }),
        fc.array(hour, { minLength: 1, maxLength: 36 }),
        fc.constantFrom(300, 3600),
        ({ faces, heating, cooling }, hours, step) => {
          const room = { ...ROOM, capacity: 20_000, faces, heating, cooling, airFlow: () => 0.004 }
          const found = enclosureHours(room, weather(hours, step), 0, 15)
          expect(found.balance).toBeLessThan(1e-6)
          for (const [k, air] of found.air.entries()) {
            expect(Number.isFinite(air)).toBe(true)
            if (heating?.capacity === null) expect(air).toBeGreaterThanOrEqual(18 - 1e-6)
            if (cooling?.capacity === null) expect(air).toBeLessThanOrEqual(24 + 1e-6)
            if (heating?.capacity != null) expect(found.heating[k]).toBeLessThanOrEqual(heating.capacity + 1e-3)
            if (cooling?.capacity != null) expect(found.cooling[k]).toBeLessThanOrEqual(cooling.capacity + 1e-3)
          }
        },
      ),
      { numRuns: 60 },
    )
  })

  test("a face in two halves is the face", () => {
    const hours = Array.from({ length: 48 }, (_, k) => ({ temperature: 5 + 8 * Math.sin(k / 4), directNormal: k % 24 === 12 ? 600 : 0 }))
    const whole = { ...WALL, layers: [WOOL, CONCRETE] }
    const [one, two] = [[whole], [0.3, 0.7].map((share) => ({ ...whole, area: share * whole.area }))].map((faces) =>
      enclosureHours({ ...ROOM, faces }, weather(hours), 0, 10),
    )
    expect(two!.air.at(-1)).toBeCloseTo(one!.air.at(-1)!, 9)
    expect(two!.faces[1]!.flux.at(-1)).toBeCloseTo(one!.faces[0]!.flux.at(-1)!, 9)
  })

  test("twice as heavy in twice the time it goes through the same temperatures", () => {
    const hours = Array.from({ length: 48 }, (_, k) => ({ temperature: 5 + 8 * Math.sin(k / 4) }))
    const heavier = (layer: PeriodicLayer) => ("density" in layer ? { ...layer, density: 2 * layer.density } : layer)
    const inTime = (factor: 1 | 2) =>
      enclosureHours(
        {
          ...ROOM,
          capacity: factor * 1e6 - 30 * 1.204 * 1006,
          faces: [{ ...WALL, layers: factor === 1 ? [WOOL, CONCRETE] : [WOOL, CONCRETE].map(heavier) }],
        },
        weather(hours, 900 * factor),
        0,
        10,
      )
    const [once, twice] = [inTime(1), inTime(2)]
    twice.air.forEach((air, k) => expect(air).toBeCloseTo(once.air[k]!, 9))
    expect(twice.faces[0]!.flux.at(-1)).toBeCloseTo(once.faces[0]!.flux.at(-1)!, 9)
  })
})

test("a light shell that floats stands at the ends of half-hours as it does when it is gone through by the minute", () => {
  const layers: PeriodicLayer[] = [
    { thickness: 0.0008, conductivity: 50, density: 7800, specificHeat: 450 },
    { thickness: 0.05, conductivity: 0.03, density: 35, specificHeat: 1400 },
  ]
  const shell = { ...ROOM, faces: [{ ...WALL, layers, skyExchange: false }], volume: 14, capacity: 0 }
  // Outdoors jumps by 10 K every three hours.
  const outdoors = (step: number) =>
    weather(
      Array.from({ length: 86_400 / step }, (_, k) => ({ temperature: (Math.floor((k * step) / 10_800) % 2) * 10 })),
      step,
    )
  const [halves, minutes] = [1800, 60].map((step) => enclosureHours(shell, outdoors(step), 0, 0, undefined, true)) as [
    ReturnType<typeof enclosureHours>,
    ReturnType<typeof enclosureHours>,
  ]
  const most = Math.max(...minutes.faces[0]!.flux.map(Math.abs))
  for (let k = 0; k < 48; k++) {
    expect(Math.abs(halves.faces[0]!.flux[k]! - minutes.faces[0]!.flux[30 * k + 29]!)).toBeLessThan(0.005 * most)
    expect(Math.abs(halves.faces[0]!.outer[k]! - minutes.faces[0]!.outer[30 * k + 29]!)).toBeLessThan(0.01)
  }
  expect(halves.balance).toBeLessThan(1e-9)
})
