"use client"
import { type ReactNode, useEffect, useState } from "react"
import { CalculationsProvider, createCalculations } from "./calculations"

/** What is worked out in this window, on all its pages. */
export function CalculationsRoot({ children }: { children: ReactNode }) {
  const [calculations] = useState(createCalculations)
  useEffect(() => calculations.close, [calculations])
  return <CalculationsProvider value={calculations}>{children}</CalculationsProvider>
}
