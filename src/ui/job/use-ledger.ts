"use client"
import { useDeferredValue } from "react"
import { activeState, type JobState } from "../../core/enclosure/job-state"
import type { Ledger } from "../../core/ledger/ledger"
import type { Job } from "../../schema/job/job"
import { useCalculations, useShown } from "../calculations/calculations"
import { useJob, useJobStore } from "./job-store"

/** Figures of a state of a job, and again once more of what they wait for is worked out. */
export function useLedgerOf(job: string, state: JobState): Ledger {
  const shown = useShown()
  return useCalculations().ledger(job, state, shown)
}

/** Figures of the open job as shown. */
export const useLedger = (): Ledger => useLedgerOf(useJobStore().id, activeState(useJob()))

/** The same a moment after the ledger is drawn, for what is not looked at while a figure is dragged or typed. */
export const useLedgerLater = (): Ledger => useDeferredValue(useLedger())

/** The job as that ledger has it. */
export const useJobLater = (): Job => useDeferredValue(useJob())

/** Figures of what is pinned beside it, and of the open job where nothing is. */
export function usePinnedLedger(): Ledger | null {
  const job = useJob()
  const ledger = useLedgerOf(useJobStore().id, job.pinned ?? activeState(job))
  return job.pinned && ledger
}
