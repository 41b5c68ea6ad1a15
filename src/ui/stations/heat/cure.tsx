"use client"
import { useEffect, useRef, useState } from "react"
import { v4 as newId } from "uuid"
import { type RankedBridge, rankedBridges } from "../../../core/ledger/bridge-ranking"
import { type Cure as Tried, curesFor } from "../../../core/ledger/cure"
import { ledgerOf } from "../../../core/ledger/ledger"
import { activeState } from "../../../core/ledger/state"
import { materialOf } from "../../../core/material/catalogue"
import { printWithUnit } from "../../../core/quantity/measure"
import type { UnitSystem } from "../../../core/quantity/unit-system"
import { cureEdit } from "../../../edit/cure-edit"
import { applyEdit } from "../../../edit/edit"
import { addVariant } from "../../../edit/variant-edits"
import type { Job } from "../../../schema/job/job"
import { keep, solutionsNow } from "../../bridge/bench-solutions"
import { solve } from "../../bridge/solver"
import { useJob, useJobStore, useLedger } from "../../job/job-store"
import { Button } from "../../primitives/button"

type Found = { looking: number } | { cure: Tried; saves: number } | "none"

/** Looks for the cheapest change with which nothing gathers on a bridge, and makes it at a press. */
export function Cure({ bridge }: { bridge: RankedBridge }) {
  const job = useJob()
  const ledger = useLedger()
  const store = useJobStore()
  const [found, setFound] = useState<Found | null>(null)
  const stopped = useRef(false)
  useEffect(() => () => void (stopped.current = true), [])
  const look = async () => {
    for (const [i, cure] of curesFor(bridge, activeState(job), ledger).entries()) {
      setFound({ looking: i + 1 })
      const then = await curedBridge(job, bridge.place, cure)
      if (stopped.current) return
      if (then?.surface && !then.surface.wet) return setFound({ cure, saves: bridge.watts - then.watts })
    }
    setFound("none")
  }
  if (found === null) return <Button onClick={() => void look()}>Find the cheapest change that keeps it dry</Button>
  if (found === "none")
    return <p>None of what is sold keeps it dry by itself: drier air, or more insulation on the warm side, must help.</p>
  if ("looking" in found) return <p role="status">Trying the {found.looking}. …</p>
  const take = () => {
    // Frames and what runs through belong to the shell, which all variants share.
    const fault = found.cure.kind === "layer" ? store.edit(addVariant(`v-${newId().slice(0, 8)}`, "with a break")) : null
    if (!fault) store.edit(cureEdit(found.cure, `l-${newId().slice(0, 8)}`))
  }
  return (
    <p className="flex flex-wrap items-center gap-x-3" data-testid="cure">
      <span>
        {cureWords(found.cure, job.units)}: nothing gathers on it, and it costs {printWithUnit("power", found.saves, job.units)} less.
      </span>
      <Button onClick={take}>{found.cure.kind === "layer" ? "Try it in a variant" : "Give it this break"}</Button>
    </p>
  )
}

/** A bridge as it would be, solved; null where the change cannot be made. */
async function curedBridge(job: Job, place: string, cure: Tried): Promise<RankedBridge | null> {
  const edited = applyEdit(job, cureEdit(cure, "tried"))
  if (!edited.ok || !edited.value) return null
  const state = activeState(edited.value.job)
  const at = () => rankedBridges(ledgerOf(state, solutionsNow().solutions)).find((one) => one.place === place) ?? null
  const found = at()
  if (!found?.detail || found.surface) return found
  const solved = await solve(found.detail, false).solved
  if (!solved) return null
  keep(found.detail, solved.figures)
  return at()
}

function cureWords(cure: Tried, units: UnitSystem): string {
  const length = (value: number) => printWithUnit("length", value, units)
  if (cure.kind !== "layer") return `${length(cure.break)} of plastic set into it`
  const { material, thickness, money } = cure
  return `${length(thickness)} of ${materialOf(material).name.toLowerCase()} across the inside, ${printWithUnit("money", money, units)} in all`
}
