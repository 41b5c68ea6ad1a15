import { stationYearOf } from "../src/core/climate/station-year"
import { activeState } from "../src/core/enclosure/job-state"
import { hygrothermal } from "../src/core/hygrothermal/hygrothermal"
import { ledgerOf } from "../src/core/ledger/ledger"
import { worstPlane } from "../src/core/moisture/damp-verdict"
import { monthlyWater } from "../src/core/moisture/monthly-water"
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

/** Water by the months, as an edit has it worked out anew, and by the hours. */
export async function benchDamp(): Promise<Row[]> {
  const ledger = ledgerOf(activeState(demoJobs()[0]!))
  const months = await medianTime(100, (i) =>
    ledger.surfaces.map((surface) => worstPlane(monthlyWater(surface, ledger.months, ledger.conditions.annualMean, 2 + i / 1000))),
  )
  const year = (cells: number) => {
    const input = wall(cells)
    const times = Array.from({ length: 3 }, () => {
      const start = performance.now()
      hygrothermal(input)
      return performance.now() - start
    })
    return median(times)
  }
  const [few, many] = [year(6), year(12)]
  return [
    row("water through the months, all faces of the van", months, "ms", 2),
    row("a year of hours of a section of six layers, 36 cells", few, "ms", 1500),
    row("the same with twice the cells, against it", many / few, "times", 2.6),
  ]
}
