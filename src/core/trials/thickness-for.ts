import type { SurfaceId } from "../enclosure/surface"
import { bisection } from "../numeric/bisection"
import { type Ledger, ledgerOf } from "../ledger/ledger"
import { type SolvedDetails, UNSOLVED } from "../enclosure/solved-details"
import { type JobState, withLayer } from "../enclosure/job-state"

/** What a thickness is to reach: the built R of a face, m²·K/W, or the loss of the whole in the worst night, W. */
export type Goal = { kind: "resistance"; surface: SurfaceId; value: number } | { kind: "loss"; value: number }

/** Thicknesses between which one is sought, m. */
const LEAST = 0.001
const MOST = 1

/**
 * The thickness of a layer with which a goal is just reached, all else as it is.
 * @returns m; null where no thickness up to a metre reaches it, or a millimetre already does more
 */
export function thicknessFor(
  state: JobState,
  assembly: string,
  layer: string,
  goal: Goal,
  solved: SolvedDetails = UNSOLVED,
): number | null {
  const over = (thickness: number) => surplus(ledgerOf(withLayer(state, assembly, layer, { thickness }), solved), goal)
  if (over(MOST) < 0 || over(LEAST) > 0) return null
  return bisection(over, LEAST, MOST)
}

function surplus({ surfaces, loss }: Ledger, goal: Goal): number {
  return goal.kind === "loss" ? goal.value - loss.total : surfaces.find(({ id }) => id === goal.surface)!.totalResistance - goal.value
}
