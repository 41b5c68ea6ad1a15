import { stationYearOf } from "../src/core/climate/station-year"
import { activeState } from "../src/core/enclosure/job-state"
import { weatherYear } from "../src/core/climate/weather-of"
import { balancesOf } from "../src/core/hygrothermal/balance"
import { hygrothermal } from "../src/core/hygrothermal/hygrothermal"
import { meshOf } from "../src/core/hygrothermal/mesh"
import { runSection } from "../src/core/hygrothermal/section-run"
import { beforeAt, sideOf } from "../src/core/hygrothermal/side"
import { ledgerOf } from "../src/core/ledger/ledger"
import { worstPlane } from "../src/core/moisture/damp-verdict"
import { monthlyWater } from "../src/core/moisture/monthly-water"
import { buildOutcome, BUILDS } from "../src/core/section/likely-builds"
import { sectionModel } from "../src/core/section/section-model"
import { demoJobs } from "../src/edit/start/demo-jobs"
import { HygroInput } from "../src/schema/hygro"
import { median, medianTime, row, type Row } from "./measure"

const HOUR = 3600

/** A framed wall of six layers through a year of hours, each layer in so many cells: by its own figures, each of a usual stuff. */
function wall(cells: number): HygroInput {
  const wood = {
    ...{
      density: 450,
      specificHeat: 1600,
      conductivity: [[0, 0.12]],
      muByHumidity: [
        [0, 50],
        [1, 20],
      ],
    },
    sorption: [
      [0, 0],
      [0.33, 27.3],
      [0.65, 50.4],
      [0.8, 67.2],
      [0.95, 100.8],
      [1, 300],
    ],
  }
  const wool = {
    density: 40,
    specificHeat: 1000,
    sorption: [
      [0, 0],
      [0.8, 0.5],
      [0.95, 1.5],
      [1, 40],
    ],
    conductivity: [
      [0, 0.037],
      [40, 0.1],
    ],
    mu: 1.3,
  }
  const film = {
    density: 900,
    specificHeat: 1500,
    sorption: [
      [0, 0],
      [1, 1],
    ],
    conductivity: [[0, 0.3]],
    muByHumidity: [
      [0, 20_000],
      [0.5, 10_000],
      [0.8, 500],
    ],
  }
  const board = {
    ...{
      density: 800,
      specificHeat: 1000,
      conductivity: [
        [0, 0.25],
        [300, 0.6],
      ],
      mu: 8,
    },
    ...{
      sorption: [
        [0, 0],
        [0.5, 5],
        [0.8, 8],
        [0.95, 20],
        [1, 300],
      ],
      liquidConductivity: [
        [0, 1e-14],
        [20, 1e-13],
        [300, 1e-9],
      ],
    },
  }
  const { hours } = stationYearOf("linden-vale")
  const course = (of: (hour: (typeof hours)[number]) => number) => hours.map((hour, k) => [k * HOUR, of(hour)])
  return HygroInput.parse({
    layers: (
      [
        [0.02, wood],
        [0.012, wood],
        [0.14, wool],
        [0.0002, film],
        [0.04, wool],
        [0.0125, board],
      ] as const
    ).map(([thickness, material]) => {
      return { thickness, cells, material }
    }),
    initial: { temperature: 15, relativeHumidity: 0.7 },
    outside: {
      heatTransfer: 25,
      temperature: course(({ temperature }) => temperature),
      relativeHumidity: course(({ relativeHumidity }) => relativeHumidity),
      absorbed: course(({ diffuseHorizontal }) => diffuseHorizontal / 4),
    },
    inside: { heatTransfer: 8, temperature: 20, relativeHumidity: 0.5 },
    duration: hours.length * HOUR,
    output: [hours.length * HOUR],
  })
}

/** The general package; it comes as sources that are not held to our types, so that it is fetched by its name. */
const STIFF: string = "@datagrok/diff-studio-tools"
/** What of it is used: a Rosenbrock–Wanner method of order 4. */
interface StiffPackage {
  ros34prw: (asked: {
    name: string
    arg: { name: string; start: number; finish: number; step: number }
    initial: number[]
    tolerance: number
    solutionColNames: string[]
    func: (t: number, y: Float64Array, slope: Float64Array) => void
  }) => Float64Array[]
}

/** Days that the general package is given: a year would take it hours. */
const DAYS = 1

/**
 * The same section for some days: as it is stepped here, and by a general package for stiff equations that is given the same balances as
 * dφ/dt and dT/dt.
 * @returns ms of both, and by how much of φ their last states differ at most
 */
async function besidePackage(): Promise<{ own: number; general: number; differ: number }> {
  const { ros34prw } = (await import(STIFF)) as StiffPackage
  const input = { ...wall(6), duration: DAYS * 24 * HOUR, output: [DAYS * 24 * HOUR] }
  const mesh = meshOf(input.layers, 0)
  const count = mesh.widths.length
  const [outside, inside] = [sideOf(input.outside), sideOf(input.inside)]
  const start = { humidity: new Float64Array(count).fill(0.7), temperature: new Float64Array(count).fill(15) }
  let last = start.humidity
  const own = timeOf(() =>
    runSection({
      ...{ mesh, start, outside, inside, times: input.output, maximumStep: Infinity },
      tell: ({ humidity }) => void (last = humidity.slice()),
    }),
  )
  const balances = balancesOf(mesh, outside, inside)
  const { cells, residual } = balances
  const none = new Float64Array(count)
  const state = { humidity: new Float64Array(count), temperature: new Float64Array(count) }
  let solved: Float64Array[] = []
  const general = timeOf(() => {
    solved = ros34prw({
      name: "section",
      arg: { name: "t", start: 0, finish: input.duration, step: HOUR },
      initial: [...start.humidity, ...start.temperature],
      tolerance: 1e-4,
      solutionColNames: Array.from({ length: 2 * count }, (_, i) => `y${i}`),
      func(t, y, slope) {
        state.humidity.set(y.subarray(0, count))
        state.temperature.set(y.subarray(count))
        const around = { outside: beforeAt(outside, t), inside: beforeAt(inside, t), leaks: [] }
        // Over a second from nothing held, what is left wrong is what is held less what came.
        balances.evaluate(state, around, 1, none, state.temperature)
        for (let i = 0; i < count; i++) {
          slope[i] = (cells.water[i]! - residual[2 * i]!) / cells.waterSlope[i]!
          slope[count + i] = -residual[2 * i + 1]! / cells.capacity[i]!
        }
      },
    })
  })
  const differ = Math.max(...Array.from(last, (one, i) => Math.abs(one - solved[i + 1]!.at(-1)!)))
  return { own, general, differ }
}

function timeOf(work: () => void): number {
  const start = performance.now()
  work()
  return performance.now() - start
}

/** A hundred likely builds of the hut's wall, one after another, and two at once. */
function hundredBuilds(): number {
  const state = activeState(demoJobs()[2]!)
  const ledger = ledgerOf(state)
  const surface = ledger.surfaces.find(({ id }) => id === "left")!
  const model = sectionModel(surface, ledger.moisture.left.water, ledger, state.brief)
  const weather = weatherYear(model.weather)
  const some = 10
  return (timeOf(() => Array.from({ length: some }, (_, i) => buildOutcome(model, weather, i))) * BUILDS) / some / 2 / 1000
}

/** Water by the months, as an edit has it worked out anew, and by the hours. */
export async function benchDamp(): Promise<Row[]> {
  const ledger = ledgerOf(activeState(demoJobs()[0]!))
  const months = await medianTime(100, (i) =>
    ledger.surfaces.map((surface) => worstPlane(monthlyWater(surface, ledger.months, ledger.conditions.annualMean, 2 + i / 1000))),
  )
  const year = (cells: number) => {
    const input = wall(cells)
    return median(Array.from({ length: 3 }, () => timeOf(() => hygrothermal(input))))
  }
  const [few, many] = [year(6), year(12)]
  const beside = await besidePackage()
  return [
    row("water through the months, all faces of the van", months, "ms", 2),
    row("a year of hours of a section of six layers, 36 cells", few, "ms", 1500),
    row("the same with twice the cells, against it", many / few, "times", 2.6),
    row("a day of it by a general package for stiff equations, against ours", beside.general / beside.own, "times", null),
    row("by how much humidity the two differ at its end", 100 * beside.differ, "%", 0.5),
    row("a hundred likely builds of a hut's wall on two cores", hundredBuilds(), "s", 120),
  ]
}
