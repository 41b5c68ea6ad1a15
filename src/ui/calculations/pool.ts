import type { Task } from "../../core/results/calculation"
import type { Question, Saying } from "./calculations.worker"

/** A task on its way: what comes of it, null when it was given up or could not be done, and what gives it up. */
export interface Run {
  result: Promise<unknown>
  giveUp: () => void
}

/** Workers that do tasks beside the work, each one at a time. */
export interface Pool {
  /** @param urgent goes before those that wait */
  run: (task: Task, onProgress?: (progress: number) => void, urgent?: boolean) => Run
  /** Ends all workers, and with them what they are at. */
  close: () => void
}

interface Waiting {
  question: Question
  onProgress: (progress: number) => void
  settle: (result: unknown) => void
}

interface Hand {
  /** It is fetched once, so that it serves while the server is away. */
  worker: Worker | null
  at: Waiting | null
}

/** An empty pool; workers are started when there is something for them to do. */
export function createPool(size: number): Pool {
  const hands = Array.from({ length: size }, (): Hand => ({ worker: null, at: null }))
  const waiting: Waiting[] = []

  function next(hand: Hand): void {
    hand.at = waiting.shift() ?? null
    if (!hand.at) return
    hand.worker ??= started(hand)
    hand.worker.postMessage(hand.at.question)
  }

  function started(hand: Hand): Worker {
    const worker = new Worker(new URL("./calculations.worker.ts", import.meta.url), { type: "module" })
    worker.onmessage = ({ data }: MessageEvent<Saying>) => {
      if ("progress" in data) return hand.at?.onProgress(data.progress)
      hand.at?.settle(data.result)
      next(hand)
    }
    worker.onerror = () => drop(hand)
    return worker
  }

  /** A busy worker hears nothing: it is ended, and the next one begins with what waits. */
  function drop(hand: Hand): void {
    hand.worker?.terminate()
    hand.worker = null
    hand.at?.settle(null)
    next(hand)
  }

  return {
    run({ calculation, input }, onProgress = () => {}, urgent = false) {
      let asked!: Waiting
      const result = new Promise<unknown>((resolve) => {
        asked = { question: { kind: calculation.kind, input }, onProgress, settle: resolve }
        waiting[urgent ? "unshift" : "push"](asked)
      })
      const idle = hands.find(({ at }) => at === null)
      if (idle) next(idle)
      const giveUp = () => {
        const place = waiting.indexOf(asked)
        const hand = hands.find(({ at }) => at === asked)
        if (place >= 0) waiting.splice(place, 1)
        if (hand) drop(hand)
        asked.settle(null)
      }
      return { result, giveUp }
    },
    close() {
      for (const { settle } of waiting.splice(0)) settle(null)
      for (const hand of hands) drop(hand)
    },
  }
}
