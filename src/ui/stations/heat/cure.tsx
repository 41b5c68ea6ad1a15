"use client"
import { useEffect, useRef, useState } from "react"
import { coldSurface } from "../../../core/ledger/cold-surface"
import { type Break, breaksFor } from "../../../core/ledger/cure"
import type { FaceFigures } from "../../../core/ledger/face-figures"
import { materialOf } from "../../../core/material/catalogue"
import { printWithUnit } from "../../../core/quantity/measure"
import { keep } from "../../bridge/bench-solutions"
import { solve } from "../../bridge/solver"
import { useJob, useJobStore, useLedger } from "../../job/job-store"
import { Button } from "../../primitives/button"
import { tryBreak } from "../members/try-break"

type Found = { looking: number } | { cure: Break; linear: number } | "none"

/** Looks for the cheapest layer across a set's members with which nothing gathers on them, and tries it at a press. */
export function Cure({ figures, id, length }: { figures: FaceFigures; id: string; length: number }) {
  const { conditions } = useLedger()
  const { units } = useJob()
  const store = useJobStore()
  const [found, setFound] = useState<Found | null>(null)
  const stopped = useRef(false)
  useEffect(() => () => void (stopped.current = true), [])
  const look = async () => {
    for (const [i, one] of breaksFor(figures, id, conditions).entries()) {
      setFound({ looking: i + 1 })
      const solved = await solve(one.detail, false).solved
      if (stopped.current) return
      if (!solved) continue
      keep(one.detail, solved.figures)
      if (!coldSurface(figures, solved.figures, conditions).wet) return setFound({ cure: one, linear: solved.figures.linear })
    }
    setFound("none")
  }
  if (found === null) return <Button onClick={() => void look()}>Find the cheapest break that keeps it dry</Button>
  if (found === "none") return <p>No break that is sold keeps it dry by itself: drier air, or more insulation on the inside, must help.</p>
  if ("looking" in found) return <p role="status">Trying break {found.looking} …</p>
  const { material, thickness, price } = found.cure
  return (
    <p className="flex flex-wrap items-center gap-x-3" data-testid="cure">
      <span>
        {printWithUnit("length", thickness, units)} of {materialOf(material).name.toLowerCase()} across them, at{" "}
        {printWithUnit("arealMoney", price, units)}: ψ {printWithUnit("linearTransmittance", found.linear, units)}, nothing gathers on{" "}
        {printWithUnit("length", length, units)}.
      </span>
      <Button onClick={() => tryBreak(store, figures, id, material, thickness)}>Try it in a variant</Button>
    </p>
  )
}
