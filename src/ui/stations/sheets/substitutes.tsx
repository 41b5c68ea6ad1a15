"use client"
import { useMemo } from "react"
import { activeState } from "../../../core/enclosure/job-state"
import type { Kind } from "../../../core/quantity/measure"
import { type LayerStuff, type Substitute, substitutesFor } from "../../../core/trials/substitutes"
import { standIn } from "../../../edit/sheet-edits"
import { useJobStore } from "../../job/job-store"
import { useJobLater, useLedgerLater } from "../../job/use-ledger"
import { Button } from "../../primitives/button"
import { stepWords } from "../../../core/moisture/damp-verdict"
import { DampRing } from "../../primitives/damp-ring"
import { FigureTable } from "../../primitives/figure-table"
import { useWriting, type Writing } from "../../writing/writing"

/** What can stand in for a stuff that is not to be had, in all its layers, and what would change. */
export function Substitutes({ stuff }: { stuff: LayerStuff }) {
  const writing = useWriting()
  const { printed, length, unit } = writing
  // Some fifty ledgers: they follow an edit when the bench has taken it.
  const job = useJobLater()
  const ledger = useLedgerLater()
  const store = useJobStore()
  const rows = useMemo(() => substitutesFor(activeState(job), ledger, stuff), [job, ledger, stuff])
  const change = (kind: Kind, value: number) => {
    const { text } = printed(kind, value)
    return value > 0 && text !== "0" ? `+${text}` : text
  }
  if (rows.length === 0) return <p className="text-dense text-graphite">Nothing of its kind is known to stand in for it.</p>
  return (
    <div className="max-h-80 overflow-auto">
      <FigureTable
        caption="Insulation at the least thickness sold that gives the same R, boards as thick as are sold nearest; in all layers of it. Changes are of the whole enclosure. What bears, burns or lets vapour through otherwise: see its sheet."
        shows="words"
        words={[0, 1, 2, 7]}
        heads={["instead", "R", "damp", `room, ${unit("length")}`, unit("power"), unit("mass"), unit("money"), ""]}
        rows={rows.map((one) => ({
          key: one.id,
          look: "border-b border-seam align-baseline",
          cells: [
            `${one.material.name}, ${length(one.thickness)}${one.sameWay ? "" : `: ${one.material.application}`}`,
            resistanceWords(one, writing),
            <Damp key="damp" of={one} />,
            change("length", one.height),
            change("power", one.loss),
            change("mass", one.weight),
            change("money", one.money),
            <Button key="take" look="link" onClick={() => store.edit(standIn(stuff, one))}>
              Take it
            </Button>,
          ],
        }))}
      />
    </div>
  )
}

function resistanceWords({ keepsResistance, weakest }: Substitute, { figure }: Writing): string {
  if (keepsResistance || !weakest) return "stays"
  return `${weakest.name} ${figure("resistance", weakest.after)}, was ${figure("resistance", weakest.before)}`
}

/** Which faces are otherwise damp. */
function Damp({ of: { damp } }: { of: Substitute }) {
  if (damp.length === 0) return <>stays</>
  return (
    <ul>
      {damp.map(({ name, after }) => (
        <li key={name} className="flex items-center gap-1">
          <DampRing verdict={after} size={13} />
          {name}: {stepWords(after)}
        </li>
      ))}
    </ul>
  )
}
