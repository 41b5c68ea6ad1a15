import { describe, expect, test } from "@jest/globals"
import fc from "fast-check"
import { anyJob } from "../../../tests/arbitrary/any-job"
import { demo, readyBuildUps, wearing } from "../../../tests/fixtures/jobs"
import type { Job } from "../../schema/job/job"
import type { HygroInput } from "../../schema/hygro"
import { membersOf } from "../assembly/build-up"
import { weatherYear } from "../climate/weather-of"
import { activeState } from "../enclosure/job-state"
import { hygrothermal } from "../hygrothermal/hygrothermal"
import { ledgerOf } from "../ledger/ledger"
import { CATALOGUE } from "../material/catalogue"
import { worstPlane } from "../moisture/damp-verdict"
import { frostLimit } from "./frost-limit"
import { layerStuff, liquidOf, sorptionOf, uptakeOf } from "./layer-stuff"
import { asBuilt, divides, likelyBuild } from "./likely-builds"
import { growMould, type Mould, mouldClass } from "../moisture/mould-index"
import { AS_DRAWN, type SectionModel, sectionModel, type SectionSaid } from "./section-model"
import { CLOSE, ROUGH, sectionYears } from "./section-years"
import { sectionVerdict } from "./section-verdict"
import { wallRainShare } from "./wall-rain"

const facesOf = (job: Job) => {
  const state = activeState(job)
  const ledger = ledgerOf(state)
  return ledger.surfaces.map((surface) => ({
    surface,
    model: sectionModel(surface, ledger.moisture[surface.id]!.water, ledger, state.brief),
  }))
}

describe("stuffs", () => {
  test("lead liquid by what they draw in: spruce when full, by hand", () => {
    // 3.8·(0.004/126)² = 3.830e-9 m²/s; the last stretch of its sorption rises by 25.2 in 0.05; over 1000·461.5·293.15.
    const { sorption } = CATALOGUE.spruce!
    const [water, k] = liquidOf(sorptionOf(CATALOGUE.spruce!), 0.004).at(-1)!
    expect(water).toBe(sorption!.at(-1)![1])
    expect(k / ((3.83e-9 * (25.2 / 0.05)) / (1000 * 461.5 * 293.15))).toBeCloseTo(1, 3)
  })

  test.each(["sand-lime-brick", "aerated-concrete"])(
    "%s that stands in water draws in what its uptake says, with the root of time (ISO 15148)",
    (id) => {
      const material = layerStuff(id, CATALOGUE[id]!, CATALOGUE[id]!.conductivity.declared, 0.1 * CATALOGUE[id]!.vapour.mu!.dry, 0.1)
      const air = { temperature: 20, relativeHumidity: 0.5 }
      const input: HygroInput = {
        layers: [{ thickness: 0.1, cells: 40, material }],
        initial: air,
        outside: { heatTransfer: "fixed", vapourTransfer: "fixed", temperature: 20, relativeHumidity: 1 },
        inside: { heatTransfer: "fixed", vapourTransfer: "sealed", temperature: 20, relativeHumidity: 0.5 },
        duration: 3600,
        output: [0, 900, 3600],
      }
      const held = hygrothermal(input).layers.map(({ waterContent }) => waterContent[0]! * 0.1)
      const { uptake } = uptakeOf(id)!
      // The diffusivity is Künzel's fit to that uptake: it comes to it within a tenth or so.
      expect((held[2]! - held[0]!) / (uptake * 60)).toBeGreaterThan(0.8)
      expect((held[2]! - held[0]!) / (uptake * 60)).toBeLessThan(1.2)
      const doubled = (held[2]! - held[0]!) / (held[1]! - held[0]!)
      expect(doubled).toBeGreaterThan(1.8)
      expect(doubled).toBeLessThan(2.1)
    },
  )
})

describe("mould", () => {
  const through = (weeks: number, temperature: number, humidity: number): Mould => {
    const mould = { index: 0, idle: 0 }
    for (let hour = 0; hour < 168 * weeks; hour++) growMould(mould, mouldClass(CATALOGUE.spruce!)!, temperature, humidity)
    return mould
  }

  test("on pine at 20 °C and 97 %: index 1 after exp(−0.68·ln 20 − 13.9·ln 97 + 66.02) weeks, at last 1 + 7·0.85 − 2·0.85²", () => {
    const weeks = Math.exp(-0.68 * Math.log(20) - 13.9 * Math.log(97) + 66.02)
    expect(through(weeks, 20, 0.97).index).toBeCloseTo(1, 1)
    expect(through(200, 20, 0.97).index).toBeCloseTo(1 + 7 * 0.85 - 2 * 0.85 ** 2, 1)
  })

  test("grows neither in the cold, in the dry nor on metal, and goes back by 0.032 in the first dry day", () => {
    // At 5 °C it needs 100 − 3.13·5 + 0.16·25 − 0.00267·125 = 88.0 %.
    expect(through(50, 5, 0.875).index).toBe(0)
    expect(through(50, 5, 0.89).index).toBeGreaterThan(0)
    expect(through(50, -1, 1).index).toBe(0)
    expect(mouldClass(CATALOGUE["steel-painted"]!)).toBeNull()
    const grown = through(20, 20, 0.95)
    const before = grown.index
    for (let hour = 0; hour < 24; hour++) growMould(grown, mouldClass(CATALOGUE.spruce!)!, 20, 0.5)
    expect(before - grown.index).toBeCloseTo((6 * 0.032) / 24, 9)
  })
})

/** Fibre behind a metal skin, lined with a board of sd 5 m: 20 °C and 50 % inside, −5 °C beyond all year. */
function steady(change: Partial<SectionModel> = {}): SectionModel {
  const [metal, wool, board] = facesOf(demo("Larkspur"))[1]!.model.layers as [SectionModel["layers"][0], ...SectionModel["layers"]]
  const stuff = { density: 20, specificHeat: 1000, conductivity: [[0, 0.035] as [number, number]], mu: 1 }
  const { sorption } = layerStuff("stone-wool", CATALOGUE["stone-wool"]!, 0.035, 0.1, 0.1)
  const airs = { inside: { temperature: 20, relativeHumidity: 0.5 }, beyond: { temperature: -5, relativeHumidity: 0.8 } }
  return {
    weather: "linden-vale",
    around: { horizon: [0, 0, 0, 0, 0, 0, 0, 0], roof: null },
    layers: [
      { ...metal, thickness: 0.001 },
      { ...wool!, thickness: 0.1, material: { ...stuff, sorption } },
      { ...board!, thickness: 0.005, sheet: false, wood: false, material: { ...stuff, sorption, mu: 1000 } },
    ],
    ...{
      outdoors: false,
      free: false,
      rse: 0.04,
      rsi: 0.13,
      sealed: true,
      sun: null,
      tilt: 90,
      rain: false,
      driven: 0,
      dried: new Array<boolean>(12).fill(true),
      seasons: new Array<"winter">(12).fill("winter"),
    },
    ...{ airs: new Array(12).fill(airs), leaks: [], start: 9, shift: { temperature: 0, humidity: 0, sun: 1, rain: 1 } },
    ...change,
  }
}
/** Pa over saturation at the metal, which stands at −5 + 25·0.04/(0.04 + 0.1/0.035 + 0.005/0.035 + 0.13) = −4.69 °C. */
const OVER = 0.5 * 610.5 * Math.exp((17.269 * 20) / (237.3 + 20)) - 610.5 * Math.exp((21.875 * -4.69) / (265.5 - 4.69))
const YEAR = 365 * 86_400
/** Nothing changes from day to day. */
const STEADY = { ...ROUGH, every: 24, years: 2 }

describe("a section at rest", () => {
  test("gathers by vapour what δ·Δp/sd brings, in the plane that is cold enough", () => {
    const told = sectionYears(steady(), weatherYear("linden-vale"), 0.5, STEADY)
    // sd of 0.1 + 5 m; a film of 0.13 adds 2e-10·0.13/6e-9 = 0.004 m.
    expect((told.gained.inside + told.gained.outside) / ((2e-10 * OVER * YEAR) / 5.104)).toBeCloseTo(1, 1)
    expect(told.gained.leaks).toBe(0)
    expect(told.repeats).toBe(false)
    expect(told.years.at(-1)![1]!.wet.every((hours) => hours > 600)).toBe(true)
  })

  test("holds no more than its pores: wool of 40 kg/m³ between 2,600 has 985 kg/m³ of them, and the rest runs out below and is told", () => {
    const { material } = { material: layerStuff("stone-wool", CATALOGUE["stone-wool"]!, 0.035, 0.1, 0.1) }
    const full = material.sorption.at(-1)![1]
    expect(full).toBeCloseTo(1000 * (1 - CATALOGUE["stone-wool"]!.density / 2600) + 5, 6)
    const transfer = new Array<number>(12).fill(1e-7)
    const wet = steady({ leaks: [{ layer: 1, face: "outer", transfer }] })
    const [metal, wool, board] = wet.layers
    const told = sectionYears(
      { ...wet, layers: [metal!, { ...wool!, material: { ...wool!.material, sorption: material.sorption } }, board!] },
      weatherYear("linden-vale"),
      0.5,
      STEADY,
    )
    const last = told.years.at(-1)![1]!
    expect(last.most / 0.1).toBeLessThan(full * 1.0001)
    expect(last.drained).toBeGreaterThan(10)
    // What came in and did not stay ran out.
    expect(told.balance.water).toBeLessThan(1e-6)
  })

  test("gathers from leaking air what its transfer and the damper air bring", () => {
    const transfer = new Array<number>(12).fill(1e-11)
    const told = sectionYears(steady({ leaks: [{ layer: 1, face: "outer", transfer }] }), weatherYear("linden-vale"), 0.5, STEADY)
    expect(told.gained.leaks / (1e-11 * OVER * YEAR)).toBeCloseTo(1, 1)
    expect(told.balance.water).toBeLessThan(1e-6)
    expect(told.balance.heat).toBeLessThan(1e-6)
  })
})

test("between foil-faced boards and a cold room's steel leaks bring what they do by the months, and it stays", () => {
  const { assembly } = readyBuildUps("cold-room", "wall").find(({ id }) => id === "pir")!
  // Boards against a sheet that was there before: no panel, whose core is closed.
  const [sheet] = assembly.order
  const loose = { ...assembly, layers: { ...assembly.layers, [sheet!]: { ...assembly.layers[sheet!]!, existing: true } } }
  const state = activeState(wearing("cold-room", "linden-vale", loose))
  const ledger = ledgerOf(state)
  const surface = ledger.surfaces.find(({ face }) => face.part === "wall")!
  const { water } = ledger.moisture[surface.id]!
  const model = sectionModel(surface, water, ledger, state.brief)
  const told = sectionYears(model, weatherYear(model.weather), 0.8, { ...ROUGH, years: 2 })
  const { lying } = worstPlane(water)!
  expect(told.gained.leaks / Math.max(...lying)).toBeGreaterThan(0.8)
  expect(told.gained.leaks / Math.max(...lying)).toBeLessThan(1.2)
  expect(sectionVerdict(model, told, surface.layers, "wall")).toMatchObject({ filling: "gathers", harms: true })
  // No air is damper than full.
  expect(Math.max(...told.humidity)).toBeLessThan(1.02)
})

test("a section goes through studs, and air leaks to where it is said to", () => {
  const state = activeState(demo("Tern Hut"))
  const ledger = ledgerOf(state)
  const surface = ledger.surfaces.find(({ face, layers }) => face.part === "wall" && membersOf(layers).length > 0)!
  const { water } = ledger.moisture[surface.id]!
  const modelOf = (said: Partial<SectionSaid>) => sectionModel(surface, water, ledger, state.brief, { ...AS_DRAWN, ...said })
  const { id } = membersOf(surface.layers)[0]!
  const [beside, through] = [modelOf({}).layers, modelOf({ through: id }).layers]
  const crossed = beside.findIndex((_, i) => surface.layers.at(i - beside.length)!.members.length > 0)
  expect([beside[crossed]!.wood, through[crossed]!.wood]).toEqual([false, true])
  expect(through[crossed]!.material.density).toBe(membersOf(surface.layers)[0]!.stuffs.stuff.density)
  expect(through.filter((_, i) => i !== crossed)).toEqual(beside.filter((_, i) => i !== crossed))
  expect(modelOf({ leak: -1 }).leaks).toEqual([])
  const inmost = surface.layers.length - 2
  const [leak] = modelOf({ leak: inmost }).leaks
  expect([beside.length - 2, beside.length - 1]).toContain(leak!.layer)
  expect(Math.max(...leak!.transfer)).toBeGreaterThan(0)
})

describe("frost in a skin", () => {
  test("clay brick of 1,800 kg/m³ has 321 kg/m³ of pores: frost breaks it from 80 % of them on (by hand), and of wood that is not known", () => {
    expect(frostLimit("clay-brick", 1800)).toBeCloseTo(0.8 * 1000 * (1 - 1800 / 2650), 9)
    expect(frostLimit("spruce", 450)).toBeNull()
  })

  test("counts how often it freezes fuller than that, and tells it as harm", () => {
    const layer = { ...steady().layers[2]!, wood: false, frost: 100 }
    const year = {
      least: 0,
      most: 20,
      end: 1,
      wet: [200, ...new Array<number>(11).fill(0)],
      free: 1,
      drained: 0,
      rot: 0,
      frost: 0,
      rust: 0,
      mould: null,
      wettest: null,
    }
    const model = {
      ...steady({ rain: true, outdoors: true, sealed: false }),
      layers: [{ ...layer, material: { ...layer.material, liquidConductivity: [[0, 1e-12]] as [number, number][] } }],
    }
    const said = (cycles: number) =>
      sectionVerdict(
        model,
        { years: [[{ ...year, cycles }], [{ ...year, cycles }]], repeats: true },
        [{ material: { name: "Solid clay brick" } }],
        "wall",
      )
    expect(said(0)).toMatchObject({ filling: "weeks", harms: false, freezes: false })
    expect(said(3)).toMatchObject({ filling: "gathers", harmed: true, harms: true, freezes: true })
    expect(said(3).sentence).toContain("It freezes 3 times a year")
  })
})

describe("rain", () => {
  test("of the open country comes to a wall by terrain, what stands before it, and its own kind (ISO 15927-3): by hand", () => {
    const face = { face: { outline: new Array(4) }, shades: null } as unknown as Parameters<typeof wallRainShare>[0]
    // In the open: 0.19·ln(4/0.05) = 0.8326, no obstruction, a wall under a flat roof 0.4, a mean over all directions of 1/π.
    expect(wallRainShare(face, 1)).toBeCloseTo((0.8326 * 0.4) / Math.PI, 4)
    // Among houses: 0.22·ln(8/0.3) = 0.7223, 0.5, and 0.3 under an eave of 400 mm.
    const eave = { ...face, shades: { overhang: { depth: 0.4, above: 0.1, extendLeft: 0, extendRight: 0 }, left: null, right: null } }
    expect(wallRainShare(eave, 3)).toBeCloseTo((0.7223 * 0.5 * 0.3) / Math.PI, 4)
  })

  const wall = (material: string) => {
    const { assembly } = readyBuildUps("shed", "wall")[0]!
    const outermost = assembly.order[0]!
    const layers = { ...assembly.layers, [outermost]: { ...assembly.layers[outermost]!, material, thickness: 0.06 } }
    return facesOf(wearing("shed", "brackwater", { ...assembly, layers })).find(({ surface }) => surface.face.part === "wall")!.model
  }
  const gained = (model: SectionModel) => sectionYears(model, weatherYear(model.weather), 0.8, { ...ROUGH, years: 1 }).years[0]![0]!.most

  test("falls on masonry, not on a sheathing board whose cladding is not drawn", () => {
    expect(wall("wood-fibre-board").rain).toBe(false)
    const brick = wall("clay-brick")
    expect(brick.rain).toBe(true)
    expect(gained(brick)).toBeGreaterThan(3 * gained({ ...brick, rain: false }))
  })
})

test("a slab sweats on damp days of spring that the months' means do not show", () => {
  const { assembly } = readyBuildUps("post-frame", "floor").find(({ id }) => id === "no-insulation-under-the-slab")!
  const job = wearing("post-frame", "saltmarsh-quay", assembly)
  const { model } = facesOf(job).find(({ surface }) => surface.face.part === "floor")!
  const sweats = (dried: boolean) =>
    sectionYears({ ...model, free: false, dried: new Array<boolean>(12).fill(dried) }, weatherYear(model.weather), 0.8, {
      ...ROUGH,
      years: 1,
    }).sweats
  expect(sweats(false)).toBeGreaterThan(sweats(true) + 24)
})

test("a bare metal roof over a store that nothing heats sweats on more nights than one that is insulated", () => {
  const job = demo("Eel Barn")
  job.brief.limits = { ...job.brief.limits, loss: 0, gain: 0 }
  const { model } = facesOf(job).find(({ surface }) => surface.id === "roof-left")!
  expect(model.free).toBe(true)
  const sweats = (layers: SectionModel["layers"]) =>
    sectionYears({ ...model, layers }, weatherYear(model.weather), 0.8, { ...ROUGH, every: 3, years: 1 }).sweats
  const [bare, lined] = [sweats(model.layers.slice(0, 1)), sweats(model.layers)]
  expect(bare).toBeGreaterThan(500)
  expect(lined).toBeLessThan(bare / 2)
})

describe("the demo jobs", () => {
  const told = (job: string, face: number) => {
    const { model, surface } = facesOf(demo(job))[face]!
    const years = sectionYears(model, weatherYear(model.weather), 0.8, { ...ROUGH, years: 2 })
    return { model, years, verdict: sectionVerdict(model, years, surface.layers.slice(-model.layers.length), "face") }
  }

  test("agree with their months: the hut's wall stays dry, the van's hemp behind its skin is wet all year and moulds, the cold room's wool fills", () => {
    expect(told("Tern Hut", 1).verdict).toMatchObject({ filling: "dry", harms: false })
    expect(told("Larkspur", 1).verdict).toMatchObject({ harms: true, freezes: true, moulds: true, where: "hemp batt" })
    expect(told("Cold Nettle", 1).verdict).toMatchObject({ filling: "gathers", harms: true })
  })

  test("are much the same roughly as closely told: water within a fifth of what may lie there or of its range", () => {
    const { model } = facesOf(demo("Larkspur"))[2]!
    const weather = weatherYear(model.weather)
    const close = sectionYears(model, weather, 0.8, { ...CLOSE, years: 1 }).years[0]!
    const rough = sectionYears(model, weather, 0.8, { ...ROUGH, years: 1 }).years[0]!
    close.forEach(({ most, least }, i) => {
      const other = rough[i]!
      const may = 0.2 * Math.max(model.layers[i]!.bearable, most - least)
      expect(Math.abs(most - other.most)).toBeLessThan(may)
      expect(Math.abs(least - other.least)).toBeLessThan(may)
    })
  })
})

describe("likely builds", () => {
  test("are the same whenever they are asked for, and differ from one another", () => {
    expect(likelyBuild(3)).toEqual(likelyBuild(3))
    expect(new Set(Array.from({ length: 100 }, (_, index) => likelyBuild(index).leaks)).size).toBe(100)
  })

  test("have holes beside their tight sheet: 1/(1/100 m + 0.02) is 33 m", () => {
    const [metal, wool] = steady().layers
    const sheet = { ...wool!, thickness: 0.0002, sheet: true, material: { ...wool!.material, mu: 100 / 0.0002 } }
    const build = { ...likelyBuild(0), holes: 0.02, leaks: 2, resistance: 1 }
    const built = asBuilt({ ...steady(), layers: [metal!, wool!, sheet], leaks: [{ layer: 1, face: "outer", transfer: [1] }] }, build)
    expect(built.layers[2]!.material.mu! * 0.0002).toBeCloseTo(33.33, 1)
    expect(built.layers[0]!.material.mu).toBe(metal!.material.mu)
    expect(built.leaks[0]!.transfer).toEqual([2])
  })

  test("are divided by what wet ones have more of", () => {
    const outcomes = Array.from({ length: 60 }, (_, index) => ({ build: likelyBuild(index), harms: likelyBuild(index).leaks > 1.2 }))
    expect(divides(outcomes)[0]!.what).toBe("leaks")
    expect(divides(outcomes)[0]!.by).toBeGreaterThan(0.5)
    expect(divides(outcomes.map((one) => ({ ...one, harms: true })))).toEqual([])
  })
})

test("any job's faces hold no water below nothing, and both balances", () => {
  fc.assert(
    fc.property(anyJob, fc.nat(20), (job, at) => {
      const faces = facesOf(job)
      const { model } = faces[at % faces.length]!
      const told = sectionYears(model, weatherYear(model.weather), 0.8, { ...ROUGH, years: 1 })
      expect(told.water.every((water) => water >= 0)).toBe(true)
      expect(told.balance.water).toBeLessThan(1e-6)
      expect(told.balance.heat).toBeLessThan(1e-6)
      expect(told.years[0]!.every(({ most }) => Number.isFinite(most))).toBe(true)
    }),
    { numRuns: 4, endOnFailure: true },
  )
})
