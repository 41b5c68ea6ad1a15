"use client"
import { useMemo, useState } from "react"
import { coolDown } from "../../../core/hourly/cool-down"
import { shownNumber } from "../../../core/quantity/measure"
import { fieldsOf } from "../../fields/fields-of"
import { useJob } from "../../job/job-store"
import { useLedgerLater } from "../../job/use-ledger"
import { later } from "../../primitives/later"
import { Unfolding } from "../../primitives/unfolding"
import { useWriting } from "../../writing/writing"
import { coolDownSentences } from "./plant-sentence"

const Chart = later(() => import("../../charts/chart").then((module) => module.Chart), <div className="h-52" />)

/** A room that its cooler brings to its temperature, with drums of water as a test, and its door left open. */
export function CoolDown() {
  return useLedgerLater().year.model.cooler?.capacity ? (
    <div>
      <Unfolding words="How long it takes to cool down, and after its door stood open">{() => <Trial />}</Unfolding>
    </div>
  ) : null
}

/** More is shown than it takes, by so much; a day at least, h. */
const [BEYOND, LEAST] = [1.3, 24] as const

const NO_MARKS: [] = []

function Trial() {
  const { units } = useJob()
  const { write, unit } = useWriting()
  const { year, conditions } = useLedgerLater()
  const [asked, setAsked] = useState({ start: conditions.summer.outside.temperature, water: 400, minutes: 10 })
  const { model } = year
  const trial = useMemo(
    () => coolDown(model, conditions, { start: asked.start, water: asked.water, doorOpen: asked.minutes * 60 }),
    [model, conditions, asked],
  )
  const shown = useMemo(() => {
    const hours = Math.max(LEAST, (BEYOND * Math.max(trial.air ?? Infinity, trial.water ?? 0)) / 3600)
    return trial.curve.filter(({ time }, i) => time / 3600 <= hours && (i + 1) % 6 === 0)
  }, [trial])
  const along = useMemo(
    () => ({ values: shown.map(({ time }) => time / 3600), from: 0, step: 12, print: (hours: number) => `${hours} h` }),
    [shown],
  )
  const curves = useMemo(() => {
    const of = (value: (moment: (typeof shown)[number]) => number) =>
      shown.map((moment) => shownNumber("temperature", value(moment), units))
    return [
      { name: "air", token: "ember" as const, values: of(({ air }) => air) },
      ...(asked.water > 0 ? [{ name: "water in the drums", token: "frost" as const, values: of(({ water }) => water) }] : []),
    ]
  }, [shown, units, asked.water])
  const fields = fieldsOf(asked, (part) => {
    const next = { ...asked, ...part }
    if (next.start < -40 || next.start > 60) return refused(`It must be from ${write("temperature", -40)} to ${write("temperature", 60)}.`)
    if (next.water < 0 || next.water > 20_000) return refused(`It must be from none to ${write("mass", 20_000)}.`)
    if (!(next.minutes >= 0 && next.minutes <= 600)) return refused("It must be from 0 to 600 minutes.")
    setAsked(next)
    return null
  })
  return (
    <div className="grid gap-2 pt-2" data-testid="cool-down">
      <div className="grid grid-cols-3 gap-x-4 narrow:grid-cols-1">
        {fields.quantity("start", "temperature", "All begins at")}
        {fields.quantity("water", "mass", "Water in drums")}
        {fields.number("minutes", "Door open, minutes")}
      </div>
      <p>{coolDownSentences(trial, { held: model.cooler!.setpoint, water: asked.water, minutes: asked.minutes, write }).join(" ")}</p>
      <p className="text-dense text-graphite">
        <span aria-hidden className="mr-1 inline-block h-0.5 w-4 bg-ember align-middle" />
        air
        {asked.water > 0 ? (
          <>
            <span aria-hidden className="mr-1 ml-4 inline-block h-0.5 w-4 bg-frost align-middle" />
            water in the drums
          </>
        ) : null}
      </p>
      <Chart
        label={`Air and water while it cools down, from ${write("temperature", asked.start)}`}
        along={along}
        curves={curves}
        unit={unit("temperature")}
        marks={NO_MARKS}
      />
      <p className="text-dense text-graphite">
        On days like the hottest, with who and what is inside in its hours; walls, floor and water all begin as warm. What is cold within
        the first half hour is little but air: it says nothing of the room.
      </p>
    </div>
  )
}

const refused = (message: string) => ({ code: "out-of-range", path: [], message })
