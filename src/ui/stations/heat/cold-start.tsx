"use client"
import { useMemo } from "react"
import { warmUp } from "../../../core/hourly/warm-up"
import { useLedgerLater } from "../../job/use-ledger"
import { useWriting } from "../../writing/writing"
import { warmUpSentence } from "./plant-sentence"

/** How long the heater takes to warm up what has stood cold; a moment after the figures, which do not wait for it. */
export function ColdStart() {
  const { write } = useWriting()
  const ledger = useLedgerLater()
  const capacity = ledger.output.loss
  const { inside, outside } = ledger.conditions.winter
  const asked = capacity !== null && capacity > 0 && inside.temperature > outside.temperature
  const start = useMemo(() => (asked ? warmUp(ledger, capacity, ledger.clearVolume) : null), [asked, capacity, ledger])
  return start && <p data-testid="cold-start">{warmUpSentence(start, inside.temperature, write)}</p>
}
