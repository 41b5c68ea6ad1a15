"use client"
import { useEffect, useRef, useState } from "react"
import type { Detail, DetailFigures } from "../../core/conduction/detail"
import type { TemperaturePicture } from "../../core/conduction/picture"
import { keep, solutionsNow, useSolved } from "./bench-solutions"
import type { Question, Saying } from "./bridge.worker"

/** Pictures of details that were asked for; each is some hundred kilobytes. */
const pictures = new Map<string, TemperaturePicture>()
const MOST = 30

interface Run {
  of: string
  /** Cells of the mesh that it is at, 0 before the first. */
  cells: number
  failed: boolean
}

/** A detail solved with its temperatures, on demand in a worker; given up when the detail has changed meanwhile. */
export function usePicture(detail: Detail) {
  const { key } = detail
  useSolved()
  const worker = useRef<Worker | null>(null)
  const [run, setRun] = useState<Run | null>(null)
  const stop = () => {
    worker.current?.terminate()
    worker.current = null
  }
  useEffect(() => stop, [key])
  const solve = () => {
    stop()
    const started = new Worker(new URL("./bridge.worker.ts", import.meta.url), { type: "module" })
    worker.current = started
    started.onmessage = ({ data }: MessageEvent<Saying>) => {
      if ("cells" in data) return setRun({ of: key, cells: data.cells, failed: false })
      stop()
      if (pictures.size >= MOST) pictures.clear()
      pictures.set(key, data.solved.picture!)
      keep(detail, data.solved.figures)
      setRun(null)
    }
    started.onerror = () => setRun({ of: key, cells: 0, failed: true })
    setRun({ of: key, cells: 0, failed: false })
    started.postMessage({ detail, picture: true } satisfies Question)
  }
  const cancel = () => {
    stop()
    setRun(null)
  }
  const figures: DetailFigures | null = solutionsNow().solutions.of(detail) ?? null
  return { figures, picture: pictures.get(key) ?? null, run: run?.of === key ? run : null, solve, cancel }
}
