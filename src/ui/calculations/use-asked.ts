"use client"
import { useEffect, useRef, useState } from "react"
import { type Calculation, keyOf } from "../../core/results/calculation"
import { useCalculations, useShown } from "./calculations"

interface Run {
  of: string
  /** In the calculation's own measure, 0 before the first word of it. */
  progress: number
  failed: boolean
}

/** A heavy calculation on demand: its result while that is kept, how far it is, and how to begin and to stop it; given up when its input has changed meanwhile. */
export function useAsked<I, R>(calculation: Calculation<I, R>, input: I) {
  const key = keyOf({ calculation, input })
  const calculations = useCalculations()
  useShown()
  const stop = useRef<(() => void) | null>(null)
  const [run, setRun] = useState<Run | null>(null)
  useEffect(() => () => stop.current?.(), [key])
  const begin = () => {
    const saying = (progress: number, failed = false) => setRun({ of: key, progress, failed })
    const { result, giveUp } = calculations.ask(calculation, input, saying)
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
  return { result: calculations.kept(calculation, input) ?? null, run: run?.of === key ? run : null, begin, cancel }
}
