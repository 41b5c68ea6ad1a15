"use client"
import { useMemo, useState } from "react"
import { activeState } from "../../../core/enclosure/job-state"
import { task } from "../../../core/results/calculation"
import { LONGER, SHEETS, STUFF } from "../../../core/results/sheets-result"
import { type Boarding, boardingOf, type Stuff } from "../../../core/takeoff/boarding"
import type { StuffAsked } from "../../../core/takeoff/cut-stuff"
import { askedOf, type SheetPlan, type StuffPlan } from "../../../core/takeoff/sheet-plan"
import { useShown, useWorkedOut } from "../../calculations/calculations"
import { useJob, useSelection } from "../../job/job-store"
import { useJobLater, useLedgerLater, usePinnedLedger } from "../../job/use-ledger"

/** The boards of the open job with the best plan so far; while another is made, the last one. */
export interface Sheets {
  boarding: Boarding
  plan: SheetPlan | null
  /** Whether it is that of the boards as they are now. */
  fresh: boolean
}

/** What is known of the job's boards. */
export function useSheets(): Sheets {
  const state = activeState(useJobLater())
  const { surfaces } = useLedgerLater()
  const boarding = useMemo(() => boardingOf(state, surfaces), [state, surfaces])
  const plan = usePlanOf(boarding)
  const [last, setLast] = useState(plan)
  if (plan && plan !== last) setLast(plan)
  return { boarding, plan: plan ?? last, fresh: plan !== null }
}

/** The plan of some boards, each stuff as it is cut best so far; null until there is one. */
function usePlanOf(boarding: Boarding | null): SheetPlan | null {
  const shown = useShown()
  return useMemo(() => {
    const plan = boarding && shown.of(SHEETS, boarding)
    if (!plan) return null
    const stuffs = plan.stuffs.map((one): StuffPlan => {
      const better = shown.of(STUFF, askedOf(boarding, plan.layers, one.stuff, LONGER))
      return better && better.fault === null && better.cost <= one.cost ? { ...one, ...better } : one
    })
    return { ...plan, stuffs }
  }, [boarding, shown])
}

/** Has the boards laid and cut for as long as the station is open, and those of what is pinned; the stuff that is looked at is thought about longer. @returns whether that is done */
export function useSheetsMade({ boarding, plan, fresh }: Sheets, stuff: Stuff | null): boolean {
  const pinned = usePinnedBoarding()
  const longer = useMemo(
    () => (fresh && plan && stuff ? askedOf(boarding, plan.layers, stuff.key, LONGER) : null),
    [boarding, fresh, plan, stuff],
  )
  useWorkedOut(
    "sheets",
    useMemo(
      () => [
        {
          pending: [task(SHEETS, boarding), ...(pinned ? [task(SHEETS, pinned)] : [])],
          awaited: longer ? [task(STUFF, longer)] : [],
        },
      ],
      [boarding, pinned, longer],
    ),
  )
  return useShown().of(STUFF, longer ?? NONE) !== undefined
}

/** No stuff is asked for. */
const NONE = {} as StuffAsked

/** The best plan so far of what is pinned; null where nothing is, or none is made yet. */
export const usePinnedSheets = (): SheetPlan | null => usePlanOf(usePinnedBoarding())

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
