"use client"
import { useState } from "react"
import { v4 as newId } from "uuid"
import { type RankedBridge, rankedBridges } from "../../core/ledger/bridge-ranking"
import type { Cure } from "../../core/ledger/cure"
import { ledgerOf } from "../../core/ledger/ledger"
import { activeState } from "../../core/ledger/state"
import { cureEdit, tryCure } from "../../edit/cure-edit"
import { applyEdit } from "../../edit/edit"
import type { Job } from "../../schema/job/job"
import { useJobStore } from "../job/job-store"
import { keep, solutionsNow } from "./bench-solutions"
import { solve } from "./solver"

/** A bridge as a change would have it, from what is solved so far; null where the change cannot be made. */
export function curedBridge(job: Job, place: string, cure: Cure): RankedBridge | null {
  const edited = applyEdit(job, cureEdit(cure, "tried"))
  if (!edited.ok || !edited.value) return null
  const ledger = ledgerOf(activeState(edited.value.job), solutionsNow().solutions)
  return rankedBridges(ledger).find((one) => one.place === place) ?? null
}

/** The same, solved. */
export async function solvedCure(job: Job, place: string, cure: Cure): Promise<RankedBridge | null> {
  const found = curedBridge(job, place, cure)
  if (!found?.detail || found.surface) return found
  const solved = await solve(found.detail, false).solved
  if (!solved) return null
  keep(found.detail, solved.figures)
  return curedBridge(job, place, cure)
}

/** Makes a change in a variant of its own; the refusal says why it could not. */
export function useTryCure(): { tryIt: (cure: Cure) => void; refusal: string | null } {
  const store = useJobStore()
  const [refusal, setRefusal] = useState<string | null>(null)
  const tryIt = (cure: Cure) => {
    const fault = store.edit(tryCure(cure, `v-${newId().slice(0, 8)}`, `l-${newId().slice(0, 8)}`))
    setRefusal(fault?.message ?? null)
  }
  return { tryIt, refusal }
}
