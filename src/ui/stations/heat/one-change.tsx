"use client"
import { useMemo, useState } from "react"
import { v4 as newId } from "uuid"
import { activeState } from "../../../core/enclosure/job-state"
import type { Ledger } from "../../../core/ledger/ledger"
import { type Saving, savings, type Step } from "../../../core/trials/what-if"
import { tryStep } from "../../../edit/try-step"
import type { Season } from "../../../schema/quantity"
import { useJob, useJobStore } from "../../job/job-store"
import { useLedgerLater } from "../../job/use-ledger"
import { Button } from "../../primitives/button"
import { Rough } from "../../primitives/figure"
import { FigureTable } from "../../primitives/figure-table"
import { Refusal } from "../../primitives/refusal"
import { useWriting } from "../../writing/writing"

const FLOWS: Readonly<Record<Season, (ledger: Ledger) => number>> = { winter: ({ loss }) => loss.total, summer: ({ gain }) => gain.total }

/** More rows are no help in choosing. */
const MOST = 6

/** What a variant is called in which a step was taken. */
const VARIANTS: Readonly<Record<Step["kind"], string>> = { thickness: "thicker", white: "white skin", leaks: "half the leaks" }

/** What one change would save of the loss or the gain, the greatest first; each can be tried in a variant. */
export function OneChange({ season }: { season: Season }) {
  const { write, length } = useWriting()
  const job = useJob()
  const store = useJobStore()
  const ledger = useLedgerLater()
  const state = activeState(job)
  const found = useMemo(() => savings(state, ledger, FLOWS[season]).slice(0, MOST), [state, ledger, season])
  const [refusal, setRefusal] = useState<string | null>(null)
  const tryIt = ({ step }: Saving) =>
    setRefusal(store.edit(tryStep(step, `v-${newId().slice(0, 8)}`, VARIANTS[step.kind]))?.message ?? null)
  if (found.length === 0) return <p className="text-graphite">No single change would save a hundredth of it.</p>
  const words = ({ step, name }: Saving) =>
    step.kind === "thickness"
      ? `${name}, ${length(step.thickness)}`
      : step.kind === "leaks"
        ? `${name}: ${write("airChanges", step.ach50)}`
        : name
  return (
    <>
      <FigureTable
        caption="What one change would save"
        shows="title"
        heads={["change", "saves", "costs", "height", ""]}
        rows={found.map((saving) => ({
          key: saving.name,
          look: "border-b border-seam align-top",
          cells: [
            words(saving),
            <span key="saves" className="font-semibold">
              {ledger.pending.length > 0 ? <Rough /> : null}
              {write("power", saving.saves)}
            </span>,
            saving.money > 0.5 ? write("money", saving.money) : "–",
            Math.abs(saving.height) > 5e-4 ? length(-saving.height) : "–",
            <Button key="try" look="link" aria-label={`Try in a variant: ${saving.name}`} onClick={() => tryIt(saving)}>
              try it
            </Button>,
          ],
        }))}
      />
      <Refusal>{refusal}</Refusal>
    </>
  )
}
