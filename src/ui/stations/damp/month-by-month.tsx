"use client"
import { useState } from "react"
import { MONTHS } from "../../../core/climate/design-day"
import { placeWords, worstPlane } from "../../../core/moisture/damp-verdict"
import { MonthColumns } from "../../charts/month-columns"
import { useLedger } from "../../job/use-ledger"
import { Button } from "../../primitives/button"
import { FigureTable } from "../../primitives/figure-table"
import { Remark } from "../../primitives/remark"
import { useChosenFace } from "../use-figures"
import { useWriting } from "../../writing/writing"

/** Water in the chosen face through the year: where most of it lies, how much in which month, and what of it came with leaking air. */
export function MonthByMonth() {
  const { write, length } = useWriting()
  const figures = useChosenFace()
  const ledger = useLedger()
  const [asTable, setAsTable] = useState(false)
  const { water, said } = ledger.moisture[figures.id]!
  const worst = worstPlane(water)
  const full = ledger.months.flatMap((month, i) => (month.full ? [MONTHS[i]!] : []))
  const plane = worst && water.planes[worst.plane]!
  const lying = worst?.lying ?? MONTHS.map(() => 0)
  return (
    <section aria-label="Month by month" className="grid gap-2 border-t border-seam pt-3" data-testid="month-by-month">
      <div className="flex items-start justify-between gap-4">
        <h2 className="font-display text-[15px] font-semibold">Month by month</h2>
        <Button look="link" onClick={() => setAsTable(!asTable)}>
          {asTable ? "as bars" : "as a table"}
        </Button>
      </div>
      <p>{said.months.sentence}</p>
      {worst && plane ? (
        <>
          <p>
            Most lies {placeWords(plane, figures.layers)}, {length(plane.depth)} from the outdoor face:{" "}
            {write("arealWater", Math.max(...lying))} at the end of {MONTHS[lying.indexOf(Math.max(...lying))]};{" "}
            {write("arealWater", plane.bearable)} would do no harm there. The count begins with a dry face in {MONTHS[water.leaking.first!]}
            .
          </p>
          {asTable ? null : (
            <MonthColumns
              label="Water that lies there at the end of each month"
              kind="arealWater"
              pair={[
                { name: "water there at the month’s end", look: "bg-fen", values: lying },
                { name: "of vapour alone, with no air leaking", look: "border-x border-t border-fen bg-fen/20", values: worst.byDiffusion },
              ]}
              words={(i) => `${write("arealWater", lying[i]!)}, of vapour alone ${write("arealWater", worst.byDiffusion[i]!)}`}
            />
          )}
        </>
      ) : null}
      {asTable ? (
        <FigureTable
          caption="Means of the months, and water at their ends"
          heads={["month", "beyond", "inside", "water there", "of vapour alone"]}
          rows={water.months.map(({ inside, beyond }, i) => {
            const air = ({ temperature, relativeHumidity }: typeof inside) =>
              `${write("temperature", temperature)}, ${write("percent", relativeHumidity)}`
            return {
              key: i,
              cells: [MONTHS[i], air(beyond), air(inside), write("arealWater", lying[i]!), write("arealWater", worst?.byDiffusion[i] ?? 0)],
              look: lying[i]! > 0 ? "text-fen" : "",
            }
          })}
        />
      ) : null}
      {full.length > 0 ? (
        <Remark kind="damp">
          More water is given off than the air that comes in takes away in {full.length === 12 ? "all months" : full.join(", ")}: the air
          inside is taken as full. Let in more outdoor air.
        </Remark>
      ) : null}
    </section>
  )
}
