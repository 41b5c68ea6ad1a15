"use client"
import { useState } from "react"
import type { BuiltLayer } from "../../../core/assembly/build-up"
import type { FaceFigures } from "../../../core/ledger/face-figures"
import { activeState } from "../../../core/ledger/state"
import { type Goal, thicknessFor } from "../../../core/ledger/thickness-for"
import { printQuantity, printWithUnit } from "../../../core/quantity/measure"
import { setThickness } from "../../../edit/assembly-edits"
import { useJob, useJobStore, useLedger } from "../../job/job-store"
import { Button } from "../../primitives/button"
import { QuantityField } from "../../primitives/fields"
import { Unfolding } from "../../primitives/unfolding"

/** Asks what thickness of a layer reaches a built R or a loss, and takes it. */
export function Reach({ figures, built }: { figures: FaceFigures; built: BuiltLayer }) {
  const job = useJob()
  const ledger = useLedger()
  const store = useJobStore()
  const [asked, setAsked] = useState<{ goal: Goal; of: typeof job; thickness: number | null } | null>(null)
  const { units } = job
  const { assembly } = figures
  const ask = (goal: Goal) => {
    setAsked({ goal, of: job, thickness: thicknessFor(activeState(job), assembly, built.id, goal, ledger.solutions) })
    return null
  }
  // An answer belongs to the job that it was asked of.
  const answer = asked?.of === job ? asked : null
  const sold = answer?.thickness ? built.material.sold.thicknesses.find((thickness) => thickness >= answer.thickness! - 1e-6) : undefined
  const length = (value: number) => printWithUnit("length", value, units)
  const take = (thickness: number) => () => store.edit(setThickness(assembly, built.id, thickness))
  return (
    <Unfolding words="What thickness reaches it">
      {() => (
        <>
          <div className="grid grid-cols-3 items-end gap-x-4 gap-y-2 pt-1">
            <QuantityField
              label={`Built R of the ${figures.name.toLowerCase()}`}
              kind="resistance"
              system={units}
              value={answer?.goal.kind === "resistance" ? answer.goal.value : null}
              placeholder={`now ${printQuantity("resistance", figures.whole, units).text}`}
              onCommit={(value) => ask({ kind: "resistance", face: figures.id, value })}
            />
            <QuantityField
              label={`U of the ${figures.name.toLowerCase()}, members in`}
              kind="transmittance"
              system={units}
              value={answer?.goal.kind === "resistance" ? 1 / answer.goal.value : null}
              placeholder={`now ${printQuantity("transmittance", figures.transmittance, units).text}`}
              onCommit={(value) =>
                value > 0
                  ? ask({ kind: "resistance", face: figures.id, value: 1 / value })
                  : { code: "out-of-range", path: [], message: "A U is more than nothing." }
              }
            />
            <QuantityField
              label="Loss of the whole, worst night"
              kind="power"
              system={units}
              value={answer?.goal.kind === "loss" ? answer.goal.value : null}
              placeholder={`now ${printQuantity("power", ledger.loss.total, units).text}`}
              onCommit={(value) => ask({ kind: "loss", value })}
            />
          </div>
          {answer ? (
            <p role="status" className="flex flex-wrap items-baseline gap-x-3 pt-1">
              {answer.thickness === null ? (
                "No thickness of this layer from a millimetre to a metre just reaches that: another layer decides."
              ) : (
                <>
                  <span>
                    It takes {length(answer.thickness)} of {built.material.name.toLowerCase()}
                    {sold === undefined ? "; the thickest sold is less: lay two" : ""}.
                  </span>
                  <Button look="link" onClick={take(answer.thickness)}>
                    Take {length(answer.thickness)}
                  </Button>
                  {sold === undefined ? null : (
                    <Button look="link" onClick={take(sold)}>
                      Take {length(sold)}, as it is sold
                    </Button>
                  )}
                </>
              )}
            </p>
          ) : null}
        </>
      )}
    </Unfolding>
  )
}
