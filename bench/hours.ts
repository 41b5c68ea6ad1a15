import { prepare } from "cholesky-solve"
import type { PeriodicLayer } from "../src/core/assembly/periodic"
import { chainOf, type Chain } from "../src/core/dynamic/chain"
import { enclosureHours, type HourlyEnclosure, type HourlyFace, type Weather } from "../src/core/dynamic/enclosure-hours"
import { stepperOf } from "../src/core/dynamic/implicit-step"
import { GAMMA, STAGES } from "../src/core/dynamic/stages"
import { stationYearOf } from "../src/core/climate/station-year"
import { activeState } from "../src/core/enclosure/job-state"
import { simulatedYear } from "../src/core/hourly/year"
import { type YearModel, yearModel } from "../src/core/hourly/year-model"
import { ledgerOf } from "../src/core/ledger/ledger"
import { demoJobs } from "../src/edit/start/demo-jobs"
import { median, medianTime, row, type Row } from "./measure"

const layer = (thickness: number, conductivity: number, density: number, specificHeat: number): PeriodicLayer => ({
  ...{ thickness, conductivity, density, specificHeat },
})
const SIX = [
  layer(0.02, 0.13, 500, 1600),
  layer(0.012, 0.13, 600, 1600),
  layer(0.15, 0.036, 30, 1030),
  layer(0.0002, 0.3, 900, 1800),
  layer(0.04, 0.036, 30, 1030),
  layer(0.0125, 0.21, 700, 1000),
]

/** A year of hours of an enclosure, and how its cost grows. */
export async function benchHours(): Promise<Row[]> {
  const year = await medianTime(5, () => run(10, SIX, 8760))
  const growth = async (more: () => unknown, less: () => unknown) => {
    const ratios: number[] = []
    for (let i = 0; i < 5; i++) ratios.push((await medianTime(1, more)) / (await medianTime(1, less)))
    return median(ratios)
  }
  const faces = await growth(
    () => run(20, SIX, 4380),
    () => run(10, SIX, 4380),
  )
  const layers = await growth(
    () => run(10, [...SIX, ...SIX], 4380),
    () => run(10, SIX, 4380),
  )
  const hours = await growth(
    () => run(10, SIX, 8760),
    () => run(10, SIX, 4380),
  )
  return [
    row("a year of hours, ten faces of six layers, with thermostats", year, "ms", 150),
    row("half a year for twice the faces, against once", faces, "times", 2.3),
    row("for twice the layers", layers, "times", 2.3),
    row("for twice the hours", hours, "times", 2.3),
    row(
      "a job's year, ten faces of six layers",
      await medianTime(5, (i) => simulatedYear(tenFaces(i), stationYearOf("norrhalde"))),
      "ms",
      150,
    ),
    row("a week without plant, against the same method on a public sparse Cholesky solver", await againstCholesky(), "times", 1),
  ]
}

/** A job's year of ten faces of six layers in the sun. @param i each another, so that none stands on what was worked out before */
export function tenFaces(i: number): YearModel {
  const job = demoJobs()[2]!
  const model = yearModel(ledgerOf(activeState(job)), job.brief)
  const sunny = model.faces.filter(({ sun }) => sun)
  const faces = Array.from({ length: 10 }, (_, f) => ({ ...sunny[f % sunny.length]!, layers: SIX, area: 8 + i * 1e-6 }))
  return { ...model, weather: "norrhalde", faces }
}

function run(faces: number, layers: PeriodicLayer[], hours: number) {
  return enclosureHours(enclosure(faces, layers), weather(hours), 0, 20)
}

function enclosure(count: number, layers: PeriodicLayer[]): HourlyEnclosure {
  const face = (i: number): HourlyFace => ({
    ...{ area: 8, tilt: i % 5 === 0 ? 0 : 90, azimuth: (i * 40) % 360, layers, rsi: 0.13, rse: 0.04 },
    ...{ absorptance: 0.6, emissivity: 0.9, exposure: "outdoor" as const, skyExchange: true },
  })
  return {
    faces: Array.from({ length: count }, (_, i) => face(i)),
    openings: [],
    ...{ volume: 30, capacity: 1e5, airFlow: () => 0.01, gains: new Array<number>(24).fill(100) },
    ...{ heating: { setpoint: 20, capacity: 2000 }, cooling: { setpoint: 26, capacity: 2000 } },
  }
}

function weather(count: number): Weather {
  const day = (hour: number) => Math.sin((hour * Math.PI) / 12)
  const hours = Array.from({ length: count }, (_, k) => ({
    temperature: 8 - 10 * Math.cos((k * Math.PI) / 4380) + 5 * day((k % 24) - 9),
    directNormal: Math.max(0, 600 * day((k % 24) - 6)),
    diffuseHorizontal: Math.max(0, 120 * day((k % 24) - 6)),
    skyTemperature: -5,
    windSpeed: 3,
  }))
  return { latitude: 52, longitude: 0, start: Date.UTC(2026, 0, 1), offset: 0, step: 3600, groundAlbedo: 0.2, hours }
}

/** Steps of the same chains, written plainly: each stage one solution of all cells and the air by a public solver. */
async function againstCholesky(): Promise<number> {
  const chains = Array.from({ length: 10 }, () => chainOf(SIX, 8, 0.13, 0.04, 86_400))
  const [air, length, outside, parts] = [2e5, 1800, 5, 336]
  const stepper = stepperOf(chains, air)
  const drive = { outside: new Float64Array(10).fill(outside), direct: 12, directHeat: 12 * outside, gains: 100 }
  const rooms = [stepper.room(), stepper.room()] as const
  const ours = () => {
    let state = stepper.even(20)
    for (let i = 0; i < parts; i++) state = stepper.step(state, drive, { power: 0 }, length, rooms[i % 2]!).state
    return state.air
  }
  const plain = plainSteps(chains, air, length, outside, parts)
  const [a, b] = [ours(), plain()]
  if (Math.abs(a - b) > 1e-6) throw new Error(`The two do not agree: ${a} and ${b} °C.`)
  const ratios: number[] = []
  for (let i = 0; i < 5; i++) ratios.push((await medianTime(1, ours)) / (await medianTime(1, plain)))
  return median(ratios)
}

function plainSteps(chains: readonly Chain[], air: number, length: number, outside: number, parts: number): () => number {
  // The air is the last.
  const capacities = [...chains.flatMap(({ capacities: own }) => [...own]), air]
  const n = capacities.length
  const conductance = new Map<string, number>()
  const add = (i: number, j: number, value: number) => conductance.set(`${i} ${j}`, (conductance.get(`${i} ${j}`) ?? 0) + value)
  const source = new Array<number>(n).fill(0)
  let at = 0
  for (const { capacities: own, links } of chains) {
    add(at, n - 1, -links[0]!)
    add(at, at, links[0]!)
    add(n - 1, n - 1, links[0]!)
    for (let i = 1; i < own.length; i++) {
      add(at + i - 1, at + i, -links[i]!)
      add(at + i - 1, at + i - 1, links[i]!)
      add(at + i, at + i, links[i]!)
    }
    const last = at + own.length - 1
    add(last, last, links.at(-1)!)
    source[last] = links.at(-1)! * outside
    at += own.length
  }
  add(n - 1, n - 1, 12)
  source[n - 1] = 12 * outside + 100
  const part = GAMMA * length
  for (let i = 0; i < n; i++) add(i, i, capacities[i]! / part)
  const solve = prepare(
    [...conductance].map(([key, value]) => [...key.split(" ").map(Number), value] as [number, number, number]),
    n,
  )
  return () => {
    let state = new Array<number>(n).fill(20)
    for (let k = 0; k < parts; k++) {
      const rises: number[][] = []
      let stage = state
      for (const shares of STAGES) {
        const base = state.map((value, i) => value + shares.reduce((sum, share, j) => sum + share * length * rises[j]![i]!, 0))
        stage = [...solve(base.map((value, i) => (capacities[i]! / part) * value + source[i]!))]
        rises.push(stage.map((value, i) => (value - base[i]!) / part))
      }
      state = stage
    }
    return state[n - 1]!
  }
}
