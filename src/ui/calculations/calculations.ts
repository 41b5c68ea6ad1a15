"use client"
import { createContext, useContext, useEffect, useSyncExternalStore } from "react"
import { createStore } from "zustand"
import type { Detail } from "../../core/conduction/detail"
import type { JobState } from "../../core/enclosure/job-state"
import { type Ledger, ledgerOf } from "../../core/ledger/ledger"
import { type Calculation, keyOf, type Task, task } from "../../core/results/calculation"
import { DETAIL } from "../../core/results/detail-result"
import { judgedFrom, type JobResults, jobResults } from "../../core/results/job-results"
import { type DetailPicture, PICTURE } from "../../core/results/picture-result"
import { YEAR } from "../../core/results/year-result"
import { type GrowingResults, growingResults, type Results } from "../../core/results/results"
import { foundOrRun, KEPT_BY_SERVER, type KeptResults } from "./kept-results"
import { createPool, type Run } from "./pool"
import { inTurn, isLate, restedAfter } from "./turn"

/** More solved tasks wait no longer to be shown, ms: figures step once and not a dozen times. */
const PATIENCE = 700
/** While what is wanted changes again within so much, ms, nothing is begun: a hand on a key would have every step worked out. */
const REST = 150
/** What takes seconds is begun once nothing new was asked of it for so long, ms. */
const LATE_REST = 1500
/** Heavy results are some hundred kilobytes each, up to a few thousand. */
const MOST_HEAVY = 20
/** Jobs of which it is remembered what stands solved at their places. */
const MOST_JOBS = 60

/** What this window works out beside the work, and what it has worked out. */
export interface Calculations {
  /** Figures of a state of a job, from what is shown as worked out. */
  ledger: (job: string, state: JobState, shown: Results) => Ledger
  /** The details of a job among results; without them among all that is worked out now. */
  details: (job: string, from?: Results) => JobResults
  /** What is worked out and shown: another object whenever that grows. */
  shown: () => Results
  subscribe: (listener: () => void) => () => void
  /** How far what is wanted is, by its key, in each calculation's own measure. */
  progress: (key: string) => number | undefined
  /** Says what an owner wants worked out, in this order; what nobody wants any more is not begun. */
  want: (owner: string, tasks: readonly Task[]) => void
  /** Works one task out before all others that wait. */
  ask: <I, R>(calculation: Calculation<I, R>, input: I, onProgress?: (progress: number) => void) => Run & { result: Promise<R | null> }
  /** What is kept of a heavy calculation. */
  kept: <I, R>(calculation: Calculation<I, R>, input: I) => R | undefined
  close: () => void
}

/** @param kept where what takes seconds is looked for before it is worked out */
export function createCalculations(kept: KeptResults = KEPT_BY_SERVER): Calculations {
  const results = growingResults()
  const heavy = growingResults(MOST_HEAVY)
  const hands = Math.max(1, Math.min(3, (globalThis.navigator?.hardwareConcurrency ?? 2) - 1))
  const pool = createPool(hands)
  const store = createStore<{ shown: Results; progress: Readonly<Record<string, number>> }>(() => ({ shown: results, progress: {} }))
  const details = detailsOf(results)
  const wanted = new Map<string, readonly Task[]>()
  const running = new Map<string, { task: Task; giveUp: () => void }>()
  /** What could not be worked out is not tried again and again. */
  const failed = new Set<string>()
  /** Figures with what was worked out when they were made; those that wait for nothing are the same however much more is. */
  const made = new WeakMap<JobState, { ledger: Ledger; from: Results }>()
  let lastShown = 0
  let lastWanted = -REST
  let resting: ReturnType<typeof setTimeout> | undefined

  const show = () => {
    lastShown = performance.now()
    store.setState({ shown: { ...results }, progress: {} })
  }

  const waiting = (all: ReadonlyMap<string, Task>): [key: string, Task][] =>
    [...all].filter(([key, one]) => !running.has(key) && !failed.has(key) && results.of(one.calculation, one.input) === undefined)

  /** What takes seconds gives way to what figures wait for, and ends where it is wanted no longer. */
  function makeRoom(all: ReadonlyMap<string, Task>): void {
    const pressing = waiting(all).some(([, one]) => !isLate(one))
    for (const [key, { task, giveUp }] of running) if (isLate(task) && (!all.has(key) || (pressing && running.size >= hands))) giveUp()
  }

  /** What takes seconds waits until what is asked of it has stayed the same for a while. */
  const restedOf = restedAfter(LATE_REST, () => begin())

  /** No more than there are hands for: what is wanted may change while the first are worked out. */
  function begin(): void {
    if (resting !== undefined) return
    const now = inTurn(wanted)
    makeRoom(now)
    const all = restedOf(now)
    for (const [key, one] of waiting(all).slice(0, Math.max(0, hands - running.size))) {
      const saying = (done: number) => store.setState(({ progress }) => ({ progress: { ...progress, [key]: done } }))
      const { result, giveUp } = isLate(one) ? foundOrRun(pool, kept, one, saying) : pool.run(one, saying)
      let given = false
      running.set(key, { task: one, giveUp: () => ((given = true), giveUp()) })
      void result.then((result) => {
        running.delete(key)
        if (result !== null) results.add(one, result)
        else if (!given) failed.add(key)
        begin()
        if (running.size === 0 || performance.now() - lastShown >= PATIENCE) show()
      })
    }
  }

  /** At once what is wanted first, or after a rest. */
  function beginSoon(): void {
    clearTimeout(resting)
    const rest = lastWanted + REST - performance.now()
    lastWanted = performance.now()
    resting = rest > 0 ? setTimeout(() => ((resting = undefined), begin()), REST) : undefined
    begin()
  }

  return {
    details,
    shown: () => store.getState().shown,
    subscribe: store.subscribe,
    progress: (key) => store.getState().progress[key],
    ledger(job, state, shown) {
      const known = made.get(state)
      if (known && (known.from === shown || (known.ledger.awaited.length === 0 && known.ledger.judging.length === 0))) return known.ledger
      const ledger = ledgerOf(state, details(job, shown))
      made.set(state, { ledger, from: shown })
      return ledger
    },
    want(owner, tasks) {
      if (tasks.length === 0) wanted.delete(owner)
      else wanted.set(owner, tasks)
      beginSoon()
    },
    ask<I, R>(calculation: Calculation<I, R>, input: I, onProgress?: (progress: number) => void) {
      const asked = task(calculation, input)
      const { result, giveUp } = pool.run(asked, onProgress, true)
      const held = result.then((answer) => {
        if (answer === null) return null
        const place = calculation.heavy ? heavy : results
        place.add(asked, answer)
        // A picture brings the figures of its detail along.
        if (calculation.kind === PICTURE.kind) results.add(task(DETAIL, input as Detail), (answer as DetailPicture).figures)
        show()
        return answer as R
      })
      return { result: held, giveUp }
    },
    kept: heavy.of,
    close: pool.close,
  }
}

/** What each job stands on among results; of so many jobs. */
function detailsOf(results: GrowingResults): (job: string, from?: Results) => JobResults {
  const jobs = new Map<string, JobResults>()
  return (job, from = results) => {
    const known = jobs.get(job) ?? jobResults(results)
    jobs.delete(job)
    jobs.set(job, known)
    if (jobs.size > MOST_JOBS) jobs.delete(jobs.keys().next().value!)
    return { ...known, of: (detail) => from.of(DETAIL, detail), year: (model) => from.of(YEAR, model), ...judgedFrom(from) }
  }
}

const Context = createContext<Calculations | null>(null)
export const CalculationsProvider = Context.Provider

export function useCalculations(): Calculations {
  const calculations = useContext(Context)
  if (!calculations) throw new Error("Nothing is calculated around this part of the screen.")
  return calculations
}

/** Draws anew whenever more is worked out. */
export function useShown(): Results {
  const calculations = useCalculations()
  return useSyncExternalStore(calculations.subscribe, calculations.shown, calculations.shown)
}

/** How far a calculation is that is wanted; 0 before the first word of it. */
export function useProgress<I, R>(calculation: Calculation<I, R>, input: I): number {
  const calculations = useCalculations()
  const done = () => calculations.progress(keyOf({ calculation, input })) ?? 0
  return useSyncExternalStore(calculations.subscribe, done, done)
}

/** What figures wait for. */
type Waiting = Pick<Ledger, "pending" | "awaited"> & Partial<Pick<Ledger, "judging">>

/** Has what figures wait for worked out, for as long as they are on screen. */
export function useWorkedOut(owner: string, waiting: readonly Waiting[]): void {
  const calculations = useCalculations()
  useEffect(
    () =>
      calculations.want(
        owner,
        // What all figures stand on goes before what only the year does, and that before the verdicts on damp.
        [
          ...waiting.flatMap(({ pending }) => pending),
          ...waiting.flatMap(({ awaited }) => awaited),
          ...waiting.flatMap(({ judging = [] }) => judging),
        ],
      ),
    [calculations, owner, waiting],
  )
  useEffect(() => () => calculations.want(owner, []), [calculations, owner])
}
