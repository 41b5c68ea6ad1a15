import { type Enclosure, enclosureOf } from "../enclosure/enclosure"
import type { JobState } from "../enclosure/job-state"
import { type SolvedDetails, UNSOLVED } from "../enclosure/solved-details"
import type { SurfaceId } from "../enclosure/surface"
import type { SurfaceFigures } from "../enclosure/surface-figures"
import { lazily } from "../lazily"
import { dampRank } from "../moisture/damp-verdict"
import { checkMoisture, type MoistureCheck } from "../moisture/surface-verdict"
import { sum } from "../numeric/sum"
import { type Task, task } from "../results/calculation"
import { DETAIL } from "../results/detail-results"
import { type HeatGain, heatGain } from "../steady/heat-gain"
import { type HeatLoss, heatLoss } from "../steady/heat-loss"
import { type SteadyYear, yearOfEnergy } from "../steady/year"
import { type BillLine, billOf } from "../takeoff/bill"

/** The headline figures of a job and what they are made of; SI. Each is worked out when it is first asked for. */
export interface Ledger extends Enclosure {
  /** The details that it was taken from. */
  solved: SolvedDetails
  /** What the figures stand on but is not worked out yet, each once. */
  pending: Task[]
  loss: HeatLoss
  gain: HeatGain
  year: SteadyYear
  bill: BillLine[]
  /** kg and € that the build-ups add */
  weight: number
  money: number
  moisture: Readonly<Record<SurfaceId, MoistureCheck>>
  /** The surface that stands worst. */
  wettest: SurfaceFigures
}

/** All figures of one way to build a job, from the details that are solved so far. */
export function ledgerOf(state: JobState, solved: SolvedDetails = UNSOLVED): Ledger {
  const enclosure = enclosureOf(state, solved)
  const ledger: Ledger = lazily<Ledger, Enclosure>(
    {
      solved: () => solved,
      pending: () => pendingOf(enclosure),
      loss: () => heatLoss(enclosure),
      gain: () => heatGain(enclosure),
      year: () => yearOfEnergy(enclosure),
      bill: () => billOf(enclosure, state.shell),
      weight: () => sum(ledger.bill.map(({ mass }) => mass)),
      money: () => sum(ledger.bill.map(({ price }) => price)),
      moisture: () =>
        Object.fromEntries(enclosure.surfaces.map((surface) => [surface.id, checkMoisture(surface, enclosure)])) as Ledger["moisture"],
      wettest: () => {
        const rank = ({ id }: SurfaceFigures) => dampRank(ledger.moisture[id].verdict)
        return enclosure.surfaces.reduce((worst, surface) => (rank(surface) > rank(worst) ? surface : worst))
      },
    },
    enclosure,
  )
  return ledger
}

const pendingOf = ({ bridges }: Enclosure): Task[] => [
  ...new Map(bridges.flatMap(({ detail, solved }) => (solved ? [] : [[detail.key, task(DETAIL, detail)] as const]))).values(),
]
