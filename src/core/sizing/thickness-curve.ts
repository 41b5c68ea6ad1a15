import type { Worth } from "../../schema/job/job"
import { type Ledger, ledgerOf, type WorkedOut } from "../ledger/ledger"
import type { Task } from "../results/calculation"
import { type JobState, stockOf, withLayer } from "../enclosure/job-state"
import { materialOf } from "../material/catalogue"
import { annuity } from "./present-value"

/** An enclosure with a layer of one thickness. */
export interface ThicknessPoint {
  /** m */
  thickness: number
  /** W on the worst night, J a year */
  loss: number
  year: number
  /** € for the build-ups */
  money: number
  /** m³ within the linings */
  room: number
  /** € today: build-ups, the energy of all years, store, less what the room is worth */
  cost: number
}

/** What a layer's thickness does, and where more of it stops paying. */
export interface ThicknessCurve {
  /** Without it, then as it is sold, one or two together, rising. */
  points: ThicknessPoint[]
  /** The one that costs least over all. */
  best: ThicknessPoint
  /** Years that it stands on and that are not stepped through yet; what else it stands on is that of the job as it is. */
  awaited: readonly Task[]
}

/** As good as none, m. */
const NONE = 0.0001
/** Thicker stacks are another build-up, m. */
const THICKEST = 0.5
const DAY = 86_400

/**
 * Heat loss and whole cost against the thickness of one layer, all else as it is. Its thickness stops paying where the whole cost is least.
 * @see ISO 15686-5:2017, 5.4 (net present cost)
 */
export function thicknessCurve(state: JobState, assembly: string, layer: string, solved: WorkedOut): ThicknessCurve {
  const { material, thickness: now } = state.variant.assemblies[assembly]!.layers[layer]!
  const { thicknesses: sold } = materialOf(material, stockOf(state)).sold
  const thicknesses = sold.length > 0 ? sold : [now]
  const most = Math.max(...thicknesses)
  const stacked = [...thicknesses, ...thicknesses.map((thickness) => thickness + most)].filter((thickness) => thickness <= THICKEST)
  const all = [NONE, ...stacked]
  const ledgers = all.map((thickness) => ledgerOf(withLayer(state, assembly, layer, { thickness, loose: null }), solved))
  const points = ledgers.map((ledger, i) => pointOf(all[i]!, ledger, state.brief.worth))
  const best = points.reduce((least, point) => (point.cost < least.cost ? point : least))
  return { points, best, awaited: ledgers.flatMap(({ pending, awaited }) => awaited.slice(pending.length)) }
}

/**
 * Years until what a thickness costs more than another is saved in energy, prices as they are.
 * @returns null where it costs no more or saves nothing
 */
export function paybackYears(from: ThicknessPoint, to: ThicknessPoint, { energy }: Pick<Worth, "energy">): number | null {
  const [costs, saves] = [to.money - from.money, energy * (from.year - to.year)]
  return costs > 0 && saves > 0 ? costs / saves : null
}

function pointOf(thickness: number, { loss, year, money, clearVolume }: Ledger, worth: Worth): ThicknessPoint {
  const energy = worth.energy * Math.max(0, year.total) * annuity(worth.years, worth.rate)
  const store = worth.store * Math.max(0, loss.total) * DAY
  return {
    thickness,
    loss: loss.total,
    year: year.total,
    money,
    room: clearVolume,
    cost: money + energy + store - worth.room * clearVolume,
  }
}
