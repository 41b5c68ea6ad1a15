"use client"
import { useDeferredValue, useMemo, useState } from "react"
import type { BuiltLayer } from "../../../core/assembly/build-up"
import type { SurfaceFigures } from "../../../core/enclosure/surface-figures"
import { activeState } from "../../../core/enclosure/job-state"
import { depthLeft, whatFits } from "../../../core/trials/what-fits"
import { useJob } from "../../job/job-store"
import { useLedger } from "../../job/use-ledger"
import { QuantityField } from "../../primitives/fields"
import { Unfolding } from "../../primitives/unfolding"
import { ExchangeTable } from "./same-resistance"
import { useWriting } from "../../writing/writing"

interface Props {
  figures: SurfaceFigures
  built: BuiltLayer
}

/** What insulates best in a depth that one has. */
export function WhatFits(props: Props) {
  return <Unfolding words="What fits in this depth and height">{() => <Fitting {...props} />}</Unfolding>
}

function Fitting({ figures, built }: Props) {
  const { length } = useWriting()
  const job = useDeferredValue(useJob())
  const ledger = useDeferredValue(useLedger())
  const { thickness } = built.layer
  const allowed = depthLeft(figures, thickness, ledger, job.brief.limits.height)
  const [asked, setAsked] = useState<number | null>(null)
  const depth = asked ?? thickness
  const rows = useMemo(
    () => whatFits(activeState(job), ledger, figures.assembly, built.id, depth),
    [job, ledger, figures.assembly, built.id, depth],
  )
  return (
    <div className="grid gap-2 pt-1">
      <div className="grid grid-cols-3 items-end gap-x-4">
        <QuantityField
          label="Depth there is for it"
          kind="length"
          value={depth}
          empty={null}
          onCommit={(value) => {
            if (value !== null && (value <= 0 || value > 1))
              return { code: "out-of-range", path: [], message: "A depth is more than nothing and no more than a metre." }
            setAsked(value)
            return null
          }}
        />
        <p className="col-span-2 text-dense text-graphite">
          {allowed === null
            ? "No height that the brief asks for limits it here."
            : `The height that the brief asks for leaves it ${length(allowed)}${allowed < depth ? ", less than this" : ""}.`}
        </p>
      </div>
      <ExchangeTable
        assembly={figures.assembly}
        layer={built.id}
        rows={rows}
        words={`As thick as one board or two together fit in ${length(depth)}, the least loss first. Changes are of the whole enclosure.`}
      />
    </div>
  )
}
