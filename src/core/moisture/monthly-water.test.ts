import { describe, expect, test } from "@jest/globals"
import { demo, evenBox } from "../../../tests/fixtures/jobs"
import { sketch, stack } from "../../../tests/fixtures/layers"
import type { Job } from "../../schema/job/job"
import { isoSaturation } from "../air/iso-saturation"
import { DAYS_IN_MONTH } from "../climate/design-day"
import { activeState } from "../enclosure/job-state"
import { ledgerOf } from "../ledger/ledger"
import { sum } from "../numeric/sum"
import { monthWords } from "./damp-verdict"
import { glaser } from "./glaser"
import { leakWater } from "./leak-water"

const boxOf = (layers: ReturnType<typeof stack>, change: (job: Job) => void = () => {}) => {
  const job = evenBox(sketch("one", layers))
  change(job)
  return ledgerOf(activeState(job))
}

describe("the airs of the months", () => {
  test("go from the winter's humidity to the summer's, as warm as the inside is held, else as outdoors", () => {
    const job = demo("Tern Hut")
    job.brief.inside.away = null
    job.brief.indoors = { winter: { temperature: 20, relativeHumidity: 0.4 }, summer: { temperature: 26, relativeHumidity: 0.6 } }
    job.brief.limits = { ...job.brief.limits, loss: 2000, gain: null }
    const { months, conditions } = ledgerOf(activeState(job))
    const { monthlyTemperature } = conditions.station
    const [coldest, warmest] = [Math.min, Math.max].map((of) => monthlyTemperature.indexOf(of(...monthlyTemperature))) as [number, number]
    expect(months[coldest]!.inside).toMatchObject({ temperature: 20 })
    expect(months[coldest]!.inside.relativeHumidity).toBeCloseTo(0.4, 9)
    expect(months[warmest]!.inside.temperature).toBe(20)
    expect(months[warmest]!.inside.relativeHumidity).toBeCloseTo(0.6, 9)
  })

  test("of a hut in use at times are those of both times by their shares: its water, and its humidity", () => {
    const job = demo("Tern Hut")
    // Fifty hours of a week, nothing held meanwhile.
    const days = [true, true, true, true, true, false, false]
    Object.assign(job.brief.inside, { from: 8, to: 18, days, away: { heating: null, cooling: null, hours: 0, early: false } })
    const { months } = ledgerOf(activeState(job))
    const { inside, outside, times } = months[0]!
    const { temperature, relativeHumidity } = job.brief.indoors.winter
    const used = 50 / 168
    expect(times.map(({ share }) => share)).toEqual([expect.closeTo(used, 12), expect.closeTo(1 - used, 12)])
    expect(times[1]!.inside.temperature).toBe(outside.temperature)
    expect(inside.temperature).toBeCloseTo(used * temperature + (1 - used) * outside.temperature, 9)
    const pressure =
      used * relativeHumidity * isoSaturation(temperature) + (1 - used) * outside.relativeHumidity * isoSaturation(outside.temperature)
    expect(inside.relativeHumidity * isoSaturation(inside.temperature)).toBeCloseTo(pressure, 6)
  })

  test("with what gives off water: all of it thinned by all air that comes in, by hand", () => {
    const change = (water: Partial<NonNullable<Job["brief"]["inside"]["water"]>> | null) => (job: Job) => {
      const none = { cooking: 0, clothes: 0, animals: 0, goods: 0, burners: 0 }
      Object.assign(job.brief.inside, { people: 2, activity: "seated", from: 0, to: 24, water: water && { ...none, ...water } })
      Object.assign(job.variants.first!, { ventilation: { perPerson: 0, always: 0.02, recovery: 0 } })
    }
    const layers = stack`osb 12, xps 100`
    const { months, conditions } = boxOf(layers, change({ cooking: 1, burners: 3.6e6 }))
    // Tight: 20 L/s of outdoor air. Two people 2·35/2.501e6; 1 kg a day; 1 kWh of propane 72/44/46.35e6·3.6e6 = 0.1271 kg a day.
    const given = 70 / 2.501e6 + (1 + 0.1271) / 86_400
    const [january] = months
    const outdoors = january!.outside.relativeHumidity * isoSaturation(january!.outside.temperature)
    const pressure = outdoors + (given * 461.5 * 293.15) / 0.02
    expect(january!.inside.relativeHumidity * isoSaturation(20)).toBeCloseTo(pressure, 1)
    // The worst night is as humid as the coldest month.
    expect(conditions.winter.inside.relativeHumidity).toBeCloseTo(january!.inside.relativeHumidity, 9)
    expect(boxOf(layers, change(null)).conditions.winter.inside.relativeHumidity).toBe(0.5)
    const full = boxOf(layers, (job) => {
      change({ cooking: 100 })(job)
      job.variants.first!.ventilation.always = 1e-6
    })
    expect(full.months.every(({ full, inside }) => full && inside.relativeHumidity === 1)).toBe(true)
  })
})

describe("water through the months", () => {
  test("between dry and wet cup a board in the damp lets more through than in the dry", () => {
    const sd = (relativeHumidity: number) => {
      const { moisture } = boxOf(stack`gypsum-board 12, eps 50`, (job) => (job.brief.indoors.winter.relativeHumidity = relativeHumidity))
      return moisture.left.water.airLayers[0]![1]!
    }
    // Outdoors at 80 % and more: the board's own cups are 10 and 4.
    expect(sd(0.5)).toBeCloseTo(4 * 0.012, 3)
    const inside = boxOf(stack`eps 50, gypsum-board 12`, (job) => (job.brief.indoors.winter.relativeHumidity = 0.2)).moisture.left.water
    const [, outer, inner] = inside.airLayers[0]!
    expect(inner! - outer!).toBeGreaterThan(9 * 0.012)
  })

  test("is what the standard's operation says of the same layers and airs", () => {
    // Of stuffs that are the same by both cups.
    const { moisture, surfaces, months } = boxOf(stack`steel-painted 0.8, glass-wool 100, xps 20`)
    const wall = surfaces.find(({ id }) => id === "left")!
    const { water } = moisture.left
    const found = glaser({
      ...{ rsi: 0.13, rse: 0.04, months: months.map(({ inside, outside }) => ({ inside, outside })) },
      layers: wall.layers.map(({ layer, conductivity, equivalentAirLayer }) => {
        return { thickness: layer.thickness, conductivity: conductivity, sd: equivalentAirLayer }
      }),
    })
    expect(found.peak).toBeGreaterThan(0.1)
    expect(water.diffusion.peak).toBeCloseTo(found.peak, 9)
    expect(water.diffusion.left).toBeCloseTo(found.annualBalance, 9)
    expect(water.diffusion.first).toBe(found.firstMonth)
  })

  test("that leaks bring between two layers that let none through, by hand", () => {
    const tight = stack`steel-painted 0.8, glass-wool 100, steel-painted 0.8`
    const { moisture, months, leaks, skinArea, surfaces } = boxOf(tight, (job) => (job.variants.first!.leakage.ach50 = 3))
    const { water } = moisture.left
    const [skin, wool, lining] = surfaces[1]!.layers.map(({ equivalentAirLayer }) => equivalentAirLayer) as [number, number, number]
    const leakage = (leaks.ach50 * leaks.volume) / skinArea
    const { first, months: told } = water.leaking
    let lying = 0
    for (let k = 0; k < 12; k++) {
      const month = (first! + k) % 12
      const { inside, outside, leak } = months[month]!
      const [indoors, outdoors] = [inside, outside].map((air) => air.relativeHumidity * isoSaturation(air.temperature)) as [number, number]
      const wet = isoSaturation(water.temperatures[month]![1]!)
      const through = 2e-10 * ((indoors - wet) / (wool + lining) + (outdoors - wet) / skin)
      const leaking = leakWater(Math.max(indoors, outdoors) - wet, leak * leakage, "wall")
      lying = Math.max(0, lying + (through + leaking) * DAYS_IN_MONTH[month]! * 86_400)
      expect(told[month]!.water[0]).toBeCloseTo(lying, 9)
    }
    expect(sum(told.map((month) => month!.water[0]!))).toBeGreaterThan(0.05)
  })

  test("a cold room that is tight on the inside gathers year on year, and dries where it is tight outside", () => {
    const room = (assembly: ReturnType<typeof stack>) =>
      boxOf(assembly, (job) => {
        job.brief.kind = "cold-room"
        job.brief.station = "heron-delta"
        job.brief.indoors = { winter: { temperature: 3, relativeHumidity: 0.85 }, summer: { temperature: 3, relativeHumidity: 0.85 } }
        job.brief.outdoors = { winter: null, summer: null }
      }).moisture.left.verdict
    const wrong = room(stack`softwood-plywood 9, stone-wool 100, foil-membrane 0.3`)
    expect(wrong).toMatchObject({ filling: "gathers", harms: true })
    expect(wrong.sentence).toContain("of it dries within the year")
    expect(room(stack`foil-membrane 0.3, stone-wool 100, softwood-plywood 9`)).toMatchObject({ filling: "dry", harms: false })
  })

  test("months are told as one says them", () => {
    expect(monthWords([0])).toBe("in January")
    expect(monthWords([0, 1, 10, 11])).toBe("from November to February")
    expect(monthWords(Array.from({ length: 12 }, (_, i) => i))).toBe("all year")
  })
})
