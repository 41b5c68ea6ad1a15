"use client"
import { useMemo, useState } from "react"
import { inSentence } from "../../../core/in-sentence"
import { daySwing } from "../../../core/enclosure/surface-day"
import type { Ledger } from "../../../core/ledger/ledger"
import { memoised } from "../../../core/memoised"
import { shownNumber } from "../../../core/quantity/measure"
import { type FreeDay, freeDay } from "../../../core/steady/free-day"
import { massEffect } from "../../../core/steady/mass-effect"
import { useJob, useJobStore, useSelection } from "../../job/job-store"
import { useLedger, useLedgerLater, usePinnedLedger } from "../../job/use-ledger"
import { Button } from "../../primitives/button"
import { FigureTable } from "../../primitives/figure-table"
import { later } from "../../primitives/later"
import { Remark } from "../../primitives/remark"
import { useShowWorking } from "../../working/use-show-working"
import { useWriting } from "../../writing/writing"
import { CoolDown } from "./cool-down"
import { HeatBars } from "./heat-bars"
import { OneChange } from "./one-change"
import { coolerSentence } from "./plant-sentence"
import { WhichWay } from "./which-way"
import { PlantVerdict } from "./plant-verdict"

/** The chart's library is heavy and comes only when it is looked at. */
const Chart = later(() => import("../../charts/chart").then((module) => module.Chart), <div className="h-52" />)

/** The day that nothing cools, once for each state of the figures. */
const freeOf = memoised((ledger: Ledger): FreeDay => freeDay(ledger, ledger.gain, ledger.clearVolume))

/** What comes in on the hottest day, hour by hour, and how warm it gets where nothing cools. */
export function HottestDay() {
  const show = useShowWorking()
  const { write } = useWriting()
  const { cooler: machine } = useJob().brief.plant
  const ledger = useLedger()
  const [asTable, setAsTable] = useState(false)
  const { gain, conditions } = ledger
  const free = freeOf(ledger)
  const { inside, outside } = conditions.summer
  const hour = useSelection((view) => view.hour) ?? gain.hour
  const hottest = free.hours.reduce((best, one) => (one.inside > best.inside ? one : best))
  const parts = gain.parts.map((part) => ({ ...part, heat: part.hours[hour - 1]! }))
  const total = gain.hours[hour - 1]!.total
  const cooler = { asked: gain.asked, capacity: ledger.output.gain, held: inside.temperature, write }
  return (
    <>
      <PlantVerdict
        sentence={coolerSentence(cooler, gain.total)}
        under={`Without cooler and heater it comes to ${write("temperature", hottest.inside)} at ${hottest.hour}:00, with ${write("temperature", outside.temperature)} outdoors at the hottest hour${
          ledger.surfaces.some(({ adjacent }) => adjacent.kind === "outdoors" && adjacent.sun) ? ", clear sky" : ", no face sees the sun"
        }${machine && ledger.output.gain !== null ? `; ${inSentence(machine.name)} takes out ${write("power", ledger.output.gain)} then` : ""}.`}
      >
        <Button look="link" onClick={() => setAsTable(!asTable)}>
          {asTable ? "as a chart" : "as a table"}
        </Button>
      </PlantVerdict>
      {asTable ? <HourTable /> : <DayCharts />}
      <Mass />
      <WhichWay />
      <CoolDown />
      <HourSlider hour={hour} />
      <h2 className="font-display text-[15px] font-semibold">
        {write("power", Math.abs(total))} {total < 0 ? "leave" : "come in"} at {hour}:00
      </h2>
      <HeatBars parts={parts} token="ochre" />
      <OneChange season="summer" />
      <OwnWorst />
      <Remark kind="remark" title="A hot day is taken to follow many others like it.">
        Heavy layers pass the heat on later and less of it; a clear sky takes some back at night. Walls and windows are shaded by the roof’s
        overhang, by boards of their own and by what is said to stand around; the water in the air that comes in is. What nothing cools
        counts no goods and no doors in use.
      </Remark>
      <div>
        <Button onClick={() => show.headline("gain")}>Show the working</Button>
      </div>
    </>
  )
}

/** Less than so much is not felt, K, and less than such a share of a cooler is no other cooler. */
const [FELT, SHARE] = [0.2, 0.02] as const

/** What the weight of the layers is good for. */
function Mass() {
  const { write } = useWriting()
  const ledger = useLedgerLater()
  const { highest, gain } = useMemo(() => massEffect(ledger, ledger.gain, ledger.clearVolume), [ledger])
  const warmer = write("temperatureDifference", Math.abs(highest))
  const cooler =
    Math.abs(gain) < SHARE * Math.abs(ledger.gain.total)
      ? "ask a cooler for about as much"
      : `ask a cooler for ${write("power", Math.abs(gain))} ${gain > 0 ? "more" : "less"}`
  return (
    <p data-testid="mass">
      {highest < FELT
        ? "The layers weigh too little to hold heat back over a day."
        : `The layers’ weight holds heat back: without it, as well insulated, it would come to ${warmer} more where nothing cools, and ${cooler}.`}
    </p>
  )
}

/** Which hour of the hottest day pelt and list show. */
function HourSlider({ hour }: { hour: number }) {
  const store = useJobStore()
  const { gain } = useLedger()
  const chosen = useSelection((view) => view.hour)
  return (
    <div className="flex items-center gap-3">
      <label className="flex grow items-center gap-3">
        <span className="text-dense whitespace-nowrap text-graphite">Hour of the day</span>
        <input
          type="range"
          min={1}
          max={24}
          step={1}
          value={hour}
          aria-valuetext={`${hour}:00`}
          className="w-full accent-spruce"
          onChange={({ target }) => store.choose({ hour: Number(target.value) })}
        />
        <span className="w-12 text-right font-semibold">{hour}:00</span>
      </label>
      <span className={chosen === null || chosen === gain.hour ? "invisible" : ""}>
        <Button look="link" onClick={() => store.choose({ hour: null })}>
          hottest hour
        </Button>
      </span>
    </div>
  )
}

/** Temperatures with nothing that heats or cools, and the heat that comes in while the inside is held. */
function DayCharts() {
  const writing = useWriting()
  const { units } = useJob()
  const ledger = useLedger()
  const pinned = usePinnedLedger()
  const free = freeOf(ledger)
  const { gain } = ledger
  const hour = useSelection((view) => view.hour) ?? gain.hour
  const along = useMemo(
    () => ({ values: gain.hours.map(({ hour }) => hour), from: 0, step: 6, print: (hour: number) => `${hour}:00` }),
    [gain],
  )
  const marks = useMemo(() => [{ at: hour, words: "" }], [hour])
  const temperatures = useMemo(() => {
    const shown = (values: readonly number[]) => values.map((value) => shownNumber("temperature", value, units))
    return [
      { name: "inside, nothing cools", token: "ember" as const, values: shown(free.hours.map(({ inside }) => inside)) },
      { name: "outdoors", token: "frost" as const, values: shown(free.hours.map(({ outdoors }) => outdoors)) },
      ...(pinned
        ? [
            {
              name: "pinned, inside",
              token: "graphite" as const,
              dashed: true,
              values: shown(freeOf(pinned).hours.map(({ inside }) => inside)),
            },
          ]
        : []),
    ]
  }, [free, pinned, units])
  const heat = useMemo(() => {
    const values = (hours: typeof gain.hours) => hours.map(({ total }) => shownNumber("power", total, units))
    return [
      { name: "heat in", token: "ember" as const, values: values(gain.hours) },
      ...(pinned ? [{ name: "pinned", token: "graphite" as const, dashed: true, values: values(pinned.gain.hours) }] : []),
    ]
  }, [gain, pinned, units])
  return (
    <>
      <figure>
        <figcaption className="flex flex-wrap gap-x-4 text-dense text-graphite">
          {temperatures.map(({ name, token }) => (
            <span key={name}>
              <span aria-hidden className={`mr-1 inline-block h-0.5 w-4 align-middle ${LINE[token]}`} />
              {name}
            </span>
          ))}
        </figcaption>
        <Chart
          label={`Temperature inside with nothing that heats or cools, from ${writing.write("temperature", free.lowest)} to ${writing.write("temperature", free.highest)}, and outdoors; the same as a table by the button above`}
          along={along}
          curves={temperatures}
          unit={writing.unit("temperature")}
          marks={marks}
        />
      </figure>
      <figure>
        <figcaption className="text-dense text-graphite">
          heat that comes in while the inside is held at {writing.write("temperature", ledger.conditions.summer.inside.temperature)}
        </figcaption>
        <Chart
          label={`Heat coming in hour by hour, greatest ${writing.write("power", gain.total)} at ${gain.hour}:00; the same as a table by the button above`}
          along={along}
          curves={heat}
          unit={writing.unit("power")}
          marks={marks}
        />
      </figure>
    </>
  )
}

const LINE = { ember: "bg-ember", frost: "bg-frost", graphite: "bg-graphite" } as const

/** Each face at the hour at which it takes in most by itself. */
function OwnWorst() {
  const { write } = useWriting()
  const { surfaces, gain } = useLedger()
  const rows = surfaces.map((figures) => {
    const { id, name, ground } = figures
    const { hour, irradiance, skin, heat } = gain.worst[id]!
    const swing = daySwing(figures)
    const cells = [
      name,
      ground ? "–" : `${hour}:00`,
      write("heatFlux", irradiance),
      write("temperature", skin),
      write("power", heat),
      swing ? `${(swing.timeShift / 3600).toFixed(1)} h` : "–",
      swing ? write("percent", swing.decrement) : "–",
    ]
    return { key: id, cells }
  })
  return (
    <FigureTable
      caption="Each face at its own worst hour"
      shows="title"
      heads={["face", "hour", "sun on it", "skin", "heat in", "comes later by", "of its swing"]}
      rows={rows}
    />
  )
}

function HourTable() {
  const { write } = useWriting()
  const ledger = useLedger()
  const free = freeOf(ledger)
  const { gain } = ledger
  const rows = gain.hours.map(({ hour, outdoors, total }, i) => {
    return {
      key: hour,
      cells: [`${hour}:00`, write("temperature", outdoors), write("temperature", free.hours[i]!.inside), write("power", total)],
      look: hour === gain.hour ? "font-bold" : "",
    }
  })
  return (
    <FigureTable
      caption="Heat coming in hour by hour"
      heads={["hour", "outdoors", "inside, nothing cools", "heat in while held"]}
      rows={rows}
    />
  )
}
