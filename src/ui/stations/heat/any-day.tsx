"use client"
import { useEffect, useMemo, useState } from "react"
import { dayWords } from "../../../core/climate/design-day"
import type { DayOfYear } from "../../../core/hourly/day-of-year"
import type { Ledger } from "../../../core/ledger/ledger"
import { shownNumber } from "../../../core/quantity/measure"
import { task } from "../../../core/results/calculation"
import { DAY } from "../../../core/results/day-result"
import { useShown, useWorkedOut } from "../../calculations/calculations"
import { useJob, useJobStore } from "../../job/job-store"
import { useLedgerLater, usePinnedLedger } from "../../job/use-ledger"
import { FigureTable } from "../../primitives/figure-table"
import { later } from "../../primitives/later"
import { Slide } from "../../primitives/slide"
import { Unfolding } from "../../primitives/unfolding"
import { useWriting } from "../../writing/writing"

/** The chart's library is heavy and comes only when it is looked at. */
const Chart = later(() => import("../../charts/chart").then((module) => module.Chart), <div className="h-52" />)

/** Any hour of the year: skin and inside face of each face, the air inside, heater and cooler; the drawings are inked by it. */
export function AnyDay() {
  return (
    <div>
      <Unfolding words="Any day of the year, hour by hour">{() => <Chosen />}</Unfolding>
    </div>
  )
}

/** The twenty-first of July, in the afternoon. */
const [FIRST_DAY, FIRST_HOUR]: readonly [day: number, hour: number] = [201, 14]

function Chosen() {
  const store = useJobStore()
  const ledger = useLedgerLater()
  const pinned = usePinnedLedger()
  const [day, setDay] = useState(FIRST_DAY)
  const [hour, setHour] = useState(FIRST_HOUR)
  const shown = useShown()
  const asked = useMemo(() => ({ model: ledger.year.model, day }), [ledger.year.model, day])
  const before = useMemo(() => pinned && { model: pinned.year.model, day }, [pinned, day])
  useWorkedOut(
    "day",
    useMemo(() => [{ pending: [], awaited: [task(DAY, asked), ...(before ? [task(DAY, before)] : [])] }], [asked, before]),
  )
  const now = shown.of(DAY, asked)
  const then = before ? shown.of(DAY, before) : undefined
  // Until a day is worked out the last one stays.
  const [last, setLast] = useState<DayOfYear | undefined>(now)
  if (now && now !== last) setLast(now)
  useEffect(() => {
    const faces = last && withFaces(ledger, last)
    if (faces) store.choose({ skins: Object.fromEntries(faces.flatMap(({ id, ground, skin }) => (ground ? [] : [[id, skin[hour - 1]!]]))) })
    return () => store.choose({ skins: null })
  }, [store, ledger, last, hour])
  const date = dateOf(day)
  return (
    <div className="grid gap-2 pt-2" data-testid="any-day">
      <Slide label="Day" least={0} most={364} value={day} words={date} onChange={setDay} />
      <Slide label="Hour" least={1} most={24} value={hour} words={`${hour}:00`} onChange={setHour} />
      {last ? <Figures day={last} pinned={then ?? null} hour={hour} date={date} /> : <p className="text-graphite">Being worked out …</p>}
    </div>
  )
}

/** Faces of a day by name; those without an area of their own have none. */
function withFaces({ surfaces }: Ledger, { faces }: DayOfYear) {
  const seen = surfaces.filter(({ netArea }) => netArea > 1e-6)
  return seen.length === faces.length ? seen.map(({ id, name, ground }, i) => ({ id, name, ground: ground !== null, ...faces[i]! })) : null
}

/** A year begins on a Monday here. */
const WEEK = ["Mon", "Tue", "Wed", "Thu", "Fri", "Sat", "Sun"] as const

const dateOf = (day: number): string => `${WEEK[day % 7]!} ${dayWords(day)}`

/** @param pinned the same day of the state that is compared with */
function Figures({ day, pinned, hour, date }: { day: DayOfYear; pinned: DayOfYear | null; hour: number; date: string }) {
  const { units } = useJob()
  const { write, unit } = useWriting()
  const ledger = useLedgerLater()
  const before = usePinnedLedger()
  const i = hour - 1
  const faces = withFaces(ledger, day) ?? []
  const faces0 = pinned && before ? withFaces(before, pinned) : null
  const curves = useMemo(() => {
    const of = (values: readonly number[]) => values.map((value) => shownNumber("temperature", value, units))
    return [
      { name: "inside", token: "ember" as const, values: of(day.inside) },
      { name: "outdoors", token: "frost" as const, values: of(day.outdoors) },
      ...(pinned ? [{ name: "pinned, inside", token: "graphite" as const, dashed: true, values: of(pinned.inside) }] : []),
    ]
  }, [day, pinned, units])
  const along = useMemo(() => ({ values: day.inside.map((_, k) => k + 1), from: 0, step: 6, print: (at: number) => `${at}:00` }), [day])
  const marks = useMemo(() => [{ at: hour, words: "" }], [hour])
  const [heat, cold] = [day.heating[i]!, day.cooling[i]!]
  return (
    <>
      <p>
        {write("temperature", day.outdoors[i]!)} outdoors, {write("temperature", day.inside[i]!)} inside
        {heat > 0.5
          ? `; the heater is asked for ${write("power", heat)}`
          : cold > 0.5
            ? `; the cooler is asked for ${write("power", cold)}`
            : ""}
        .
      </p>
      <Chart label={`Air inside and outdoors, ${date}`} along={along} curves={curves} unit={unit("temperature")} marks={marks} />
      <FigureTable
        caption={`Faces at ${hour}:00, ${date}`}
        heads={["face", "skin", ...(faces0 ? ["pinned, skin"] : []), "inside face"]}
        rows={faces.map(({ id, name, ground, skin, inner }) => {
          const skinBefore = faces0?.find((face) => face.id === id)?.skin[i]
          return {
            key: id,
            cells: [
              name,
              ground ? "ground" : write("temperature", skin[i]!),
              ...(faces0 ? [skinBefore === undefined || ground ? "–" : write("temperature", skinBefore)] : []),
              write("temperature", inner[i]!),
            ],
          }
        })}
      />
      <p className="text-dense text-graphite">
        At the end of that hour. “Outside surface temperature” above the drawing inks it; an infrared gun reads it on a dull skin. Behind a
        vented skin it is the face of what lies there.
      </p>
    </>
  )
}
