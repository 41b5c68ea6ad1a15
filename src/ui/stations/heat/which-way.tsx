"use client"
import { useMemo } from "react"
import { activeState } from "../../../core/enclosure/job-state"
import { compassPoint } from "../../../core/shell/face-name"
import { gainByDirection } from "../../../core/trials/directions"
import { setAzimuth } from "../../../edit/shell-edits"
import { useJob, useJobStore } from "../../job/job-store"
import { useLedgerLater } from "../../job/use-ledger"
import { Button } from "../../primitives/button"
import { useWriting } from "../../writing/writing"

/** Directions that ask for less than this more than another are all one, W. */
const ALIKE = 5

/** What the hottest day asks with the front turned the worst way and the best; of what sees no sun, and where it is all one, nothing. */
export function WhichWay() {
  const { write } = useWriting()
  const job = useJob()
  const store = useJobStore()
  const ledger = useLedgerLater()
  const state = activeState(job)
  const tried = useMemo(() => gainByDirection(state, ledger), [state, ledger])
  const worst = tried.reduce((most, one) => (one.asked > most.asked ? one : most))
  const best = tried.reduce((least, one) => (one.asked < least.asked ? one : least))
  if (worst.asked - best.asked < ALIKE) return null
  const way = (azimuth: number) => (
    <Button look="link" onClick={() => store.edit(setAzimuth(azimuth))}>
      {compassPoint(azimuth)}
    </Button>
  )
  return (
    <p data-testid="which-way">
      With its front looking {way(worst.azimuth)} a cooler is asked for most, {write("power", worst.asked)}; looking {way(best.azimuth)} for
      least, {write("power", best.asked)}. It looks {compassPoint(job.shell.azimuth)} now
      {job.brief.kind === "van" ? "; what roams is best tried the worst way." : "."}
    </p>
  )
}
