"use client"
import { useId } from "react"
import { HEADLINES, isAbout } from "../../core/ledger/headlines"
import type { BreakMeasure } from "../../core/trials/thermal-break"
import { useWorkedOut } from "../calculations/calculations"
import { useJob } from "../job/job-store"
import { useLedger } from "../job/use-ledger"
import { useWriting } from "../writing/writing"
import { useBridgeWith } from "./bridge-with"

/** What a change would do to the ledger: heat, height, weight and money, as it would then show them. */
export function LedgerChange({ measure }: { measure: BreakMeasure }) {
  const { write } = useWriting()
  const job = useJob()
  const now = useLedger()
  const then = useBridgeWith().ledgerWith(job, measure)
  // It settles as the ledger itself does; until then it says so.
  useWorkedOut(useId(), then ? [then] : [])
  if (!then) return null
  const changes = HEADLINES.filter(({ verdict }) => !verdict).flatMap((headline) => {
    const { name, kind, of } = headline
    const [before, after] = [of(now), of(then)]
    if (Math.abs(after - before) < 1e-3 * Math.abs(before)) return []
    return [`${name} ${isAbout(headline, then) ? "≈ " : ""}${write(kind, after)} in place of ${write(kind, before)}`]
  })
  return (
    <p className="text-graphite" data-testid="ledger-change">
      {changes.length === 0 ? "The ledger’s other figures stay as they are." : `In the ledger: ${changes.join("; ")}.`}
    </p>
  )
}
