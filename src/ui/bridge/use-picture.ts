"use client"
import { useEffect, useRef, useState } from "react"
import type { Detail, DetailFigures } from "../../core/conduction/detail"
import type { TemperaturePicture } from "../../core/conduction/picture"
import { keep, solutionsNow, useSolved } from "./bench-solutions"
import { solve } from "./solver"

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
  const stop = useRef<(() => void) | null>(null)
  const [run, setRun] = useState<Run | null>(null)
  useEffect(() => () => stop.current?.(), [key])
  const begin = () => {
    const saying = (cells: number, failed = false) => setRun({ of: key, cells, failed })
    const { solved, giveUp } = solve(detail, true, saying)
    let given = false
    stop.current = () => {
      given = true
      giveUp()
    }
    saying(0)
    void solved.then((result) => {
      stop.current = null
      if (given) return
      if (!result) return saying(0, true)
      if (pictures.size >= MOST) pictures.clear()
      pictures.set(key, result.picture!)
      keep(detail, result.figures)
      setRun(null)
    })
  }
  const cancel = () => {
    stop.current?.()
    setRun(null)
  }
  const figures: DetailFigures | null = solutionsNow().solutions.of(detail) ?? null
  return { figures, picture: pictures.get(key) ?? null, run: run?.of === key ? run : null, solve: begin, cancel }
}
