import { describe, expect, test } from "@jest/globals"
import fc from "fast-check"
import { anyJob } from "../../../tests/arbitrary/any-job"
import { demoJobs } from "../../../tests/fixtures/jobs"
import type { Job } from "../../schema/job/job"
import { stationYearOf } from "../climate/station-year"
import type { WeatherYear } from "../climate/weather-file"
import { activeState } from "../enclosure/job-state"
import { ledgerOf } from "../ledger/ledger"
import { heatLoss } from "../steady/heat-loss"
import { simulatedYear } from "./year"
import { yearEnergy } from "./year-energy"
import { type YearModel, yearModel } from "./year-model"
import { sunOn } from "./year-of-sun"

const [van, coldRoom, hut, barn] = demoJobs() as [Job, Job, Job, Job]

/** A job with nobody and nothing inside, no door in use, changed so. */
function bare(job: Job, change: (job: Job) => void = () => {}): Job {
  const copy = structuredClone(job)
  Object.assign(copy.brief.inside, { people: 0, equipment: 0, goods: {} })
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
    const all = (values: readonly number[]) => values.map((value) => 2 * value)
    const gains = ({ heat, water }: YearModel["gains"]["winter"]) => ({ heat: all(heat), water: all(water) })
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

  test("shines on a level face as on level ground, by the station's own months", () => {
    const on = sunOn(weather, { strips: [{ share: 1, tilt: 0, azimuth: 0 }], width: 1, height: 1, overhang: null })
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
    const [open, under] = [sunOn(weather, { ...south, overhang: null }), sunOn(weather, { ...south, overhang: board })]
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

describe("what heats and cools", () => {
  test.each([
    { kind: "cabin", loss: null, gain: null, heater: true, cooler: false },
    { kind: "cabin", loss: 0, gain: 500, heater: false, cooler: true },
    { kind: "cold-room", loss: null, gain: null, heater: false, cooler: true },
    { kind: "cold-room", loss: 300, gain: 0, heater: true, cooler: false },
  ] as const)("goes by the brief: $kind, heater $loss, cooler $gain", ({ kind, loss, gain, heater, cooler }) => {
    const model = yearModel(ledgerOf(activeState(hut)), { station: hut.brief.station, weather: null, kind, limits: { loss, gain } })
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
  const figures = simulatedYear(modelOf(hut), stationYearOf(hut.brief.station))

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
    { numRuns: 6 },
  )
}, 60_000)
