"use client"
import { inSentence } from "../../core/in-sentence"
import { useEffect, useRef, useState } from "react"
import type { RankedBridge } from "../../core/ledger/bridge-ranking"
import { type BreakMeasure, breakMeasuresFor, isMended } from "../../core/trials/thermal-break"
import { activeState } from "../../core/enclosure/job-state"
import { materialOf, type Materials } from "../../core/material/catalogue"
import type { Job } from "../../schema/job/job"
import { useJob } from "../job/job-store"
import { useLedger } from "../job/use-ledger"
import { useMaterials } from "../materials/use-materials"
import { Button } from "../primitives/button"
import { Refusal } from "../primitives/refusal"
import { useBridgeWith, useTryBreakMeasure } from "./bridge-with"
import { LedgerChange } from "./ledger-change"
import { RIM_WORDS } from "./rim-words"
import { useWriting, type Writing } from "../writing/writing"

type Found = { looking: number } | { measure: BreakMeasure; saves: number } | "none"

/** Less than this a bridge need not be made better, W. */
const LITTLE = 0.5

/** Looks for the cheapest change with which nothing gathers on a bridge, or which halves what it costs, and tries it at a press. */
export function CheapestBreakMeasure({ bridge }: { bridge: RankedBridge }) {
  const writing = useWriting()
  const job = useJob()
  const ledger = useLedger()
  const materials = useMaterials()
  const { tryIt, refusal } = useTryBreakMeasure()
  const { solved } = useBridgeWith()
  const [found, setFound] = useState<Found | null>(null)
  const stopped = useRef(false)
  useEffect(() => {
    stopped.current = false
    return () => void (stopped.current = true)
  }, [])
  const wet = bridge.surface?.wet
  if (!wet && bridge.watts < LITTLE) return null
  const look = async () => {
    for (const [i, measure] of breakMeasuresFor(bridge, activeState(job), ledger).entries()) {
      setFound({ looking: i + 1 })
      const then = await solved(job, bridge.place, measure)
      if (stopped.current) return
      if (then && isMended(bridge, then)) return setFound({ measure, saves: bridge.watts - then.watts })
    }
    setFound("none")
  }
  if (found === null)
    return (
      <div>
        <Button onClick={() => void look()}>
          {wet ? "Find the cheapest change that keeps it dry" : "Find the cheapest change that halves what it costs"}
        </Button>
      </div>
    )
  if (found === "none")
    return (
      <p>
        {wet
          ? "None of what is sold keeps it dry by itself: drier air, or more insulation on the warm side, must help."
          : "No break that is sold halves it by itself."}
      </p>
    )
  if ("looking" in found) return <p role="status">Trying the {found.looking}. …</p>
  const saves =
    found.measure.kind === "rim" ? "what it saves counts with the floor" : `it costs ${writing.write("power", found.saves)} less`
  const buys = wet ? ["nothing gathers on it", saves] : [saves]
  return (
    <div className="flex flex-wrap items-center gap-x-3" data-testid="measure">
      <span>
        {measureWords(found.measure, job, materials, writing)}: {buys.join(", and ")}.
      </span>
      <Button onClick={() => tryIt(found.measure)}>Try it in a variant</Button>
      <LedgerChange measure={found.measure} />
      <Refusal>{refusal}</Refusal>
    </div>
  )
}

function measureWords(measure: BreakMeasure, { variants, active }: Job, materials: Materials, { length, write }: Writing): string {
  if (measure.kind === "strip")
    return `${length(measure.thickness)} of plastic set into it, the thinnest that does (its price is its maker’s to say)`
  const { material, thickness } = measure.kind === "rim" ? measure.edge : measure
  const where =
    measure.kind === "rim"
      ? `along the slab’s edge, ${length(measure.edge.reach)} ${RIM_WORDS[measure.edge.kind]}`
      : `inside of “${variants[active]!.assemblies[measure.assembly]!.name}”`
  const { name } = materialOf(material, materials)
  return `${length(thickness)} of ${inSentence(name)} ${where}, ${write("money", measure.money)} in all`
}
