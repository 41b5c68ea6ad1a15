"use client"
import { useMemo, useState } from "react"
import { MONTHS } from "../../../core/climate/design-day"
import { activeState } from "../../../core/enclosure/job-state"
import { sum } from "../../../core/numeric/sum"
import { type MonthPower, offGridYear, type OffGridYear, sparedBy } from "../../../core/plant/off-grid-year"
import { powerSavings } from "../../../core/trials/what-if"
import type { OffGrid as Supply } from "../../../schema/job/plant"
import { useJob } from "../../job/job-store"
import { useLedger, useLedgerLater, usePinnedLedger } from "../../job/use-ledger"
import { Button } from "../../primitives/button"
import { Rough } from "../../primitives/figure"
import { FigureTable } from "../../primitives/figure-table"
import { useWriting } from "../../writing/writing"
import { MonthColumns } from "../../charts/month-columns"
import { offGridSentences } from "./off-grid-sentence"

/** Whether battery and panel hold through the year, month by month, and what a thicker layer spares of them. */
export function OffGrid() {
  const { offGrid } = useJob().brief.plant
  const { year, solved } = useLedger()
  const months = (year.figures ?? solved.yearBefore?.()?.figures)?.offGrid
  return offGrid && months ? <Months supply={offGrid} months={months} about={year.figures === null} /> : null
}

/** @param about of the year that was stepped through last */
function Months({ supply, months, about }: { supply: Supply; months: readonly MonthPower[]; about: boolean }) {
  const { write } = useWriting()
  const [asTable, setAsTable] = useState(false)
  const year = offGridYear(months, supply)
  const pinned = usePinnedLedger()?.year.figures?.offGrid
  const [first, ...rest] = offGridSentences(year, supply.generator > 0, write)
  return (
    <section aria-label="Battery and panel" className="grid gap-2" data-testid="off-grid">
      <div className="flex items-start justify-between gap-4">
        <h2 className="font-display text-[15px] font-semibold">
          {about ? <Rough /> : null}Battery and panel: {first}
        </h2>
        <Button look="link" onClick={() => setAsTable(!asTable)}>
          {asTable ? "as bars" : "as a table"}
        </Button>
      </div>
      <p>
        {rest.join(" ")}
        {pinned ? ` Pinned: power is missing in ${sum(pinned.map(({ dark }) => dark))} hours.` : ""}
      </p>
      {asTable ? (
        <FigureTable
          caption="Power month by month"
          heads={["month", "panel makes", "used", "generator", "missing"]}
          rows={months.map(({ made, used, generated, missing }, i) => ({
            key: i,
            cells: [MONTHS[i], ...[made, used, generated, missing].map((energy) => write("energy", energy))],
          }))}
        />
      ) : (
        <MonthColumns
          kind="energy"
          label="Power month by month"
          pair={[
            { name: "panel makes", look: "bg-ochre", values: months.map(({ made }) => made) },
            { name: "used", look: "border-x border-t border-ink bg-chosen", values: months.map(({ used }) => used) },
          ]}
          words={(i) => {
            const { made, used, missing } = months[i]!
            return `the panel makes ${write("energy", made)}, ${write("energy", used)} are used, ${write("energy", missing)} missing`
          }}
        />
      )}
      <Thicker supply={supply} year={year} />
      <p className="text-dense text-graphite">
        Hour by hour, with heater, cooler and fans as they run; nine tenths of the panel’s output reach the battery, a twentieth of that is
        lost in it. Snow, shade and cold take more: count on less.
      </p>
    </section>
  )
}

/** More rows are no help in choosing. */
const MOST = 4

/** What a thicker layer spares of battery and panel, where heat or cold is made of electricity. */
function Thicker({ supply, year }: { supply: Supply; year: OffGridYear }) {
  const { write, length } = useWriting()
  const job = useJob()
  const ledger = useLedgerLater()
  const state = activeState(job)
  const found = useMemo(() => powerSavings(state, ledger, year.worst).slice(0, MOST), [state, ledger, year.worst])
  if (found.length === 0) return null
  return (
    <FigureTable
      caption={`What a thicker layer spares, by a day in ${MONTHS[year.worst]!}`}
      shows="title"
      heads={["change", "costs", "spares a day", "battery", "panel", "worth"]}
      rows={found.map(({ name, step, saves, money }) => {
        const spared = sparedBy(saves, year, supply)
        return {
          key: name,
          look: "border-b border-seam align-top",
          cells: [
            step.kind === "thickness" ? `${name}, ${length(step.thickness)}` : name,
            write("money", money),
            write("charge", saves),
            `${write("charge", spared.battery)}, ${write("mass", spared.mass)}`,
            write("area", spared.area),
            write("money", spared.money),
          ],
        }
      })}
    />
  )
}
