"use client"
import { place } from "../../../core/enclosure/place"
import { useMemo, useState } from "react"
import type { HeatPart } from "../../../core/steady/heat-loss"
import { sum } from "../../../core/numeric/sum"
import { shownNumber } from "../../../core/quantity/measure"
import { useJob, useJobStore, useSelection } from "../../job/job-store"
import { useLedger, usePinnedLedger } from "../../job/use-ledger"
import { Button } from "../../primitives/button"
import { later } from "../../primitives/later"
import { FigureTable } from "../../primitives/figure-table"
import { Remark } from "../../primitives/remark"
import { useShowWorking } from "../../working/use-show-working"
import { SeasonTabs } from "../season-tabs"
import { BridgeRanking } from "./bridge-ranking"
import { useWriting } from "../../writing/writing"

/** The chart's library is heavy and comes only when it is looked at. */
const Chart = later(() => import("../../charts/chart").then((module) => module.Chart), <div className="h-52" />)

/** Where heat goes out on the worst night and comes in on the hottest day. */
export function HeatStation() {
  const season = useSelection((view) => view.season)
  return (
    <div className="station gap-4">
      <SeasonTabs summer="hottest day" />
      {season === "winter" ? <WorstNight /> : <HottestDay />}
      <BridgeRanking />
    </div>
  )
}

function WorstNight() {
  const show = useShowWorking()
  const { write } = useWriting()
  const job = useJob()
  const ledger = useLedger()
  const { winter, station } = ledger.conditions
  const typed = job.brief.outdoors.winter !== null
  return (
    <>
      <div>
        <h1 className="font-display text-[20px] leading-7 font-bold">{write("power", ledger.loss.total)} lost on the worst night</h1>
        <p className="text-graphite">
          {write("temperature", winter.inside.temperature)} inside, {write("temperature", winter.outside.temperature)} outdoors,{" "}
          {typed ? "as typed in the brief" : `${station.name}, colder only 0.4 % of the time`}
        </p>
      </div>
      <Bars parts={ledger.loss.parts} token="ember" />
      <Remark kind="remark" title={`Heat to be given: ${write("power", Math.max(0, ledger.loss.total))}, before any reserve.`}>
        Steady, nobody inside, no sun; edges are counted, by what the measures over all say too much or too little. A heater needs more than
        this to warm up a cold start.
      </Remark>
      <div>
        <Button onClick={() => show.headline("loss")}>Show the working</Button>
      </div>
    </>
  )
}

function HottestDay() {
  const show = useShowWorking()
  const writing = useWriting()
  const job = useJob()
  const ledger = useLedger()
  const pinned = usePinnedLedger()
  const [asTable, setAsTable] = useState(false)
  const { gain, conditions } = ledger
  const { units } = job
  const unit = writing.unit("power")
  const curves = useMemo(() => {
    const values = (hours: typeof gain.hours) => hours.map(({ total }) => shownNumber("power", total, units))
    return [
      { name: "heat in", token: "ember" as const, values: values(gain.hours) },
      ...(pinned ? [{ name: "pinned", token: "graphite" as const, dashed: true, values: values(pinned.gain.hours) }] : []),
    ]
  }, [gain, pinned, units])
  const hours = useMemo(
    () => ({ values: gain.hours.map(({ hour }) => hour), from: 0, step: 6, print: (hour: number) => `${hour}:00` }),
    [gain],
  )
  const marks = useMemo(() => [{ at: gain.hour, words: "" }], [gain])
  return (
    <>
      <div className="flex items-start justify-between gap-4">
        <div>
          <h1 className="font-display text-[20px] leading-7 font-bold">
            {gain.total > 0
              ? `${writing.write("power", gain.total)} gained at ${gain.hour}:00`
              : "No hour of the hottest day brings heat in"}
          </h1>
          <p className="text-graphite">
            {writing.write("temperature", conditions.summer.inside.temperature)} inside,{" "}
            {writing.write("temperature", conditions.summer.outside.temperature)} outdoors at the hottest hour
            {ledger.surfaces.some(({ adjacent }) => adjacent.kind === "outdoors" && adjacent.sun)
              ? ", clear sky"
              : ", no face sees the sun"}
          </p>
        </div>
        <Button look="link" onClick={() => setAsTable(!asTable)}>
          {asTable ? "as a chart" : "as a table"}
        </Button>
      </div>
      {asTable ? (
        <HourTable />
      ) : (
        <Chart
          label={`Heat coming in hour by hour, greatest ${writing.write("power", gain.total)} at ${gain.hour}:00; the same as a table by the button above`}
          along={hours}
          curves={curves}
          unit={unit}
          marks={marks}
        />
      )}
      <Bars parts={gain.parts} token="ochre" />
      <OwnWorst />
      <Remark kind="remark" title="A hot day is taken to follow many others like it.">
        Heavy layers pass the heat on later and less of it; a clear sky takes some back at night. People, lights, machines and shade are not
        counted; the water in leaking air is.
      </Remark>
      <div>
        <Button onClick={() => show.headline("gain")}>Show the working</Button>
      </div>
    </>
  )
}

/** Each face at the hour at which it takes in most by itself. */
function OwnWorst() {
  const { write } = useWriting()
  const { surfaces, gain } = useLedger()
  const rows = surfaces.map(({ id, name, ground }) => {
    const { hour, irradiance, skin, heat } = gain.worst[id]!
    const cells = [name, ground ? "–" : `${hour}:00`, write("heatFlux", irradiance), write("temperature", skin), write("power", heat)]
    return { key: id, cells }
  })
  return (
    <FigureTable
      caption="Each face at its own worst hour"
      shows="title"
      heads={["face", "hour", "sun on it", "skin", "heat in"]}
      rows={rows}
    />
  )
}

function HourTable() {
  const { write } = useWriting()
  const { gain } = useLedger()
  const rows = gain.hours.map(({ hour, outdoors, total }) => {
    return {
      key: hour,
      cells: [`${hour}:00`, write("temperature", outdoors), write("power", total)],
      look: hour === gain.hour ? "font-bold" : "",
    }
  })
  return <FigureTable caption="Heat coming in hour by hour" heads={["hour", "outdoors", "heat in"]} rows={rows} />
}

/** Edges, reveals and corners as one part: each by itself is in the table of bridges. */
function pathsTogether(parts: readonly HeatPart[]): HeatPart[] {
  const paths = parts.filter(({ kind }) => kind === "path")
  const rest = parts.filter(({ kind }) => kind !== "path")
  if (paths.length === 0) return rest
  return [...rest, { kind: "path", place: paths[0]!.place, name: "Corners and edges", heat: sum(paths.map(({ heat }) => heat)) }]
}

/** Parts of a flow, greatest first; what flows the other way is said so. */
function Bars({ parts, token }: { parts: readonly HeatPart[]; token: "ember" | "ochre" }) {
  const { write } = useWriting()
  const store = useJobStore()
  const sorted = pathsTogether(parts).sort((a, b) => b.heat - a.heat)
  const greatest = Math.max(...sorted.map(({ heat }) => Math.abs(heat)), 1e-9)
  const { surfaces } = useLedger()
  return (
    <ul className="grid gap-1">
      {sorted.map((part) => {
        const face = surfaces.find(
          ({ id, closures }) => place.surface(id) === part.place || closures.some((closure) => closure.place === part.place),
        )
        return (
          <li key={part.place} className="grid grid-cols-[minmax(0,15rem)_minmax(4rem,1fr)_5.5rem] items-center gap-3">
            {face ? (
              <button
                type="button"
                className="truncate text-left hover:underline"
                onClick={() => store.choose({ face: face.id, layer: null })}
              >
                {part.name}
              </button>
            ) : (
              <span>{part.name}</span>
            )}
            <span className="h-4">
              <span
                className={`block h-full ${part.heat < 0 ? "border border-frost" : token === "ember" ? "bg-ember/80" : "bg-ochre/90"}`}
                style={{ width: `${(Math.abs(part.heat) / greatest) * 100}%` }}
              />
            </span>
            <span className="text-right font-semibold whitespace-nowrap">{write("power", part.heat)}</span>
          </li>
        )
      })}
    </ul>
  )
}
