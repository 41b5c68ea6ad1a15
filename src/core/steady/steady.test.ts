import { demoJobs, startShell } from "../../../tests/fixtures/jobs"
import { describe, expect, test } from "@jest/globals"
import { NO_VENTILATION, NOTHING_INSIDE } from "../../schema/job/inside"
import { PLAIN_LAYER } from "../../schema/job/build-up"
import type { Job } from "../../schema/job/job"
import { annualMean, summerDesignDay } from "../climate/design-day"
import { CLIMATE_STATIONS, climateStationOf } from "../climate/climate-stations"
import { cautionsFor, layerCautions } from "../ledger/cautions"
import { type Ledger, ledgerOf } from "../ledger/ledger"
import { sum } from "../numeric/sum"
import { heatFlowDirection, INDOOR_RESISTANCE } from "../assembly/surface-resistance"
import { enclosureHours } from "../dynamic/enclosure-hours"
import { activeState } from "../enclosure/job-state"
import { leakingAir } from "../enclosure/leaks"
import { facesOf } from "../shell/faces"
import { roofOver } from "../shell/roof-overhang"
import { FACES } from "../../schema/job/references"
import { CATALOGUE, materialOf } from "../material/catalogue"
import { clearSky } from "../sun/clear-sky"
import { slantShare } from "../sun/glass"
import { incidenceCosine, solarPosition } from "../sun/solar-position"
import { clearIrradiance, tiltedIrradiance } from "../sun/tilted-irradiance"
import { conditionsOf } from "../enclosure/conditions"
import { freeDay } from "./free-day"
import { massEffect } from "./mass-effect"
import { sunThrough } from "./surface-gain"
import { airLeakageHeat, airLeakageLatentHeat, solAirTemperature, transmission } from "./transmission"

describe("heat flows, by hand", () => {
  test("through a face, by air, with its water, and with the sun", () => {
    expect(transmission(10, 0.5, 30)).toBe(150)
    // 1.204·1006·0.01·20 = 242.2 W
    expect(airLeakageHeat(0.01, 20)).toBeCloseTo(242.245, 2)
    // 1.204·2.501e6·0.01·0.005 = 150.56 W; air that is drier than the room asks for nothing
    expect(airLeakageLatentHeat(0.01, 0.005)).toBeCloseTo(150.56, 2)
    expect(airLeakageLatentHeat(0.01, -0.005)).toBe(0)
    // 30 + 0.9·800/17
    expect(solAirTemperature(30, 0.9 * 800, 1 / 17)).toBeCloseTo(72.353, 3)
  })
})

describe("stations", () => {
  test.each(Object.entries(CLIMATE_STATIONS))("%s is a place that could be", (_, station) => {
    const months = station.monthlyTemperature
    expect(months).toHaveLength(12)
    // The design night is colder than any month's mean, the design afternoon warmer.
    expect(station.winter.temperature).toBeLessThan(Math.min(...months))
    expect(station.summer.temperature).toBeGreaterThan(Math.max(...months))
    expect(annualMean(station)).toBeGreaterThan(Math.min(...months))
    expect(annualMean(station)).toBeLessThan(Math.max(...months))
    const noon = summerDesignDay(station, station.summer.temperature, station.summer.relativeHumidity).reduce((best, hour) =>
      hour.sun.altitude > best.sun.altitude ? hour : best,
    )
    // A clear summer noon brings 700 to 1050 W/m² on level ground anywhere below the polar circle; less beyond it.
    const level = tiltedIrradiance(noon.sun, noon.light, 0, 0, 0.2)
    expect(level).toBeGreaterThan(station.latitude > 66 ? 500 : 700)
    expect(level).toBeLessThan(1080)
  })

  test("the mean of the year counts the days of its months, by hand", () => {
    // 31 days of each odd month … of a place that has 12 °C in January and 0 else: 12·31/365
    const place = { ...CLIMATE_STATIONS.norrhalde!, monthlyTemperature: [12, ...Array.from({ length: 11 }, () => 0)] }
    expect(annualMean(place)).toBeCloseTo((12 * 31) / 365, 12)
  })

  test("an unknown one is refused by name", () => expect(() => climateStationOf("atlantis")).toThrow("atlantis"))
})

describe("conditions of a job", () => {
  const job = demoJobs()[1]!

  test("are the station's until they are typed", () => {
    expect(conditionsOf(job.brief, job.shell).summer.outside).toMatchObject({ temperature: 28, relativeHumidity: 0.62 })
    const typed = { ...job.brief, outdoors: { winter: null, summer: { temperature: 32, relativeHumidity: 0.7 } } }
    expect(conditionsOf(typed, job.shell).summer.outside).toEqual({ temperature: 32, relativeHumidity: 0.7 })
  })

  test("have no wind in another building", () => {
    expect(conditionsOf(job.brief, job.shell).winter.windSpeed).toBe(0)
    expect(conditionsOf(job.brief, { ...job.shell, against: {} }).winter.windSpeed).toBe(6)
  })
})

/** A hut of one R 2 board all round, tight, without windows, in the sun. */
function plainHut(): Job {
  const job = structuredClone(demoJobs()[2]!)
  const layer = { material: "xps", thickness: 0.068, ...PLAIN_LAYER }
  job.shell = startShell({ kind: "box", length: 4, width: 3, height: 2.5 }, { floor: "skids", openings: {} })
  job.brief.station = "linden-vale"
  job.brief.service = null
  job.brief.indoors = { winter: { temperature: 20, relativeHumidity: 0.5 }, summer: { temperature: 26, relativeHumidity: 0.5 } }
  const variant = job.variants.first!
  variant.leakage.ach50 = 0
  variant.ventilation = NO_VENTILATION
  job.brief.inside = NOTHING_INSIDE
  variant.assemblies = { one: { name: "one", reason: "", absorptance: 0.6, members: {}, layers: { l1: layer }, order: ["l1"], edge: null } }
  variant.wears = { floor: "one", left: "one", right: "one", front: "one", back: "one", roof: "one" }
  return job
}

describe("a plain hut", () => {
  const ledger = ledgerOf(activeState(plainHut()))

  test("gains through its roof what sun, air and sky drive, by hand from the sun on it, where the board stores nothing", () => {
    const job = plainHut()
    job.materials = { light: { ...CATALOGUE.xps!, name: "Board without weight", density: 0.1, specificHeat: 10 } }
    job.variants.first!.assemblies.one!.layers.l1!.material = "light"
    const roof = ledgerOf(activeState(job)).gain.worst.roof!
    const day = summerDesignDay(CLIMATE_STATIONS["linden-vale"]!, 31, 0.4).find((one) => one.hour === roof.hour)!
    const irradiance = tiltedIrradiance(day.sun, day.light, 0, 0, 0.2)
    // 31 °C at 40 % has its dew point at 15.80 °C: the clear sky sends 0.787 + 0.764·ln(288.95/273.15) = 0.82996 of what a black one would.
    const sky = 0.9 * 5.670374e-8 * (day.temperature + 273.15) ** 4 * (1 - 0.82996)
    // Heat goes down through it: films 1/17 and 0.17, R 2: U = 1/2.228824 = 0.448667; 12 m²
    const expected = 12 * 0.448667 * (day.temperature + (0.6 * irradiance - sky) / 17 - 26)
    expect(Math.abs(roof.heat / expected - 1)).toBeLessThan(5e-4)
  })

  test("its day is the one that a simulation comes to when the day repeats", () => {
    // Cut into cells and stepped through time, with the sun of each minute, and the air on a straight line between the hours.
    const { gain: days, surfaces } = ledger
    const station = CLIMATE_STATIONS["linden-vale"]!
    const day = summerDesignDay(station, 31, 0.4)
    const between = (of: (hour: (typeof day)[number]) => number, minute: number) => {
      const [hour, share] = [Math.floor(minute / 60), (minute % 60) / 60]
      return (1 - share) * of(day[(hour + 23) % 24]!) + share * of(day[hour % 24]!)
    }
    const suns = Array.from({ length: 1440 }, (_, minute) => {
      // Its clock is an hour ahead of UTC.
      const sun = solarPosition(Date.UTC(2026, 6, 21) + (minute - 60) * 60_000, station.latitude, station.longitude)
      return { sun, light: clearSky(sun.altitude, 202, station.summer.beamDepth, station.summer.diffuseDepth) }
    })
    for (const { face, id, netArea } of surfaces.filter(({ face }) => face.part === "wall")) {
      const solAir = suns.map(({ sun, light }, minute) => {
        const [air, sky] = [between(({ temperature }) => temperature, minute), between(({ skyTemperature }) => skyTemperature, minute)]
        const loss = 0.45 * 5.670374e-8 * ((air + 273.15) ** 4 - (sky + 273.15) ** 4)
        return air + (0.6 * clearIrradiance(sun, light, 90, face.azimuth, 0.2) - loss) / 17
      })
      const n = 20
      const [step, cell] = [60, 0.068 / n]
      const { density, specificHeat, conductivity } = CATALOGUE.xps!
      const [link, capacity] = [conductivity.declared / cell, density * specificHeat * cell]
      const cells = new Float64Array(n).fill(26)
      const flux: number[] = []
      for (let minute = 0; minute < 3 * 1440; minute++) {
        // Explicit, in steps small enough to be stable.
        for (let part = 0; part < 30; part++) {
          const before = cells.slice()
          for (let i = 0; i < n; i++) {
            const left = i === 0 ? (solAir[minute % 1440]! - before[0]!) / (1 / 17 + 0.5 / link) : link * (before[i - 1]! - before[i]!)
            const right = i === n - 1 ? (26 - before[i]!) / (0.13 + 0.5 / link) : link * (before[i + 1]! - before[i]!)
            cells[i]! += ((left + right) * (step / 30)) / capacity
          }
        }
        if (minute >= 2 * 1440 && minute % 60 === 59) flux.push((netArea * (cells[n - 1]! - 26)) / (0.13 + 0.5 / link))
      }
      const greatest = Math.max(...flux)
      expect(Math.abs(days.worst[id]!.heat / greatest - 1)).toBeLessThan(0.01)
      expect(Math.abs(days.worst[id]!.hour - (flux.indexOf(greatest) + 1))).toBeLessThanOrEqual(1)
    }
  })

  test("has its walls hottest when the sun is on them", () => {
    // Front south, so left is east and right is west.
    const hourOf = (id: string) => ledger.gain.worst[id]!.hour
    expect(hourOf("left")).toBeLessThan(11)
    expect(Math.abs(hourOf("front") - 13)).toBeLessThanOrEqual(2)
    expect(hourOf("right")).toBeGreaterThan(15)
    expect(ledger.gain.worst.roof!.skin).toBeGreaterThan(ledger.gain.worst.back!.skin)
  })

  test("takes a year of heat by its months, by hand", () => {
    // H: walls 35 m²/(2.17) + roof 12/2.14 + floor 12/2.21 = 16.12903 + 5.60748 + 5.42986 = 27.16637 W/K; no month is warmer than 20 °C
    const degreeDays = CLIMATE_STATIONS["linden-vale"]!.monthlyTemperature.reduce(
      (sum, mean, i) => sum + (20 - mean) * [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31][i]!,
      0,
    )
    const edges = sum(ledger.paths.map(({ conductance }) => conductance))
    expect(ledger.year.total / ((27.16637 + edges) * degreeDays * 86_400)).toBeCloseTo(1, 5)
    expect(ledger.year.months.every(({ cooling }) => cooling === 0)).toBe(true)
  })

  test("loses on the worst night by its U and 32 K, by hand; its edges make up for measures over all", () => {
    const edges = ledger.loss.parts.filter(({ kind }) => kind === "path")
    expect(ledger.loss.total - sum(edges.map(({ heat }) => heat))).toBeCloseTo(27.16637 * 32, 2)
    // Twelve edges between outdoor faces, each counted too much by measures over all, and eight corners as one, counted too little then.
    expect(edges).toHaveLength(13)
    expect(edges.map(({ heat }) => heat < 0)).toEqual([...Array<boolean>(12).fill(true), false])
  })
})

describe("the roof's overhang", () => {
  const hut = facesOf({ form: { kind: "gable", length: 4.8, width: 3.6, wallHeight: 2.2, ridgeHeight: 3.3 }, azimuth: 90 })
  const face = (id: string) => hut.find((one) => one.id === id)!
  const out = { eaves: 0.4, ends: 0.3 }

  test("is a level board at the wall's top over a side wall, and at the roof's highest over a part of a gable, by hand", () => {
    const window = { x: 2.4, y: 0.9, width: 1.4, height: 1 }
    // From outside the left is what is right from inside: 4.8 − 3.8 + 0.3 and 2.4 + 0.3.
    expect(roofOver(face("right"), window, out)).toEqual({
      depth: 0.4,
      above: expect.closeTo(0.3, 9),
      extendLeft: expect.closeTo(1.3, 9),
      extendRight: expect.closeTo(2.7, 9),
    })
    // The ridge, 1.1 m over the eaves, stands over the middle, 1.8 m: over the window from 1.3 to 2.3 m.
    expect(roofOver(face("front"), { x: 1.3, y: 1, width: 1, height: 0.9 }, out)).toMatchObject({
      depth: 0.3,
      above: expect.closeTo(1.4, 9),
    })
    expect(roofOver(face("roof-left"), window, out)).toBeNull()
    expect(roofOver(face("right"), window, { eaves: 0, ends: 0.3 })).toBeNull()
  })

  test("keeps noon's sun off a south wall and lets a low sun in, and glass lets less through at a slant", () => {
    const south = face("right")
    expect(south.azimuth).toBe(180)
    const day = summerDesignDay(CLIMATE_STATIONS.varnfell!, 25, 0.42)
    const board = roofOver(south, { x: 1, y: 1, width: 1, height: 1 }, { eaves: 1, ends: 1 })
    const [bare, shaded] = [sunThrough(south, day, 1, 1, null), sunThrough(south, day, 1, 1, { overhang: board, left: null, right: null })]
    const noon = day.reduce((best, { sun }, i) => (sun.altitude > day[best]!.sun.altitude ? i : best), 0)
    // 61° up at noon, the shadow of a metre is 1.8 m long: the window, 0.2 to 1.2 m under the board, lies in it whole.
    const { sun, light } = day[noon]!
    const beam = light.directNormal * incidenceCosine(sun, 90, 180)
    expect(shaded[noon]).toBeCloseTo(0.9 * (clearIrradiance(sun, light, 90, 180, 0.2) - beam), 6)
    bare.forEach((one, i) => expect(shaded[i]!).toBeLessThanOrEqual(one + 1e-9))
    // 1 − 0.1·(1/cos 60° − 1) = 0.9, and nothing from behind.
    expect(slantShare(0.5)).toBeCloseTo(0.9, 12)
    expect([slantShare(1), slantShare(0), slantShare(-0.3), slantShare(0.05)]).toEqual([1, 0, 0, 0])
  })
})

describe("a day without heater and cooler", () => {
  /** The plain hut with concrete inside its boards, in another building, where it has people and machines by day. */
  function heavyHut(): Job {
    const job = plainHut()
    const { one } = job.variants.first!.assemblies
    one!.layers.l2 = { material: "concrete", thickness: 0.1, ...PLAIN_LAYER }
    one!.order = ["l1", "l2"]
    job.shell.spaces = { around: { kind: "open", name: "Building around it" } }
    job.shell.against = Object.fromEntries(FACES.box.map((face) => [face, "around"]))
    Object.assign(job.brief.inside, { people: 2, equipment: 800, from: 7, to: 17 })
    job.variants.first!.leakage.ach50 = 6
    return job
  }

  test("is the one that a simulation in small steps comes to when the day repeats", () => {
    const ledger = ledgerOf(activeState(heavyHut()))
    const { hours } = freeDay(ledger, ledger.gain, ledger.clearVolume)
    const station = CLIMATE_STATIONS["linden-vale"]!
    const day = summerDesignDay(station, 31, 0.4)
    const steps = 6
    const weather = Array.from({ length: 24 * steps }, (_, k) => {
      const [hour, share] = [Math.floor(k / steps), ((k % steps) + 0.5) / steps]
      const temperature = (1 - share) * day[(hour + 23) % 24]!.temperature + share * day[hour]!.temperature
      return { temperature, directNormal: 0, diffuseHorizontal: 0, skyTemperature: null, windSpeed: 0 }
    })
    const { leaks } = ledger
    const leak = (inside: number, outside: number) =>
      leakingAir(leaks, "summer", {
        inside: { temperature: inside, relativeHumidity: 0.5 },
        outside: { temperature: outside, relativeHumidity: 0.4 },
        windSpeed: 0,
      }).flow
    const layers = (["xps", "concrete"] as const).map((id, i) => {
      const { density, specificHeat, conductivity } = CATALOGUE[id]!
      return { thickness: [0.068, 0.1][i]!, conductivity: conductivity.declared, density, specificHeat }
    })
    const simulated = enclosureHours(
      {
        faces: ledger.surfaces.map(({ id, netArea, face, summerFilm }) => ({
          ...{
            id,
            area: netArea,
            tilt: face.tilt,
            azimuth: 0,
            layers,
            rse: summerFilm,
            absorptance: 0,
            emissivity: 0.9,
            skyExchange: false,
          },
          rsi: INDOOR_RESISTANCE[heatFlowDirection(face.tilt, false)],
          exposure: "outdoor" as const,
        })),
        // Edges and corners, as one hole that passes what they pass.
        openings: [{ area: 1, uValue: sum(ledger.countedPaths.map(({ conductance }) => conductance)), g: 0, tilt: 90, azimuth: 0 }],
        volume: ledger.clearVolume,
        capacity: 10_000 * 12,
        airFlow: leak,
        // Two seated people warm the air by 70 W each.
        gains: Array.from({ length: 24 }, (_, hour) => (hour >= 7 && hour < 17 ? 940 : 0)),
        heating: null,
        cooling: null,
      },
      { latitude: 50, longitude: 10, start: Date.UTC(2026, 6, 21), offset: 0, step: 3600 / steps, groundAlbedo: 0.2, hours: weather },
      40,
      30,
    )
    const at = Array.from({ length: 24 }, (_, hour) => simulated.air[(hour + 1) * steps - 1]!)
    hours.forEach(({ inside }, hour) => expect(Math.abs(inside - at[hour]!)).toBeLessThan(0.35))
    const mean = (values: readonly number[]) => sum(values) / values.length
    expect(Math.abs(mean(hours.map(({ inside }) => inside)) - mean(at))).toBeLessThan(0.05)
  })

  test("swings less with more that stores, and is warmer under a darker roof", () => {
    const of = (job: Job) => {
      const ledger = ledgerOf(activeState(job))
      return freeDay(ledger, ledger.gain, ledger.clearVolume)
    }
    const [light, heavy] = [of(plainHut()), of({ ...heavyHut(), shell: plainHut().shell })]
    expect(heavy.highest - heavy.lowest).toBeLessThan(0.7 * (light.highest - light.lowest))
    const dark = plainHut()
    dark.variants.first!.assemblies.one!.absorptance = 0.95
    expect(of(dark).highest).toBeGreaterThan(light.highest + 1)
  })

  test("is warmer where layers weigh nothing, and the same where they weigh nothing already", () => {
    const of = (job: Job) => {
      const ledger = ledgerOf(activeState(job))
      return { ledger, effect: massEffect(ledger, ledger.gain, ledger.clearVolume) }
    }
    const { ledger, effect } = of(heavyHut())
    expect(effect.highest).toBeGreaterThan(1)
    // A store shifts heat and takes none: over a day that repeats as much comes in through each face, each hour as if it lasted.
    const light = structuredClone(heavyHut())
    light.materials = Object.fromEntries((["xps", "concrete"] as const).map((id) => [`own-${id}`, { ...materialOf(id), density: 0.01 }]))
    for (const layer of Object.values(light.variants.first!.assemblies.one!.layers)) layer.material = `own-${layer.material}`
    const weightless = of(light)
    expect(weightless.effect.highest).toBeCloseTo(0, 2)
    expect(weightless.effect.gain).toBeCloseTo(0, 1)
    expect(weightless.ledger.gain.total - ledger.gain.total).toBeCloseTo(effect.gain, 1)
    const day = (one: Ledger) => sum(one.gain.hours.map(({ total }) => total))
    expect(day(weightless.ledger) / day(ledger)).toBeCloseTo(1, 6)
  })

  test("asks for no cooler where its highest is what is wanted inside", () => {
    // Held at the warmest that it comes to by itself, no hour takes heat in but what the swing of the stores gives: less than a tenth.
    const job = plainHut()
    const ledger = ledgerOf(activeState(job))
    const { highest } = freeDay(ledger, ledger.gain, ledger.clearVolume)
    job.brief.indoors.summer.temperature = highest
    const held = ledgerOf(activeState(job)).gain.total
    expect(held).toBeLessThan(0.2 * ledger.gain.total)
  })
})

describe("cautions", () => {
  test("stand with every kind, and name the kind of rule that decides", () => {
    for (const kind of ["van", "cabin", "cold-room", "shed", "post-frame"] as const) {
      const cautions = cautionsFor(kind).join(" ")
      expect(cautions).toMatch(/code|trade|engineer|law|sheet/)
      expect(cautions).not.toMatch(/complian|approved by/i)
    }
    expect(cautionsFor("cold-room").join(" ")).toContain("open the door from inside")
  })

  test("come with the layers that call for them", () => {
    const ledger = ledgerOf(activeState(demoJobs()[0]!))
    const of = (id: string) => layerCautions(ledger.surfaces.find((face) => face.id === id)!.layers).join(" ")
    expect(of("roof")).toContain("barrier")
    expect(of("left")).toContain("dust")
    expect(of("left")).not.toContain("barrier")
  })
})
