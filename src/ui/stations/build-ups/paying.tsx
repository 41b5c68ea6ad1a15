"use client"
import { useDeferredValue, useId, useMemo, useState } from "react"
import type { BuiltLayer } from "../../../core/assembly/build-up"
import type { SurfaceFigures } from "../../../core/enclosure/surface-figures"
import { activeState } from "../../../core/enclosure/job-state"
import { shownNumber } from "../../../core/quantity/measure"
import { paybackYears, type ThicknessCurve, thicknessCurve } from "../../../core/sizing/thickness-curve"
import { setThickness } from "../../../edit/assembly-edits"
import { useCalculations, useShown, useWorkedOut } from "../../calculations/calculations"
import { useJob, useJobStore } from "../../job/job-store"
import { Button } from "../../primitives/button"
import { Rough } from "../../primitives/figure"
import { later } from "../../primitives/later"
import { Unfolding } from "../../primitives/unfolding"
import { useWriting } from "../../writing/writing"
import { FigureTable } from "../../primitives/figure-table"

const Chart = later(() => import("../../charts/chart").then((module) => module.Chart))

interface Props {
  figures: SurfaceFigures
  built: BuiltLayer
}

/** Loss against the thickness of a layer, and where more of it stops paying. */
export function Paying(props: Props) {
  return <Unfolding words="Where more of it stops paying">{() => <Curve {...props} />}</Unfolding>
}

function Curve({ figures, built }: Props) {
  const { figure, unit, length, write } = useWriting()
  const job = useDeferredValue(useJob())
  const calculations = useCalculations()
  const shown = useDeferredValue(useShown())
  const store = useJobStore()
  const [asTable, setAsTable] = useState(false)
  const { units, brief } = job
  const { assembly } = figures
  const curve = useMemo(
    () => thicknessCurve(activeState(job), assembly, built.id, calculations.details(store.id, shown)),
    [job, assembly, built.id, calculations, store.id, shown],
  )
  const { best, awaited } = curve
  useWorkedOut(
    useId(),
    useMemo(() => [{ pending: [], awaited: [...awaited] }], [awaited]),
  )
  const now = built.layer.thickness
  const present = curve.points.find(({ thickness }) => Math.abs(thickness - now) < 5e-4)
  const payback = present && best.thickness > now ? paybackYears(present, best, brief.worth) : null
  const per = units === "metric" ? 0.001 : 0.0254
  const marks = useMemo(
    () => [
      { at: now / per, words: "now" },
      { at: best.thickness / per, words: "pays to here" },
    ],
    [now, best, per],
  )
  const along = useMemo(
    () => ({
      values: curve.points.map(({ thickness }, i) => (i === 0 ? 0 : thickness / per)),
      print: (value: number) => figure("length", value * per),
    }),
    [curve, per, figure],
  )
  const curves = useMemo(
    () => [
      { name: "loss, worst night", token: "ember" as const, values: curve.points.map(({ loss }) => shownNumber("power", loss, units)) },
    ],
    [curve, units],
  )
  return (
    <div className="grid gap-2 pt-1" data-testid="paying">
      <div className="flex items-start justify-between gap-4">
        <p>
          {best === curve.points[0] ? (
            <>It saves less than it costs: no thickness of it pays by the energy that it saves.</>
          ) : Math.abs(best.thickness - now) < 5e-4 ? (
            <>It pays just as it is: {length(now)}.</>
          ) : (
            <>
              More of it pays up to{" "}
              <span className="font-semibold">
                {awaited.length > 0 ? <Rough /> : null}
                {length(best.thickness)}
              </span>
              , and not further{payback === null ? "" : `; what that costs more is saved in ${yearsWords(payback)}`}.
            </>
          )}{" "}
          {best === curve.points[0] || Math.abs(best.thickness - now) < 5e-4 ? null : (
            <Button look="link" onClick={() => store.edit(setThickness(assembly, built.id, best.thickness))}>
              Take {length(best.thickness)}
            </Button>
          )}
        </p>
        <Button look="link" onClick={() => setAsTable(!asTable)}>
          {asTable ? "as a chart" : "as a table"}
        </Button>
      </div>
      {asTable ? (
        <CurveTable curve={curve} />
      ) : (
        <Chart
          label={`Loss in the worst night against the thickness, ${length(now)} now; the same as a table by the button above`}
          along={along}
          curves={curves}
          unit={unit("power")}
          marks={marks}
        />
      )}
      <p className="text-dense text-graphite">
        Build-ups, and the energy of {figure("ratio", brief.worth.years)} years at {write("energyPrice", brief.worth.energy)}
        {brief.worth.store > 0 ? ", battery and panel for the worst day" : ""}
        {brief.worth.room > 0 ? ", and the room that it takes" : ""}: what is least over all, in money of today. The brief says what saving
        is worth; each year is stepped through by hours, held day and night.
      </p>
    </div>
  )
}

/** Years as one says them. */
const yearsWords = (years: number): string => (years < 1 ? "less than a year" : years < 1.5 ? "a year" : `${Math.round(years)} years`)

function CurveTable({ curve: { points, best } }: { curve: ThicknessCurve }) {
  const { figure, unit } = useWriting()
  const [first] = points
  return (
    <FigureTable
      caption="Loss and cost against the thickness"
      heads={[
        unit("length"),
        `loss, ${unit("power")}`,
        `a year, ${unit("energy")}`,
        `costs, ${unit("money")}`,
        `in all, against none, ${unit("money")}`,
      ]}
      rows={points.map((point) => ({
        key: point.thickness,
        look: `border-b border-seam ${point === best ? "font-semibold text-spruce" : ""}`,
        cells: [
          point === first ? "none" : figure("length", point.thickness),
          figure("power", point.loss),
          figure("energy", point.year),
          figure("money", point.money - first!.money),
          figure("money", point.cost - first!.cost),
        ],
      }))}
    />
  )
}
