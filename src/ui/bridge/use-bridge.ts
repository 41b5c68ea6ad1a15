"use client"
import { useEffect, useRef, useState } from "react"
import type { BridgeInput } from "../../schema/bridge"
import type { Saying, SolvedDetail } from "./bridge.worker"

/** Details that were solved, by their whole content: the same layers are never solved twice. */
const known = new Map<string, SolvedDetail>()
/** More are not kept. */
const MOST = 200

interface Run {
  of: string
  /** Of the detail that is being solved: which of those to be solved it is, and the cells of its mesh, 0 before the first. */
  at: number
  cells: number
  failed: boolean
}

/** Details solved in two dimensions, one after the other in a worker; a run is given up when one of them has changed meanwhile. */
export function useBridges(bodies: readonly BridgeInput[]) {
  const names = bodies.map((body) => JSON.stringify(body))
  const of = names.join()
  const worker = useRef<Worker | null>(null)
  const [run, setRun] = useState<Run | null>(null)
  const stop = () => {
    worker.current?.terminate()
    worker.current = null
  }
  useEffect(() => stop, [of])
  const solve = () => {
    stop()
    const left = [...new Set(names)].filter((name) => !known.has(name))
    const started = new Worker(new URL("./bridge.worker.ts", import.meta.url), { type: "module" })
    worker.current = started
    let at = 0
    const next = () => {
      if (at === left.length) {
        stop()
        return setRun(null)
      }
      setRun({ of, at, cells: 0, failed: false })
      started.postMessage(JSON.parse(left[at]!))
    }
    started.onmessage = ({ data }: MessageEvent<Saying>) => {
      if ("cells" in data) return setRun({ of, at, cells: data.cells, failed: false })
      if (known.size >= MOST) known.clear()
      known.set(left[at]!, data.solved)
      at++
      next()
    }
    started.onerror = () => setRun({ of, at, cells: 0, failed: true })
    next()
  }
  const cancel = () => {
    stop()
    setRun(null)
  }
  const solved = names.map((name) => known.get(name) ?? null)
  return { solved, run: run?.of === of ? run : null, solve, cancel }
}
