"use client"
import { useEffect, useRef, useState } from "react"
import type { Detail } from "../../core/conduction/detail"
import { DETAIL } from "../../core/results/detail-result"
import { PICTURE } from "../../core/results/picture-result"
import { useCalculations, useShown } from "../calculations/calculations"

interface Run {
  of: string
  /** Cells of the mesh that it is at, 0 before the first. */
  cells: number
  failed: boolean
}

/** A detail solved with its temperatures, on demand in a worker; given up when the detail has changed meanwhile. */
export function usePicture(detail: Detail) {
  const { key } = detail
  const calculations = useCalculations()
  const shown = useShown()
  const stop = useRef<(() => void) | null>(null)
  const [run, setRun] = useState<Run | null>(null)
  useEffect(() => () => stop.current?.(), [key])
  const begin = () => {
    const saying = (cells: number, failed = false) => setRun({ of: key, cells, failed })
    const { result, giveUp } = calculations.ask(PICTURE, detail, saying)
    let given = false
    stop.current = () => {
      given = true
      giveUp()
    }
    saying(0)
    void result.then((answer) => {
      stop.current = null
      if (given) return
      if (!answer) return saying(0, true)
      setRun(null)
    })
  }
  const cancel = () => {
    stop.current?.()
    setRun(null)
  }
  const figures = shown.of(DETAIL, detail) ?? null
  return { figures, picture: calculations.picture(detail)?.picture ?? null, run: run?.of === key ? run : null, solve: begin, cancel }
}
