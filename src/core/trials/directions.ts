import { type Ledger, ledgerOf } from "../ledger/ledger"
import type { JobState } from "../enclosure/job-state"

/** What a direction of the front asks of a cooler, W. */
export interface Direction {
  azimuth: number
  asked: number
}

/** How many directions are tried. */
const TRIED = 16

/** What the hottest day asks of a cooler with the front turned every way; the first looks north. */
export function gainByDirection(state: JobState, ledger: Ledger): Direction[] {
  return Array.from({ length: TRIED }, (_, i) => {
    const azimuth = (360 / TRIED) * i
    const turned = { ...state, shell: { ...state.shell, azimuth } }
    return { azimuth, asked: ledgerOf(turned, ledger.solved).gain.asked }
  })
}
