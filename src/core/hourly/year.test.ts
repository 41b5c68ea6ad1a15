import { describe, expect, test } from "@jest/globals"
import fc from "fast-check"
import { anyJob } from "../../../tests/arbitrary/any-job"
import { demoJobs } from "../../../tests/fixtures/jobs"
import { NO_PLANT } from "../../schema/job/plant"
import type { Job } from "../../schema/job/job"
import { stationYearOf } from "../climate/station-year"
import type { WeatherYear } from "../climate/weather-file"
import { activeState } from "../enclosure/job-state"
import { ledgerOf } from "../ledger/ledger"
import { heatLoss } from "../steady/heat-loss"
import { HEATERS } from "../plant/models"
import { heldByHour } from "./held-by-hour"
import { simulatedYear, yearDrives } from "./year"
import { yearEnergy } from "./year-energy"
import { type YearModel, yearModel } from "./year-model"
import { sunOn } from "./year-of-sun"

const [van, coldRoom, hut, barn] = demoJobs() as [Job, Job, Job, Job]
// Held day and night, its plant the same in all weather: what is done at times only has tests of its own below.
for (const { brief } of [hut, barn]) {
  brief.inside.away = null
  brief.plant = NO_PLANT
}

/** A job that is held all along, with nobody and nothing inside, no door in use, changed so. */
function bare(job: Job, change: (job: Job) => void = () => {}): Job {
  const copy = structuredClone(job)
  Object.assign(copy.brief.inside, { people: 0, equipment: 0, goods: {}, defrost: 0, away: null })
  for (const opening of Object.values(copy.shell.openings)) opening.traffic = null
  change(copy)
  return copy
}

const modelOf = (job: Job): YearModel => yearModel(ledgerOf(activeState(job)), job.brief)
const DAY = 86_400
const weatherWith = (station: string, change: Partial<WeatherYear["hours"][number]>): WeatherYear => {
  const year = stationYearOf(station)
  return {
    ...year,
    hours: year.hours.map((hour) => ({ ...hour, directNormal: 0, diffuseHorizontal: 0, skyTemperature: hour.temperature, ...change })),
  }
}

describe("a year without sun", () => {
  test.each([
    ["a van", van],
    ["a cold room that is heated", coldRoom],
    ["a hut", hut],
    ["a barn on a slab", barn],
  ])("of the design night loses what the worst night's loss says: %s", (_, job) => {
    const still = bare(job, ({ brief }) => (brief.limits.loss = 1e5))
    const ledger = ledgerOf(activeState(still))
    const { outside, windSpeed, inside } = ledger.conditions.winter
    // What the shed around a cold room brings in would have to be taken out: colder outdoors, it is heat again.
    const { temperature } = outside
    const weather = weatherWith(still.brief.station, {
      temperature,
      skyTemperature: temperature,
      windSpeed,
      relativeHumidity: outside.relativeHumidity,
    })
    const months = ledger.conditions.station.monthlyTemperature
    const coldest = months.indexOf(Math.min(...months))
    const { months: energy } = simulatedYear(modelOf(still), weather)
    const days = [31, 28, 31][coldest]!
    expect(inside.temperature).toBeGreaterThan(temperature)
    expect(energy[coldest]!.heating / (days * DAY) / ledger.loss.total).toBeCloseTo(1, 2)
  })

  test("asks in January for conductance times the mean difference, whatever the walls store, by hand", () => {
    const still = bare(hut, ({ variants, active }) => {
      Object.assign(variants[active]!, { leakage: { ach50: 0.01, shelter: 5 }, ventilation: { perPerson: 0, always: 0, recovery: 0 } })
    })
    const weather = weatherWith(still.brief.station, {})
    const ledger = ledgerOf(activeState(still))
    const { inside, outside } = ledger.conditions.winter
    const conductance = heatLoss(ledger).total / (inside.temperature - outside.temperature)
    const mean = weather.hours.slice(0, 744).reduce((all, { temperature }) => all + temperature, 0) / 744
    const january = simulatedYear(modelOf(still), weather).months[0]!.heating
    expect(january / (conductance * (inside.temperature - mean) * 31 * DAY)).toBeCloseTo(1, 2)
  })
})

describe("a year with its sun", () => {
  const weather = stationYearOf(barn.brief.station)
  const year = simulatedYear(modelOf(barn), weather)

  test("loses nothing between its sums", () => {
    expect(year.balance).toBeLessThan(1e-6)
    expect(year.lowest).toBeGreaterThan(barn.brief.indoors.winter.temperature - 1e-6)
    expect(year.highest).toBeLessThan(barn.brief.indoors.summer.temperature + 1e-6)
  })

  test("is the same where a face is told as two halves, and twice as much for twice as much of everything", () => {
    const model = modelOf(barn)
    const halves = model.faces.flatMap((face) => [face, face].map((half) => ({ ...half, area: half.area / 2 })))
    const split = simulatedYear({ ...model, faces: halves }, weather)
    split.months.forEach((month, i) => {
      expect(month.heating).toBeCloseTo(year.months[i]!.heating, -1)
      expect(month.cooling).toBeCloseTo(year.months[i]!.cooling, -1)
    })
    const straight = (line: YearModel["beside"]["winter"]) => ({
      inside: 2 * line.inside,
      outdoors: 2 * line.outdoors,
      fixed: 2 * line.fixed,
    })
    const gains = ({ there, water, lying }: YearModel["gains"]["winter"]) => ({ there: 2 * there, water: 2 * water, lying: 2 * lying })
    const twice = simulatedYear(
      {
        ...model,
        faces: model.faces.map((face) => ({ ...face, area: 2 * face.area })),
        glass: model.glass.map((pane) => ({ ...pane, area: 2 * pane.area })),
        beside: { winter: straight(model.beside.winter), summer: straight(model.beside.summer) },
        leaks: { ...model.leaks, flow50: 2 * model.leaks.flow50 },
        ventilation: { ...model.ventilation, flow: 2 * model.ventilation.flow },
        doors: [...model.doors, ...model.doors],
        gains: { winter: gains(model.gains.winter), summer: gains(model.gains.summer) },
        volume: 2 * model.volume,
        capacity: 2 * model.capacity,
      },
      weather,
    )
    expect(twice.months[0]!.heating / year.months[0]!.heating).toBeCloseTo(2, 9)
    expect(twice.months[6]!.cooling / year.months[6]!.cooling).toBeCloseTo(2, 9)
    expect(twice.peak.cooling / year.peak.cooling).toBeCloseTo(2, 9)
  })

  test("is much the same for a mirrored shell under the mirrored sun of the other half of the earth", () => {
    const model = { ...modelOf(bare(barn)), around: { horizon: [0, 0, 0, 0, 0, 0, 0, 0], roof: null } }
    // A whole number of weeks, about half a year.
    const half = 26 * 7 * 24
    const turned = <T>(all: readonly T[], by: number): T[] => [...all.slice(by), ...all.slice(0, by)]
    const mirrored = <T extends { azimuth: number }>(one: T): T => ({ ...one, azimuth: (540 - one.azimuth) % 360 })
    const sunny = <T extends { strips: readonly { share: number; tilt: number; azimuth: number }[] }>(one: T): T => ({
      ...one,
      strips: one.strips.map(mirrored),
    })
    const south = simulatedYear(
      {
        ...model,
        faces: model.faces.map((face) => ({
          ...face,
          sun: face.sun && sunny(face.sun),
          space: face.space && mirrored(face.space),
          beyond: "winter" in face.beyond ? face.beyond : turned(face.beyond, 6),
        })),
        glass: model.glass.map(sunny),
        seasons: turned(model.seasons, 6),
      },
      { ...weather, latitude: -weather.latitude, hours: turned(weather.hours, half) },
    )
    const north = simulatedYear(model, weather)
    const whole = ({ months }: typeof north, way: "heating" | "cooling") => months.reduce((all, month) => all + month[way], 0)
    // The two halves of the year differ by three days and by the earth's distance from the sun.
    expect(Math.abs(whole(south, "heating") / whole(north, "heating") - 1)).toBeLessThan(0.02)
    expect(Math.abs(whole(south, "cooling") / whole(north, "cooling") - 1)).toBeLessThan(0.02)
    const unturned = simulatedYear(model, { ...weather, latitude: -weather.latitude, hours: turned(weather.hours, half) })
    expect(Math.abs(whole(unturned, "cooling") / whole(north, "cooling") - 1)).toBeGreaterThan(0.02)
  })

  test("shines on a level face as on level ground, by the station's own months", () => {
    const on = sunOn(weather, { strips: [{ share: 1, tilt: 0, azimuth: 0 }], width: 1, height: 1, shades: null })
    const july = on.slice(181 * 24, 212 * 24)
    expect(july.reduce((all, value) => all + value, 0) / july.length / weather.monthly[6]!.globalHorizontal).toBeCloseTo(1, 2)
  })

  test("takes heat from the sun in winter, gives it in summer, and an overhang keeps off more of the high sun than of the low", () => {
    const dark = simulatedYear(modelOf(barn), weatherWith(barn.brief.station, {}))
    expect(year.months[0]!.heating).toBeLessThan(dark.months[0]!.heating)
    expect(year.months[6]!.cooling).toBeGreaterThan(1.5 * dark.months[6]!.cooling)
    const south = { strips: [{ share: 1, tilt: 90, azimuth: 180 }], width: 1.2, height: 1 }
    const board = { depth: 0.6, above: 0.1, extendLeft: 1, extendRight: 1 }
    const month = (values: Float64Array, first: number) => values.slice(first, first + 744).reduce((all, value) => all + value, 0)
    const [open, under] = [
      sunOn(weather, { ...south, shades: null }),
      sunOn(weather, { ...south, shades: { overhang: board, left: null, right: null } }),
    ]
    const kept = (first: number) => month(under, first) / month(open, first)
    expect(kept(0)).toBeGreaterThan(0.85)
    expect(kept(181 * 24)).toBeLessThan(0.75)
  })

  test("says in how many hours heater and cooler are too small", () => {
    const with_ = (loss: number, gain: number) => {
      const job = structuredClone(barn)
      Object.assign(job.brief.limits, { loss, gain })
      return simulatedYear(modelOf(job), weather)
    }
    expect(year.short.heating).toBe(0)
    expect(with_(year.peak.heating + 1, year.peak.cooling + 1).short).toEqual({ heating: 0, cooling: 0 })
    const small = with_(year.peak.heating / 2, year.peak.cooling - 1)
    expect(small.short.heating).toBeGreaterThan(100)
    expect(small.short.cooling).toBe(1)
    // What is asked for does not go by what there is.
    expect(small.months).toEqual(year.months)
  })
})

describe("a year in which somebody comes at times", () => {
  const weather = stationYearOf(hut.brief.station)
  const working = [true, true, true, true, true, false, false]
  const at = (change: Partial<Job["brief"]["inside"]>, job = hut) =>
    simulatedYear(modelOf(bare(job, ({ brief }) => Object.assign(brief.inside, { from: 8, to: 18, days: working, ...change }))), weather)
  const heat = ({ months }: ReturnType<typeof at>) => months.reduce((all, { heating }) => all + heating, 0)
  const away = { heating: 10, cooling: null, hours: 3, early: true }

  test("takes the less the less is held meanwhile, and no less than nothing is held for", () => {
    const [held, lower, off] = [at({}), at({ away }), at({ away: { ...away, heating: null } })]
    expect(heat(lower)).toBeLessThan(heat(held))
    expect(heat(off)).toBeLessThan(heat(lower))
    // In use for 50 of 168 hours: less than that share of the heat cannot do it.
    expect(heat(off)).toBeGreaterThan((50 / 168) * heat(held))
  })

  test("is the same as held all along where what is held meanwhile is the same, or where somebody is always there", () => {
    const all = heat(at({}))
    const { temperature } = hut.brief.indoors.winter
    expect(heat(at({ away: { ...away, heating: temperature } })) / all).toBeCloseTo(1, 9)
    expect(heat(at({ away, from: 0, to: 24, days: new Array<boolean>(7).fill(true) })) / all).toBeCloseTo(1, 9)
  })

  test("asks for less at once the longer it may take to warm up, and is warm when people come", () => {
    const [slow, fast] = [at({ away: { ...away, hours: 6 } }), at({ away: { ...away, hours: 1 } })]
    expect(slow.peak.heating).toBeLessThan(0.7 * fast.peak.heating)
    const job = bare(hut, ({ brief }) => Object.assign(brief.inside, { from: 8, to: 18, days: working, away }))
    const model = modelOf(job)
    const hold = heldByHour(model, 365)
    // Monday: off until five, a third of the way at five, half of the rest at six, all of it at seven and while people are there.
    const wanted = model.heater!.setpoint
    expect(hold(4, 0).heating).toEqual({ setpoint: 10, capacity: null })
    expect([5, 6, 7, 8].map((k) => hold(k, 0).heating!.setpoint)).toEqual([wanted / 3, wanted / 2, wanted, wanted])
    const lit = heldByHour({ ...model, away: { ...away, early: false } }, 365)
    expect([7, 8, 9, 10].map((k) => lit(k, 0).heating!.setpoint)).toEqual([10, wanted / 3, wanted / 2, wanted])
  })

  test("what brings the inside back in the coldest weeks comes with the year, no less than what holds it, and by numbers that can be sent", () => {
    for (const job of [hut, coldRoom, barn]) {
      const held = bare(job, ({ brief }) =>
        Object.assign(brief.inside, { from: 8, to: 18, days: working, away: { ...away, heating: null } }),
      )
      const model = modelOf(held)
      const { reheat } = simulatedYear(structuredClone(model), weather)
      expect(reheat).toBeGreaterThanOrEqual(0.995 * ledgerOf(activeState(held)).loss.total)
    }
    expect([at({}), at({ away, from: 0, to: 24, days: new Array<boolean>(7).fill(true) })].map(({ reheat }) => reheat)).toEqual([
      null,
      null,
    ])
  })

  test("people, machines and doors count in their hours and on their days only, by hand", () => {
    const model = modelOf(bare(hut, ({ brief }) => Object.assign(brief.inside, { from: 8, to: 18, days: working, equipment: 500 })))
    const { drive } = yearDrives(model, weather)
    const none = yearDrives(
      { ...model, gains: { winter: { there: 0, water: 0, lying: 0 }, summer: { there: 0, water: 0, lying: 0 } } },
      weather,
    )
    const more = (k: number) => drive(k, 20).gains - none.drive(k, 20).gains
    expect([7, 8, 17, 18, 5 * 24 + 12, 7 * 24 + 12].map(more)).toEqual([0, 500, 500, 0, 0, 500])
  })
})

describe("what plant takes of a year", () => {
  const weather = stationYearOf(barn.brief.station)
  const taken = (years: ReturnType<typeof simulatedYear>) => years.taken.reduce((all, { heating }) => all + heating, 0)
  const heat = (years: ReturnType<typeof simulatedYear>) => years.months.reduce((all, { heating }) => all + heating, 0)
  const of = (change: (brief: Job["brief"]) => void) => simulatedYear(modelOf(bare(barn, ({ brief }) => change(brief))), weather)

  test("is the heat by its performance, of a heater that is the same in all weather", () => {
    const year = of((brief) => (brief.plant.heater = { ...HEATERS["diesel-air-heater"]!, fan: 50 }))
    expect(taken(year) / heat(year)).toBeCloseTo(1 / 0.8, 9)
    // It can run down to two fifths: with an output below the least that is asked for it never goes on and off.
    expect(year.below.heating).toBeGreaterThan(0)
    const tiny = of((brief) => ((brief.plant.heater = HEATERS["diesel-air-heater"]!), (brief.limits.loss = 1e-3)))
    expect(tiny.below.heating).toBe(0)
    // Its fan runs in so much of each hour as it must.
    expect(year.fans).toBeGreaterThan(0)
    expect(year.fans).toBeLessThan(50 * 3600 * year.hours.heating)
  })

  test("is less for a heat pump the milder the hours are, and a machine too small gives no more than it can", () => {
    const pump = of((brief) => (brief.plant.heater = HEATERS["heat-pump"]!))
    const performance = heat(pump) / taken(pump)
    expect(performance).toBeGreaterThan(2.1)
    expect(performance).toBeLessThan(4.7)
    const small = of((brief) => {
      brief.plant.heater = HEATERS["electric-heater"]!
      brief.limits.loss = 500
    })
    expect(small.short.heating).toBeGreaterThan(1000)
    expect(taken(small)).toBeLessThanOrEqual(500 * 3600 * small.hours.heating)
    // It falls in the cold: short in hours in which its rated output would do.
    const rated = pump.peak.heating
    const short = (heater: Job["brief"]["plant"]["heater"]) =>
      of((brief) => ((brief.plant.heater = heater), (brief.limits.loss = rated))).short.heating
    expect(short(HEATERS["heat-pump"]!)).toBeGreaterThan(short(null))
  })

  test("of a supply off the mains adds up, and misses more the less of it there is", () => {
    const offGrid = { battery: 3.6e7, panel: 3000, tilt: 35, azimuth: 180, generator: 0, inverter: 0.9, appliances: 7.2e6 }
    const with_ = (change: Partial<typeof offGrid>) =>
      of((brief) => {
        brief.plant = { heater: HEATERS["diesel-air-heater"]!, cooler: null, offGrid: { ...offGrid, ...change } }
        brief.limits.gain = 0
      })
    const sum = (months: NonNullable<ReturnType<typeof with_>["offGrid"]>, key: "used" | "missing" | "made" | "running") =>
      months.reduce((all, month) => all + month[key], 0)
    const year = with_({})
    // Two kilowatt hours on each of 261 working days of a year that begins on a Monday, and the fan.
    expect(sum(year.offGrid!, "used")).toBeCloseTo(261 * 7.2e6 + year.fans, -2)
    const missing = (change: Partial<typeof offGrid>) => sum(with_(change).offGrid!, "missing")
    expect(missing({ panel: 100 })).toBeGreaterThan(missing({}))
    expect(missing({ battery: 3.6e6 })).toBeGreaterThan(missing({}))
    const generator = with_({ panel: 100, generator: 3000 }).offGrid!
    expect(sum(generator, "missing")).toBeLessThan(1)
    expect(sum(generator, "running")).toBeGreaterThan(50)
    // A panel that looks south on a slope makes more in December than one that lies flat.
    expect(year.offGrid![11]!.made).toBeGreaterThan(1.3 * with_({ tilt: 0 }).offGrid![11]!.made)
  })
})

describe("what heats and cools", () => {
  test.each([
    { kind: "cabin", loss: null, gain: null, heater: true, cooler: false },
    { kind: "cabin", loss: 0, gain: 500, heater: false, cooler: true },
    { kind: "cold-room", loss: null, gain: null, heater: false, cooler: true },
    { kind: "cold-room", loss: 300, gain: 0, heater: true, cooler: false },
  ] as const)("goes by the brief: $kind, heater $loss, cooler $gain", ({ kind, loss, gain, heater, cooler }) => {
    const job = structuredClone(hut)
    Object.assign(job.brief, { kind, limits: { ...job.brief.limits, loss, gain } })
    const model = modelOf(job)
    expect([model.heater !== null, model.cooler !== null]).toEqual([heater, cooler])
  })

  test("where nothing does, the inside goes its own way, and nothing is asked for", () => {
    const job = bare(hut, ({ brief }) => (brief.limits.loss = 0))
    const { months, lowest, highest } = simulatedYear(modelOf(job), stationYearOf(job.brief.station))
    expect(months.every(({ heating, cooling }) => heating === 0 && cooling === 0)).toBe(true)
    const outdoors = stationYearOf(job.brief.station).hours.map(({ temperature }) => temperature)
    expect(lowest).toBeGreaterThan(Math.min(...outdoors) - 5)
    expect(lowest).toBeLessThan(5)
    expect(highest).toBeGreaterThan(20)
  })
})

describe("until a year is stepped through", () => {
  const enclosure = ledgerOf(activeState(hut))
  const heard: number[] = []
  const figures = simulatedYear(modelOf(hut), stationYearOf(hut.brief.station), (done) => heard.push(done))

  test("it tells its months one by one", () => {
    expect(heard.at(-1)).toBeCloseTo(11 / 12, 9)
    expect(new Set(heard).size).toBe(12)
  })

  test("it is what stood last and what the months' means make of the change", () => {
    const first = yearEnergy(enclosure, hut.brief, {})
    expect([first.figures, first.months]).toEqual([null, first.estimate])
    const estimate = first.estimate.map(({ heating, cooling }) => ({ heating: heating + 1e6, cooling }))
    const about = yearEnergy(enclosure, hut.brief, { year: () => undefined, yearBefore: () => ({ figures, estimate }) })
    about.months.forEach(({ heating }, i) => expect(heating).toBeCloseTo(figures.months[i]!.heating - 1e6, 3))
    const stepped = yearEnergy(enclosure, hut.brief, { year: () => figures, yearBefore: () => ({ figures, estimate }) })
    expect(stepped.months).toBe(figures.months)
  })
})

test("any job has a year whose balance holds", () => {
  fc.assert(
    fc.property(anyJob, (job) => {
      const { balance, months, lowest, highest } = simulatedYear(modelOf(job), stationYearOf(job.brief.station))
      expect(balance).toBeLessThan(1e-6)
      for (const { heating, cooling } of months) expect(heating >= 0 && cooling >= 0 && Number.isFinite(heating + cooling)).toBe(true)
      expect(Number.isFinite(lowest + highest)).toBe(true)
    }),
    { numRuns: 2 },
  )
}, 60_000)
