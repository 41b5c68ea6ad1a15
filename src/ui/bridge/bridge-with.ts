"use client"
import { useState } from "react"
import { v4 as newId } from "uuid"
import { activeState } from "../../core/enclosure/job-state"
import type { Place } from "../../core/enclosure/place"
import type { SolvedDetails } from "../../core/enclosure/solved-details"
import { type RankedBridge, rankedBridges } from "../../core/ledger/bridge-ranking"
import { type Ledger, ledgerOf } from "../../core/ledger/ledger"
import { DETAIL } from "../../core/results/detail-result"
import type { BreakMeasure } from "../../core/trials/thermal-break"
import { addBreakMeasure, tryBreakMeasure } from "../../edit/break-measure"
import { applyEdit } from "../../edit/apply-edit"
import type { Job } from "../../schema/job/job"
import { useCalculations, useShown } from "../calculations/calculations"
import { useJobStore } from "../job/job-store"

/** The ledger with a change, from what is solved so far; null where the change cannot be made. */
function ledgerWith(job: Job, measure: BreakMeasure, solved: SolvedDetails): Ledger | null {
  const edited = applyEdit(job, addBreakMeasure(measure, "tried"))
  return edited.ok && edited.value ? ledgerOf(activeState(edited.value.job), solved) : null
}

/** A bridge as a change would have it. @see ledgerWith */
function bridgeWith(job: Job, place: Place, measure: BreakMeasure, solved: SolvedDetails): RankedBridge | null {
  const ledger = ledgerWith(job, measure, solved)
  return (ledger && rankedBridges(ledger).find((one) => one.place === place)) ?? null
}

/** Bridges of the open job as changes would have them: from what is solved so far, and solved. */
export function useBridgeWith() {
  const calculations = useCalculations()
  const shown = useShown()
  const id = useJobStore().id
  const withMeasure = (job: Job, place: Place, measure: BreakMeasure) => bridgeWith(job, place, measure, calculations.details(id, shown))
  const solved = async (job: Job, place: Place, measure: BreakMeasure): Promise<RankedBridge | null> => {
    const found = bridgeWith(job, place, measure, calculations.details(id))
    if (!found?.detail || found.surface) return found
    const figures = await calculations.ask(DETAIL, found.detail).result
    return figures && bridgeWith(job, place, measure, calculations.details(id))
  }
  return {
    withMeasure,
    solved,
    ledgerWith: (job: Job, measure: BreakMeasure) => ledgerWith(job, measure, calculations.details(id, shown)),
  }
}

/** Makes a change in a variant of its own; the refusal says why it could not. */
export function useTryBreakMeasure(): { tryIt: (measure: BreakMeasure) => void; refusal: string | null } {
  const store = useJobStore()
  const [refusal, setRefusal] = useState<string | null>(null)
  const tryIt = (measure: BreakMeasure) => {
    const fault = store.edit(tryBreakMeasure(measure, `v-${newId().slice(0, 8)}`, `l-${newId().slice(0, 8)}`))
    setRefusal(fault?.message ?? null)
  }
  return { tryIt, refusal }
}
