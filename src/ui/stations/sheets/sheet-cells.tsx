"use client"
import type { ReactNode } from "react"
import { useWriting } from "../../writing/writing"
import { Rough } from "../../primitives/figure"
import { cuttingTime, planTotals } from "./plan-words"
import { usePinnedSheets, useSheets } from "./use-sheets"

/** What all boards come to, in the ledger: how many, what is left of them, cuts and narrow strips, each against what is pinned. */
export function SheetCells() {
  const { write } = useWriting()
  const { plan, fresh } = useSheets()
  const pinned = usePinnedSheets()
  const now = plan && planTotals(plan)
  const then = now && pinned && planTotals(pinned)
  const whole = (value: number) => String(Math.round(value))
  return (
    <>
      <Cell name="sheets and batts" value={now && whole(now.bought)} by={then && now.bought - then.bought} print={whole} rough={!fresh} />
      <Cell
        name="left over or sawdust"
        value={now && write("percent", now.waste)}
        by={then && now.waste - then.waste}
        print={(share) => (share * 100).toFixed(1)}
        rough={!fresh}
      />
      <Cell
        name={now ? `cuts, about ${cuttingTime(now.cuts)}` : "cuts"}
        value={now && whole(now.cuts)}
        by={then && now.cuts - then.cuts}
        print={whole}
        rough={!fresh}
      />
      <Cell name="narrow strips" value={now && whole(now.slivers)} by={then && now.slivers - then.slivers} print={whole} rough={false} />
    </>
  )
}

interface CellProps {
  name: string
  value: ReactNode
  /** Against what is pinned; null where nothing is. */
  by: number | null
  print: (by: number) => string
  rough: boolean
}

/** A figure of which less is better. */
function Cell({ name, value, by, print, rough }: CellProps) {
  const text = by === null ? null : print(Math.abs(by))
  const none = text !== null && Number(text) === 0
  return (
    <div className="flex min-w-36 grow basis-0 flex-col justify-center border-r border-seam px-3.5 pt-1" data-sheets={name.split(",")[0]}>
      <span className="flex justify-between gap-2 text-dense leading-4 text-graphite">
        <span className="truncate" title={name}>
          {name}
        </span>
        {by === null ? null : (
          <span className={`font-semibold ${none ? "text-graphite" : by < 0 ? "text-spruce" : "text-ember-text"}`}>
            {none ? "±0" : `${by > 0 ? "+" : "−"}${text}`}
            <span className="sr-only"> against the state that it is compared with</span>
          </span>
        )}
      </span>
      {value === null ? (
        <span className="text-graphite">…</span>
      ) : (
        <span>
          {rough ? <Rough /> : null}
          <span className="big text-[22px] leading-[26px]">{value}</span>
        </span>
      )}
    </div>
  )
}
