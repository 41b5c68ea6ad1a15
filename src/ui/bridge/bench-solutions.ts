"use client"
import { useEffect, useSyncExternalStore } from "react"
import type { Detail, DetailFigures } from "../../core/conduction/detail"
import { bridgesOf, type Ledger } from "../../core/ledger/ledger"
import { type KeptSolutions, keptSolutions } from "../../core/ledger/solutions"
import type { Question, Saying } from "./bridge.worker"

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
 * Solves all details that ledgers stand on, one after the other in a worker, beside the work at the bench. What is solved is shown
 * together, so that the figures step once and not a dozen times.
 */
export function useSolving(ledgers: readonly Ledger[]): void {
  const pending = ledgers.flatMap((ledger) => ledger.pending)
  const names = pending.map(({ key }) => key).join()
  useEffect(() => {
    for (const ledger of ledgers) kept.settle(bridgesOf(ledger))
  }, [ledgers])
  useEffect(() => {
    if (pending.length === 0) return
    const worker = new Worker(new URL("./bridge.worker.ts", import.meta.url), { type: "module" })
    let shown = performance.now()
    let at = 0
    const ask = () => worker.postMessage({ detail: pending[at]!, picture: false } satisfies Question)
    worker.onmessage = ({ data }: MessageEvent<Saying>) => {
      if ("cells" in data) return
      kept.keep(pending[at]!, data.solved.figures)
      at++
      const done = at === pending.length
      if (!done) ask()
      if (!done && performance.now() - shown < PATIENCE) return
      shown = performance.now()
      tell()
    }
    ask()
    return () => worker.terminate()
    // The same details by their names need no new start.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [names])
}
