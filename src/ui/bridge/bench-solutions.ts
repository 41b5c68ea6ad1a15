"use client"
import { useEffect, useSyncExternalStore } from "react"
import type { Detail, DetailFigures } from "../../core/conduction/detail"
import { bridgesOf, type Ledger } from "../../core/ledger/ledger"
import { type KeptSolutions, keptSolutions } from "../../core/ledger/solutions"
import { solve } from "./solver"

/** All details that this window has solved. */
const kept = keptSolutions()
let version = 0
const listeners = new Set<() => void>()

const subscribe = (listener: () => void) => {
  listeners.add(listener)
  return () => void listeners.delete(listener)
}

/** What is solved now; `version` rises whenever more is. */
export const solutionsNow = (): { solutions: KeptSolutions; version: number } => ({ solutions: kept, version })

/** Draws anew whenever more is solved. */
export const useSolved = (): number =>
  useSyncExternalStore(
    subscribe,
    () => version,
    () => 0,
  )

/** Keeps a solved detail, and lets all figures that stand on it know. */
export function keep(detail: Detail, figures: DetailFigures): void {
  kept.keep(detail, figures)
  tell()
}

function tell(): void {
  version++
  listeners.forEach((listener) => listener())
}

/** More solved details wait no longer to be shown, ms. */
const PATIENCE = 700

/**
 * Solves all details that the bench's ledgers stand on, and remembers what stands solved at each place, from which what is tried out is
 * reckoned until it is solved itself.
 * @param ledgers the active one first
 */
export function useSolving(ledgers: readonly Ledger[]): void {
  useEffect(() => {
    // What is settled last is what stands.
    for (const ledger of ledgers.toReversed()) kept.settle(bridgesOf(ledger))
  }, [ledgers])
  useEffect(() => () => kept.leave(), [])
  useSolvingBeside(ledgers)
}

/**
 * Solves details one after the other in a worker, beside the work at the bench. What is solved is shown together, so that the figures
 * step once and not a dozen times.
 */
export function useSolvingBeside(ledgers: readonly Ledger[]): void {
  // Jobs on a shelf often share their details: each is solved once.
  const pending = [...new Map(ledgers.flatMap((ledger) => ledger.pending.map((detail) => [detail.key, detail] as const))).values()]
  const names = pending.map(({ key }) => key).join()
  useEffect(() => {
    let stopped = false
    const run = async () => {
      let shown = performance.now()
      for (const [i, detail] of pending.entries()) {
        const solved = await solve(detail, false).solved
        if (solved) kept.keep(detail, solved.figures)
        if (stopped) return
        if (i + 1 < pending.length && performance.now() - shown < PATIENCE) continue
        shown = performance.now()
        tell()
      }
    }
    void run()
    return () => void (stopped = true)
    // The same details by their names need no new start.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [names])
}
