"use client"
import { useMemo, useState } from "react"
import { activeState } from "../../../core/enclosure/job-state"
import { task } from "../../../core/results/calculation"
import { SHEETS } from "../../../core/results/sheets-result"
import { type Boarding, boardingOf, type Stuff } from "../../../core/takeoff/boarding"
import type { SheetPlan } from "../../../core/takeoff/sheet-plan"
import { useShown, useWorkedOut } from "../../calculations/calculations"
import { useJob, useSelection } from "../../job/job-store"
import { useLedgerLater, usePinnedLedger } from "../../job/use-ledger"

/** A plan that stands soon, and one that was thought about for longer, ms for each stuff. */
const [SOON, LONGER] = [60, 1500] as const

/** The boards of the open job with the best plan so far; while another is made, the last one. */
export interface Sheets {
  boarding: Boarding
  plan: SheetPlan | null
  /** Whether it is that of the boards as they are now, and whether it may still get better. */
  fresh: boolean
  settled: boolean
}

const askedFor = (boarding: Boarding) => [SOON, LONGER].map((time) => ({ boarding, time }))

/** What is known of the job's boards. */
export function useSheets(): Sheets {
  const state = activeState(useJob())
  const { surfaces } = useLedgerLater()
  const shown = useShown()
  const boarding = useMemo(() => boardingOf(state, surfaces), [state, surfaces])
  const [soon, longer] = useMemo(() => askedFor(boarding).map((asked) => shown.of(SHEETS, asked) ?? null), [boarding, shown])
  const plan = longer ?? soon ?? null
  const [last, setLast] = useState(plan)
  if (plan && plan !== last) setLast(plan)
  return { boarding, plan: plan ?? last, fresh: plan !== null, settled: longer !== null }
}

/** Has the boards laid and cut for as long as the station is open, and those of what is pinned. */
export function useSheetsMade({ boarding }: Pick<Sheets, "boarding">): void {
  const pinned = usePinnedBoarding()
  useWorkedOut(
    "sheets",
    useMemo(() => {
      const [soon, longer] = askedFor(boarding).map((asked) => task(SHEETS, asked))
      const others = pinned ? askedFor(pinned).map((asked) => task(SHEETS, asked)) : []
      return [{ pending: [soon!], awaited: [...others.slice(0, 1), longer!, ...others.slice(1)] }]
    }, [boarding, pinned]),
  )
}

/** The best plan so far of what is pinned; null where nothing is, or none is made yet. */
export function usePinnedSheets(): SheetPlan | null {
  const pinned = usePinnedBoarding()
  const shown = useShown()
  return useMemo(() => {
    const [soon, longer] = pinned ? askedFor(pinned).map((asked) => shown.of(SHEETS, asked) ?? null) : []
    return longer ?? soon ?? null
  }, [pinned, shown])
}

function usePinnedBoarding(): Boarding | null {
  const { pinned } = useJob()
  const surfaces = usePinnedLedger()?.surfaces
  return useMemo(() => (pinned && surfaces ? boardingOf(pinned, surfaces) : null), [pinned, surfaces])
}

/** The stuff that is looked at, and which layer of it. */
export function useChosenBoards({ stuffs }: Boarding): { stuff: Stuff | null; nth: number } {
  const chosen = useSelection((view) => view.boards)
  const stuff = stuffs.find(({ key }) => key === chosen?.stuff)
  return { stuff: stuff ?? stuffs[0] ?? null, nth: stuff ? chosen!.nth : 0 }
}
