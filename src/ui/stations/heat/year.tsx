"use client"
import { useState } from "react"
import { MONTHS } from "../../../core/climate/design-day"
import { sum } from "../../../core/numeric/sum"
import type { YearModel } from "../../../core/hourly/year-model"
import { YEAR } from "../../../core/results/year-result"
import { useProgress } from "../../calculations/calculations"
import { useLedger, usePinnedLedger } from "../../job/use-ledger"
import { Button } from "../../primitives/button"
import { Rough } from "../../primitives/figure"
import { FigureTable } from "../../primitives/figure-table"
import { useShowWorking } from "../../working/use-show-working"
import { useWriting } from "../../writing/writing"
import { MonthColumns } from "../../charts/month-columns"
import { takenSentences, yearSentences } from "./plant-sentence"

/** What the year takes, month by month, and whether the plant is enough in all its hours. */
export function Year() {
  const { write } = useWriting()
  const show = useShowWorking()
  const { year, solved, conditions } = useLedger()
  const pinned = usePinnedLedger()
  const [asTable, setAsTable] = useState(false)
  const { model, months } = year
  // While the year is stepped through anew its last one is shown, as about.
  const figures = year.figures ?? solved.yearBefore?.()?.figures ?? null
  const heating = sum(months.map((month) => month.heating))
  const cooling = sum(months.map((month) => month.cooling))
  const ways = [
    ...(model.heater ? [`${write("energy", heating)} of heat`] : []),
    ...(model.cooler ? [`${write("energy", cooling)} taken out`] : []),
  ]
  return (
    <section aria-label="The year" className="relative grid gap-2" data-testid="year">
      <div className="flex items-start justify-between gap-4">
        <h2 className="font-display text-[15px] font-semibold">
          {year.figures ? null : <Rough />}A year: {ways.length > 0 ? ways.join(", ") : "nothing heats or cools"}
        </h2>
        <Button look="link" onClick={() => setAsTable(!asTable)}>
          {asTable ? "as bars" : "as a table"}
        </Button>
      </div>
      {year.figures ? null : <Stepping model={model} />}
      {figures ? (
        <p>
          {[...yearSentences(model, figures, write), ...takenSentences(model, figures, write)].join(" ")}
          {pinned ? ` Pinned: ${write("energy", pinned.year.total)}.` : ""}
        </p>
      ) : null}
      {asTable ? (
        <FigureTable
          caption="The year month by month"
          heads={["month", "heat", "taken out", "sun through glass"]}
          rows={months.map((month, i) => ({
            key: i,
            cells: [
              MONTHS[i],
              write("energy", month.heating),
              write("energy", month.cooling),
              figures ? write("energy", figures.sun[i]!) : "≈",
            ],
          }))}
        />
      ) : (
        <MonthColumns
          kind="energy"
          label="The year month by month"
          pair={[
            { name: "heat brought in", look: "bg-ember/80", values: months.map((month) => month.heating) },
            { name: "heat taken out", look: "border-x border-t border-frost bg-frost/30", values: months.map((month) => month.cooling) },
          ]}
          words={(i) => `${write("energy", months[i]!.heating)} of heat, ${write("energy", months[i]!.cooling)} taken out`}
        />
      )}
      <p className="text-dense text-graphite">
        {typeof model.weather === "string" ? "An invented year" : "A year"} of {conditions.station.name} hour by hour, with its sun, sky and
        wind, and with who and what is inside{model.away ? " on its days, the first of January a Monday" : "; held day and night"}.
      </p>
      <div>
        <Button onClick={() => show.headline("year")}>Show the working</Button>
      </div>
    </section>
  )
}

/** How far the year is; where it takes no time to speak of nothing is seen of it. */
function Stepping({ model }: { model: YearModel }) {
  const done = useProgress(YEAR, model)
  return (
    <label className="late absolute top-6 right-0 flex items-center gap-2 bg-felt text-dense text-graphite">
      Stepped through
      <progress value={done} max={1} className="h-1.5 w-24 accent-spruce" />
    </label>
  )
}
