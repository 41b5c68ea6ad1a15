"use client"
import { useDeferredValue, useMemo } from "react"
import { type Exchange, sameResistance } from "../../../core/trials/same-resistance"
import { activeState } from "../../../core/enclosure/job-state"
import { type Kind } from "../../../core/quantity/measure"
import { replaceLayer } from "../../../edit/assembly-edits"
import { useJob, useJobStore } from "../../job/job-store"
import { useLedger } from "../../job/use-ledger"
import { COLUMNS, printAirLayer } from "../../materials/figures"
import { Button } from "../../primitives/button"
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

const NUMBER = "py-0.5 pl-3 text-right whitespace-nowrap tabular-nums"

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
  useJob()
  const store = useJobStore()
  const unit = (kind: Kind) => writing.unit(kind)
  const change = (kind: Kind, value: number) => {
    const { text } = writing.printed(kind, value)
    return value > 0 && text !== "0" ? `+${text}` : text
  }
  return (
    <div className="max-h-80 overflow-auto">
      <table className="mt-1 w-full text-dense">
        <caption className="text-left text-graphite">{words}</caption>
        <thead className="text-graphite">
          <tr className="border-b border-seam">
            <th className="py-1 text-left font-normal">stuff</th>
            <th className={`${NUMBER} font-normal`}>{COLUMNS[0]!.name(writing)}</th>
            <th className={`${NUMBER} font-normal`}>deeper</th>
            <th className={`${NUMBER} font-normal`}>{unit("power")}</th>
            <th className={`${NUMBER} font-normal`}>{unit("mass")}</th>
            <th className={`${NUMBER} font-normal`}>€</th>
            <th className={`${NUMBER} font-normal`}>sd, m</th>
            <th className="pl-3 text-left font-normal">fire</th>
            <th />
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.id} className="border-b border-seam align-baseline" data-exchange={row.id}>
              <td className="py-0.5">{row.material.name}</td>
              <td className={NUMBER}>{writing.figure("length", row.thickness)}</td>
              <td className={NUMBER}>{change("length", row.depth)}</td>
              <td className={NUMBER}>{change("power", row.loss)}</td>
              <td className={NUMBER}>{change("mass", row.weight)}</td>
              <td className={NUMBER}>{change("money", row.money)}</td>
              <td className={NUMBER}>{printAirLayer(row.airLayer)}</td>
              <td className="pl-3">{row.material.fire.needsCover ? "cover it" : row.material.fire.reaction}</td>
              <td className="pl-2 text-right">
                <Button
                  look="link"
                  aria-label={`Take ${writing.write("length", row.thickness)} of ${row.material.name}`}
                  onClick={() => store.edit(replaceLayer(assembly, layer, row.id, row.thickness))}
                >
                  take
                </Button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}
