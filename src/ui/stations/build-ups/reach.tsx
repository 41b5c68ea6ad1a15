"use client"
import { inSentence } from "../../../core/in-sentence"
import { useState } from "react"
import type { BuiltLayer } from "../../../core/assembly/build-up"
import type { SurfaceFigures } from "../../../core/enclosure/surface-figures"
import { activeState } from "../../../core/enclosure/job-state"
import { type Goal, thicknessFor } from "../../../core/trials/thickness-for"
import { setThickness } from "../../../edit/assembly-edits"
import { useJob, useJobStore } from "../../job/job-store"
import { useLedger } from "../../job/use-ledger"
import { Button } from "../../primitives/button"
import { QuantityField } from "../../primitives/fields"
import { Unfolding } from "../../primitives/unfolding"
import { useMaterials } from "../../materials/use-materials"
import { useWriting } from "../../writing/writing"

/** Asks what thickness of a layer reaches a built R or a loss, and takes it. */
export function Reach({ figures, built }: { figures: SurfaceFigures; built: BuiltLayer }) {
  const { figure, length } = useWriting()
  const job = useJob()
  const ledger = useLedger()
  const store = useJobStore()
  const [asked, setAsked] = useState<{ goal: Goal; of: typeof job; thickness: number | null } | null>(null)
  const { assembly } = figures
  const materials = useMaterials()
  const ask = (goal: Goal) => {
    setAsked({ goal, of: job, thickness: thicknessFor(activeState(job), assembly, built.id, goal, ledger.solved) })
    return null
  }
  // An answer belongs to the job that it was asked of.
  const answer = asked?.of === job ? asked : null
  const sold = answer?.thickness
    ? materials[built.layer.material]!.sold.thicknesses.find((thickness) => thickness >= answer.thickness! - 1e-6)
    : undefined
  const take = (thickness: number) => () => store.edit(setThickness(assembly, built.id, thickness))
  return (
    <Unfolding words="What thickness reaches it">
      {() => (
        <>
          <div className="grid grid-cols-3 items-end gap-x-4 gap-y-2 pt-1">
            <QuantityField
              label={`Built R of the ${inSentence(figures.name)}`}
              kind="resistance"
              value={answer?.goal.kind === "resistance" ? answer.goal.value : null}
              placeholder={`now ${figure("resistance", figures.totalResistance)}`}
              onCommit={(value) => ask({ kind: "resistance", surface: figures.id, value })}
            />
            <QuantityField
              label={`U of the ${inSentence(figures.name)}, with framing`}
              kind="transmittance"
              value={answer?.goal.kind === "resistance" ? 1 / answer.goal.value : null}
              placeholder={`now ${figure("transmittance", figures.transmittance)}`}
              onCommit={(value) =>
                value > 0
                  ? ask({ kind: "resistance", surface: figures.id, value: 1 / value })
                  : { code: "out-of-range", path: [], message: "A U is more than nothing." }
              }
            />
            <QuantityField
              label="Loss of the whole, worst night"
              kind="power"
              value={answer?.goal.kind === "loss" ? answer.goal.value : null}
              placeholder={`now ${figure("power", ledger.loss.total)}`}
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
                    It takes {length(answer.thickness)} of {inSentence(built.material.name)}
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
