import type { Job } from "../../schema/job/job"
import { CLIMATE_STATIONS } from "../climate/climate-stations"
import { type Emblem, emblemOf } from "../enclosure/emblem"
import { activeState } from "../enclosure/job-state"
import type { Ring } from "../moisture/damp-verdict"
import { inTheWay } from "./in-the-way"
import { type Ledger, ledgerOf } from "./ledger"
import type { Obstacle } from "./obstacle"

/** What the shelf shows of a job. */
export interface JobSummary {
  name: string
  use: string
  /** Name of its climate station. */
  place: string
  emblem: Emblem
  /** Null until all that they stand on is worked out. */
  figures: SummaryFigures | null
}

/** Headline figures, with nothing left to be worked out. */
export interface SummaryFigures {
  /** It is judged by what comes in at the hottest hour, not by what goes out on the worst night. */
  cooled: boolean
  /** That flow, W. */
  power: number
  /** Headroom, m. */
  standing: number
  damp: Ring
  /** The gravest thing in its way. */
  obstacle: Obstacle | null
  /** How many stand in its way. */
  obstacles: number
}

/** A job on the shelf, as it is at a revision. */
export interface ShelfJob {
  id: string
  head: string
  summary: JobSummary
}

/** Jobs, the newest first, all or so many; a document that cannot be read any more is left out but never lost. */
export interface Shelf {
  jobs: ShelfJob[]
  /** How many there are in all. */
  count: number
  unreadable: { id: string; message: string }[]
}

/** The summary of a job. @param settled its ledger with nothing pending, where there is one */
export function jobSummary(job: Job, settled: Ledger | null = null): JobSummary {
  const { name, brief } = job
  return {
    ...{ name, use: brief.use, place: brief.weather?.name ?? CLIMATE_STATIONS[brief.station]?.name ?? "" },
    emblem: emblemOf((settled ?? ledgerOf(activeState(job))).surfaces),
    figures: settled && summaryFigures(settled, job),
  }
}

function summaryFigures(ledger: Ledger, { brief }: Job): SummaryFigures {
  const { filling, freezes, moulds } = ledger.moisture[ledger.wettest.id]!.verdict
  const cooled = brief.kind === "cold-room"
  const obstacles = inTheWay(ledger, brief.limits)
  return {
    cooled,
    power: (cooled ? ledger.gain : ledger.loss).total,
    standing: ledger.clear.standing,
    damp: { filling, freezes, moulds, soFar: ledger.judging.length > 0 },
    obstacle: obstacles[0] ?? null,
    obstacles: obstacles.length,
  }
}
