import { type Enclosure, enclosureOf } from "../enclosure/enclosure"
import type { JobState } from "../enclosure/job-state"
import { type SolvedDetails, UNSOLVED } from "../enclosure/solved-details"
import type { FaceId } from "../../schema/job/shell"
import type { SurfaceId } from "../enclosure/surface"
import type { SurfaceFigures } from "../enclosure/surface-figures"
import { type YearEnergy, yearEnergy, type YearResults } from "../hourly/year-energy"
import { lazily } from "../lazily"
import type { Brief } from "../../schema/job/job"
import { dampRank } from "../moisture/damp-verdict"
import type { MonthlyWater } from "../moisture/monthly-water"
import { faceOfMonths, type SlabAsked } from "../moisture/slab-sweats"
import { checkMoisture, type MoistureCheck } from "../moisture/surface-verdict"
import { sum } from "../numeric/sum"
import { outputOf } from "../plant/machine"
import { keyOf, type Task, task } from "../results/calculation"
import { DETAIL } from "../results/detail-result"
import type { JudgedResults } from "../results/job-results"
import { SLAB } from "../results/slab-result"
import { YEAR } from "../results/year-result"
import { YEARS } from "../results/years-result"
import { type HeatGain, heatGain } from "../steady/heat-gain"
import { type HeatLoss, heatLoss } from "../steady/heat-loss"
import { type BillLine, billOf } from "../takeoff/bill"
import { type FaceVerdict, faceVerdict, type VerdictBasis } from "../verdict/face-verdict"

/** What figures stand on that is worked out beside the work, as far as it is. */
export type WorkedOut = SolvedDetails & Partial<YearResults & JudgedResults>

/** A surface's damp: what was looked at, and the one verdict on it. */
export type JudgedSurface = MoistureCheck & FaceVerdict & Pick<VerdictBasis, "sweats">

/** The headline figures of a job and what they are made of; SI. Each is worked out when it is first asked for. */
export interface Ledger extends Enclosure {
  /** What it was taken from. */
  solved: WorkedOut
  /** What all figures stand on but is not worked out yet, each once. */
  pending: Task[]
  /** The same, and last the year where it is not stepped through yet. */
  awaited: Task[]
  /** What verdicts on damp still wait for, each once, once all figures stand. */
  judging: Task[]
  loss: HeatLoss
  gain: HeatGain
  /** What a heater is asked for, W: the worst night's loss, and more where it brings the inside back after nobody was there, which comes with the year. */
  heaterAsked: number
  /** What heater and cooler can give at the worst night and at the hottest hour, W; null: it is not said. */
  output: Readonly<Record<"loss" | "gain", number | null>>
  year: YearEnergy
  bill: BillLine[]
  /** kg and € that the build-ups add */
  weight: number
  money: number
  moisture: Readonly<Record<FaceId, JudgedSurface> & Record<SurfaceId, JudgedSurface>>
  /** The surface that stands worst. */
  wettest: SurfaceFigures
}

/** All figures of one way to build a job, from the details that are solved so far. */
export function ledgerOf(state: JobState, solved: WorkedOut = UNSOLVED): Ledger {
  const enclosure = enclosureOf(state, solved)
  const ledger: Ledger = lazily<Ledger, Enclosure>(
    {
      solved: () => solved,
      pending: () => pendingOf(enclosure),
      awaited: () => [...ledger.pending, ...(ledger.year.figures ? [] : [task(YEAR, ledger.year.model)])],
      loss: () => heatLoss(enclosure),
      gain: () => heatGain(enclosure),
      heaterAsked: () => Math.max(ledger.loss.total, enclosure.inside.away ? broughtBack(ledger.year, solved) : 0),
      output: () => plantOutput(state, enclosure),
      year: () => yearEnergy(enclosure, state.brief, solved),
      bill: () => billOf(enclosure, state.shell),
      weight: () => sum(ledger.bill.map(({ mass }) => mass)),
      money: () => sum(ledger.bill.map(({ price }) => price)),
      judging: () => (ledger.pending.length > 0 ? [] : judgingOf(ledger, ledger.surfaces, state.brief)),
      moisture: () =>
        Object.fromEntries(
          enclosure.surfaces.map((surface) => [surface.id, judgedSurface(surface, enclosure, state.brief, solved)]),
        ) as Ledger["moisture"],
      wettest: () => {
        const rank = ({ id }: SurfaceFigures) => dampRank(ledger.moisture[id]!.verdict)
        return enclosure.surfaces.reduce((worst, surface) => (rank(surface) > rank(worst) ? surface : worst))
      },
    },
    enclosure,
  )
  return ledger
}

/** What of its weather decides whether a slab sweats; null off the ground. */
const slabAsked = ({ ground }: SurfaceFigures, water: MonthlyWater, { weather, station }: Brief): SlabAsked | null =>
  ground && { weather: weather ?? station, face: faceOfMonths(water) }

function judgedSurface(surface: SurfaceFigures, enclosure: Enclosure, brief: Brief, { years, sweats: hours }: WorkedOut): JudgedSurface {
  const check = checkMoisture(surface, enclosure)
  const slab = slabAsked(surface, check.water, brief)
  const sweats = (slab && hours?.(slab)) ?? null
  return { ...check, sweats, ...faceVerdict(check, { place: enclosure, brief, years: years ?? (() => undefined), sweats }) }
}

/** What the verdicts on some surfaces wait for. Years of faces that are alike are followed once; slabs first, which take next to no time. */
export function judgingOf({ moisture }: Ledger, surfaces: readonly SurfaceFigures[], brief: Brief): Task[] {
  const slabs = surfaces.flatMap((surface) => {
    const { water, sweats } = moisture[surface.id]!
    const slab = slabAsked(surface, water, brief)
    return slab && sweats === null ? [task(SLAB, slab)] : []
  })
  const years = surfaces.flatMap(({ id }) => moisture[id]!.awaited.map((model) => task(YEARS, model)))
  return [...new Map([...slabs, ...years].map((one) => [keyOf(one), one])).values()]
}

/** W that bring the inside back, and until they are known those of the job as it stood last; 0 where it is held all along. */
const broughtBack = ({ model, figures }: YearEnergy, { yearBefore }: WorkedOut): number =>
  (model.reheat && (figures ?? yearBefore?.()?.figures)?.reheat) ?? 0

function plantOutput({ brief: { plant, limits } }: JobState, { conditions: { winter, summer } }: Enclosure): Ledger["output"] {
  return {
    loss: outputOf(plant.heater, limits.loss, winter.outside.temperature, winter.inside.temperature),
    gain: outputOf(plant.cooler, limits.gain, summer.outside.temperature, summer.inside.temperature),
  }
}

const pendingOf = ({ bridges }: Enclosure): Task[] => [
  ...new Map(bridges.flatMap(({ detail, solved }) => (solved ? [] : [[detail.key, task(DETAIL, detail)] as const]))).values(),
]
