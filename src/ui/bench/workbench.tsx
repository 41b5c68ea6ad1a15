"use client"
import { usePathname } from "next/navigation"
import { type ComponentType, useEffect, useMemo, useRef, useState } from "react"
import { activeState } from "../../core/enclosure/job-state"
import type { OpenJob } from "../../schema/change"
import { useCalculations, useShown, useWorkedOut } from "../calculations/calculations"
import { useKeys } from "../commands/use-keys"
import { createJobStore, JobProvider, useDocument, useJob, useJobStore } from "../job/job-store"
import { useMoved } from "../job/use-moved"
import { LedgerStrip } from "../ledger/ledger-strip"
import { PeltPane } from "../pelt/pelt-pane"
import { later } from "../primitives/later"
import { loadSorting } from "../slice/load-sorting"
import type { Station } from "../stations/station"
import { STATIONS, useStation } from "../stations/stations"
import { WORKING_LOADS } from "../working/use-show-working"
import { loadWorkingPanel, WorkingProvider } from "../working/working"
import { writingOf, WritingProvider } from "../writing/writing"
import { ConflictBar } from "./conflict-bar"
import { DIALOG_LOADS, Dialogs } from "./dialogs"
import { Tape } from "./tape"

/** One open job: tape, pelt, slice and ledger, from the document that the server gave. */
export function Workbench({ open }: { open: OpenJob }) {
  const [store] = useState(() => createJobStore(open))
  useEffect(() => store.start(), [store])
  return (
    <JobProvider value={store}>
      <Job />
    </JobProvider>
  )
}

function Job() {
  const { units, currency } = useJob()
  return (
    <WritingProvider value={writingOf(units, currency)}>
      <WorkingProvider>
        <Dialogs>
          <Bench />
        </Dialogs>
      </WorkingProvider>
    </WritingProvider>
  )
}

const Paper = later(() => import("../paper/paper").then((module) => module.Paper))

/** Each station comes when it is first gone to; what is on screen answers at once, so none is drawn before it can. */
const PANES: Readonly<Record<string, ComponentType<{ station: Station }>>> = Object.fromEntries(
  STATIONS.map(({ id, load }) => [id, later(load)]),
)

/** The panes, or the job as it goes on paper. */
function Bench() {
  useBenchWorkedOut()
  return usePathname().split("/")[3] === "paper" ? <Paper /> : <Panes />
}

function Panes() {
  const station = useStation()
  const Pane = PANES[station.id]!
  const pane = useRef<HTMLElement>(null)
  // Each station is read from its top.
  useEffect(() => void pane.current?.scrollTo(0, 0), [station.id])
  useTheRest()
  useKeys()
  useMoved()
  return (
    <div className="flex h-dvh min-h-0 flex-col">
      <Tape />
      <ConflictBar />
      <main className="flex min-h-0 grow narrow:flex-col">
        <PeltPane station={station} />
        <section
          aria-label={station.name}
          ref={pane}
          data-station={station.id}
          tabIndex={-1}
          className="relative min-h-0 w-[44%] outline-none shrink-0 overflow-y-auto border-l border-ink px-6 py-4 compact:w-[52%] compact:px-4 narrow:w-full narrow:shrink narrow:grow narrow:border-t narrow:border-l-0"
        >
          <Pane station={station} />
        </section>
      </main>
      <LedgerStrip />
    </div>
  )
}

/** Once the first screen stands the rest is fetched too, so that it opens at once, and without the server. */
const AFTER = 2000
const LOADS: readonly (() => Promise<unknown>)[] = [
  ...STATIONS.map(({ load }) => load),
  ...Object.values(DIALOG_LOADS),
  loadWorkingPanel,
  loadSorting,
  () => import("../../edit/revision-words"),
  ...WORKING_LOADS,
]

function useTheRest(): void {
  useEffect(() => {
    const timer = setTimeout(() => LOADS.forEach((load) => void load().catch(() => null)), AFTER)
    return () => clearTimeout(timer)
  }, [])
}

/** What the figures on the bench wait for, and those of what is pinned beside it; a drag waits until it is let go. */
function useBenchWorkedOut(): void {
  const calculations = useCalculations()
  const shown = useShown()
  const id = useJobStore().id
  const document = useDocument((view) => view.history.document)
  const ledgers = useMemo(
    () => [activeState(document), ...(document.pinned ? [document.pinned] : [])].map((state) => calculations.ledger(id, state, shown)),
    [calculations, id, document, shown],
  )
  useEffect(() => {
    // What is settled last is what stands.
    const results = calculations.details(id)
    for (const { bridges, year } of ledgers.toReversed()) {
      results.settle(bridges)
      if (year.figures) results.settleYear({ figures: year.figures, estimate: year.estimate })
    }
  }, [calculations, id, ledgers])
  useWorkedOut("bench", ledgers)
}
