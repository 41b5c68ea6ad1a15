"use client"
import { useDeferredValue, useMemo } from "react"
import { type Exchange, sameResistance } from "../../../core/trials/same-resistance"
import { activeState } from "../../../core/enclosure/job-state"
import { type Kind } from "../../../core/quantity/measure"
import { replaceLayer } from "../../../edit/assembly-edits"
import { useJob, useJobStore } from "../../job/job-store"
import { useLedger } from "../../job/use-ledger"
import { vapourHead } from "../../materials/figures"
import { Button } from "../../primitives/button"
import { FigureTable } from "../../primitives/figure-table"
import { Unfolding } from "../../primitives/unfolding"
import { useWriting } from "../../writing/writing"

interface Props {
  assembly: string
  layer: string
  /** Of the layer's label, m²·K/W. */
  resistance: number
}

/** What else would give the layer's R, and what would change with it. */
export function SameResistance(props: Props) {
  const { figure } = useWriting()
  return <Unfolding words={`What else gives R ${figure("resistance", props.resistance)}`}>{() => <Exchanges {...props} />}</Unfolding>
}

function Exchanges({ assembly, layer }: Props) {
  // Some fifty ledgers: they follow an edit when the bench has taken it.
  const job = useDeferredValue(useJob())
  const ledger = useDeferredValue(useLedger())
  const rows = useMemo(
    () => (job.variants[job.active]!.assemblies[assembly]?.layers[layer] ? sameResistance(activeState(job), ledger, assembly, layer) : []),
    [job, ledger, assembly, layer],
  )
  return (
    <ExchangeTable
      assembly={assembly}
      layer={layer}
      rows={rows}
      words="At the least thickness sold that gives it. Changes are of the whole enclosure: room, loss in the worst night, weight, money."
    />
  )
}

/** Stuffs that a layer could be of, each with what would change, to be taken. */
export function ExchangeTable({
  assembly,
  layer,
  rows,
  words,
}: Pick<Props, "assembly" | "layer"> & { rows: readonly Exchange[]; words: string }) {
  const writing = useWriting()
  const { figure, length, printed, unit } = writing
  const store = useJobStore()
  const change = (kind: Kind, value: number) => {
    const { text } = printed(kind, value)
    return value > 0 && text !== "0" ? `+${text}` : text
  }
  return (
    <div className="mt-1 max-h-80 overflow-auto">
      <FigureTable
        caption={words}
        shows="words"
        words={[0, 7]}
        heads={["stuff", unit("length"), "deeper", unit("power"), unit("mass"), unit("money"), vapourHead(writing), "fire", ""]}
        rows={rows.map(({ id, material, thickness, depth, loss, weight, money, airLayer }) => ({
          key: id,
          look: "border-b border-seam align-baseline",
          cells: [
            material.name,
            figure("length", thickness),
            change("length", depth),
            change("power", loss),
            change("mass", weight),
            change("money", money),
            figure("vapourResistance", airLayer),
            material.fire.needsCover ? "cover it" : material.fire.reaction,
            <Button
              key="take"
              look="link"
              aria-label={`Take ${length(thickness)} of ${material.name}`}
              onClick={() => store.edit(replaceLayer(assembly, layer, id, thickness))}
            >
              take
            </Button>,
          ],
        }))}
      />
    </div>
  )
}
