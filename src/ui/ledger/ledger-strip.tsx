"use client"
import { whatIf } from "../../core/ledger/what-if"
import { activeState } from "../../core/ledger/state"
import { dampMargin, dampWorking } from "../../core/ledger/sums.working"
import { printQuantity } from "../../core/quantity/measure"
import { useJob, useJobStore, useLedger, usePinnedLedger } from "../job/job-store"
import { DampRing } from "../primitives/damp-ring"
import { Figure } from "../primitives/figure"
import { useWorking } from "../working/working"
import { type Cell, CELLS } from "./cells"

/** The headline figures under everything: each with its limit, its change against what is pinned, and its working. */
export function LedgerStrip() {
  const job = useJob()
  const ledger = useLedger()
  const store = useJobStore()
  const { open } = useWorking()
  const { verdict } = ledger.wettest.damp
  return (
    <section
      aria-label="Ledger"
      className="flex h-16 shrink-0 overflow-x-auto border-t border-ink bg-sheet max-[900px]:h-17 print:hidden"
      data-testid="ledger"
    >
      {CELLS.map((cell) => (
        <LedgerCell key={cell.name} cell={cell} />
      ))}
      <button
        type="button"
        data-figure="damp"
        className="min-w-44 grow basis-0 px-3.5 pt-1 text-left hover:bg-chosen"
        onClick={() => {
          store.choose({ face: ledger.wettest.id })
          open(dampWorking(ledger), whatIf(activeState(job), ledger, dampMargin))
        }}
      >
        <span className="block truncate text-dense text-graphite">damp: {ledger.wettest.name.toLowerCase()}</span>
        <span className="flex items-center gap-1.5 pt-1">
          <DampRing verdict={verdict} />
          <span className="font-display text-[14px] leading-4 font-semibold">{verdict.words}</span>
        </span>
      </button>
    </section>
  )
}

function LedgerCell({ cell }: { cell: Cell }) {
  const job = useJob()
  const ledger = useLedger()
  const pinned = usePinnedLedger()
  const { open } = useWorking()
  const value = cell.figure(ledger)
  const before = pinned ? cell.figure(pinned) : null
  const limit = cell.limit ? job.brief.limits[cell.limit] : null
  const over = limit !== null && (cell.moreIsBetter ? value < limit : value > limit)
  return (
    <button
      type="button"
      data-figure={cell.name}
      data-value={value}
      className="relative min-w-40 grow basis-0 border-r border-seam px-3.5 pt-1 text-left hover:bg-chosen"
      onClick={() => open(cell.working(ledger, job), whatIf(activeState(job), ledger, cell.figure))}
    >
      <span className="flex justify-between gap-2 text-dense leading-4 text-graphite">
        <span className="truncate">{cell.words}</span>
        {before === null ? null : <Change cell={cell} by={value - before} />}
      </span>
      <span className={over ? "text-clay" : ""}>
        <Figure kind={cell.kind} value={value} system={job.units} rough={cell.thermal && ledger.pending.length > 0} />
        {over ? <span className="sr-only">, over its limit</span> : null}
      </span>
      <Bar value={value} limit={limit} pinned={before} over={over} />
    </button>
  )
}

function Change({ cell, by }: { cell: Cell; by: number }) {
  const { units } = useJob()
  const text = cell.kind === "length" ? printQuantity("length", by, units).text : printQuantity(cell.kind, by, units).text
  const none = /^[−+]?0?(\.0+)?"?$/.test(text)
  const better = by === 0 || by > 0 === cell.moreIsBetter
  return (
    <span data-change className={`font-semibold ${none ? "text-graphite" : better ? "text-spruce" : "text-ember-text"}`}>
      {none ? "±0" : by > 0 ? `+${text}` : text}
      <span className="sr-only"> against what is pinned</span>
    </span>
  )
}

/** Where a figure stands against its limit (long mark) and what is pinned (small wedge). */
function Bar({ value, limit, pinned, over }: { value: number; limit: number | null; pinned: number | null; over: boolean }) {
  const span = Math.max(value, limit ?? 0, pinned ?? 0, 1e-9) * 1.12
  const share = (figure: number) => `${Math.max(0, Math.min(100, (figure / span) * 100))}%`
  if (limit === null && pinned === null) return null
  return (
    <span aria-hidden className="absolute inset-x-3.5 bottom-1 h-[3px] bg-seam">
      <span className={`absolute inset-y-0 left-0 ${over ? "bg-clay" : "bg-ink"}`} style={{ width: share(value) }} />
      {limit === null ? null : <span className="absolute -top-1 h-[11px] w-[2px] bg-ink" style={{ left: share(limit) }} />}
      {pinned === null ? null : (
        <span
          className="absolute -top-[5px] -ml-1 size-0 border-x-4 border-t-4 border-x-transparent border-t-graphite"
          style={{ left: share(pinned) }}
        />
      )}
    </span>
  )
}
