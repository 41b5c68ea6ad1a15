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
        <Bars months={months} />
      )}
      <Thicker supply={supply} year={year} />
      <p className="text-dense text-graphite">
        Hour by hour, with heater, cooler and fans as they run; nine tenths of the panel’s output reach the battery, a twentieth of that is
        lost in it. Snow, shade and cold take more: count on less.
      </p>
    </section>
  )
}

/** What the panel makes beside what is used, a pair of columns for each month. */
function Bars({ months }: { months: readonly MonthPower[] }) {
  const { write } = useWriting()
  const most = Math.max(...months.flatMap(({ made, used }) => [made, used]), 1e-9)
  const height = (energy: number) => ({ height: `${(energy / most) * 100}%` })
  return (
    <figure>
      <ul className="grid h-24 grid-cols-12 gap-x-1.5 border-b border-ink" aria-label="Power month by month">
        {months.map(({ made, used, missing }, i) => (
          <li key={MONTHS[i]} className="flex h-full items-end justify-center gap-px">
            <span className="sr-only">
              {MONTHS[i]}: the panel makes {write("energy", made)}, {write("energy", used)} are used, {write("energy", missing)} missing
            </span>
            <span aria-hidden className={`w-full bg-ochre ${made === 0 ? "invisible" : ""}`} style={height(made)} />
            <span
              aria-hidden
              className={`w-full border-x border-t border-ink bg-chosen ${used === 0 ? "invisible" : ""}`}
              style={height(used)}
            />
          </li>
        ))}
      </ul>
      <div aria-hidden className="grid grid-cols-12 gap-x-1.5 text-center text-dense text-graphite">
        {MONTHS.map((month) => (
          <span key={month}>{month.slice(0, 3)}</span>
        ))}
      </div>
      <figcaption className="flex flex-wrap gap-x-4 pt-1 text-dense text-graphite">
        <span>
          <span aria-hidden className="mr-1 inline-block size-2.5 bg-ochre" />
          panel makes
        </span>
        <span>
          <span aria-hidden className="mr-1 inline-block size-2.5 border border-ink bg-chosen" />
          used
        </span>
        <span>most in a month: {write("energy", most)}</span>
      </figcaption>
    </figure>
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
