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
  /** Of the mesh that is being solved; 0 before the first. */
  cells: number
  failed: boolean
}

/** A detail solved in two dimensions in a worker; one that has changed meanwhile is given up. */
export function useBridge(body: BridgeInput) {
  const of = JSON.stringify(body)
  const worker = useRef<Worker | null>(null)
  const [run, setRun] = useState<Run | null>(null)
  const stop = () => {
    worker.current?.terminate()
    worker.current = null
  }
  useEffect(() => stop, [of])
  const solve = () => {
    stop()
    const started = new Worker(new URL("./bridge.worker.ts", import.meta.url), { type: "module" })
    worker.current = started
    setRun({ of, cells: 0, failed: false })
    started.onmessage = ({ data }: MessageEvent<Saying>) => {
      if ("cells" in data) return setRun({ of, cells: data.cells, failed: false })
      if (known.size >= MOST) known.clear()
      known.set(of, data.solved)
      stop()
      setRun(null)
    }
    started.onerror = () => setRun({ of, cells: 0, failed: true })
    started.postMessage(body)
  }
  const cancel = () => {
    stop()
    setRun(null)
  }
  return { solved: known.get(of) ?? null, run: run?.of === of ? run : null, solve, cancel }
}
