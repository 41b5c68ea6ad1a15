"use client"
import { useState } from "react"
import { solarTimeZone } from "../../core/climate/climate-stations"
import type { WeatherColumns, WeatherUnits } from "../../schema/weather"
import { fieldsOf } from "../fields/fields-of"
import { useJob, useJobStore } from "../job/job-store"
import { useLedger } from "../job/use-ledger"
import { Button } from "../primitives/button"
import { Dialog } from "../primitives/dialog"
import { SelectField } from "../primitives/fields"
import { Refusal } from "../primitives/refusal"
import { type PlaceAnswers, PlaceFields } from "./place-fields"
import { readWeather } from "./read-weather"

/** What a table may tell, what a builder calls it, and by what a column's head gives it away. */
const COLUMNS = [
  ["time", "Time", /time|date/i],
  ["temperature", "Temperature", /temp|dry.?bulb|^t(_|$)/i],
  ["relativeHumidity", "Relative humidity", /humid|^rh/i],
  ["directNormal", "Direct sun, facing it, W/m²", /direct|beam|dni/i],
  ["diffuseHorizontal", "Light of the sky on the level, W/m²", /diffuse|dhi/i],
  ["windSpeed", "Wind", /wind.?(?!dir)|^ws/i],
  ["rain", "Rain, mm in the hour", /rain|precip/i],
] as const
type Column = (typeof COLUMNS)[number][0]
const NEEDED: readonly Column[] = ["time", "temperature", "relativeHumidity"]
const NONE = ""

/** What its figures are written in. */
interface Written {
  temperature: NonNullable<WeatherUnits["temperature"]>
  windSpeed: NonNullable<WeatherUnits["windSpeed"]>
}

interface Props {
  text: string
  name: string
  onClose: () => void
}

/** What a table of weather does not say of itself: where it is of, and what its columns are. */
export function TableDialog({ text, name, onClose }: Props) {
  const { units } = useJob()
  const store = useJobStore()
  const { station } = useLedger().conditions
  const [place, setPlace] = useState<PlaceAnswers>({ name, latitude: station.latitude, longitude: station.longitude })
  const [clock, setClock] = useState({ timeZone: solarTimeZone(station.longitude) })
  const [written, setWritten] = useState<Written>(
    units === "metric" ? { temperature: "C", windSpeed: "m/s" } : { temperature: "F", windSpeed: "mph" },
  )
  const [head] = useState(() => headOf(text))
  const [columns, setColumns] = useState(() => guessed(head))
  const [refusal, setRefusal] = useState<string | null>(null)
  const [reading, setReading] = useState(false)
  const missing = NEEDED.filter((column) => columns[column] === NONE)
  const read = async () => {
    setReading(true)
    const named = Object.fromEntries(Object.entries(columns).filter(([, column]) => column !== NONE)) as WeatherColumns
    const { latitude, longitude } = place
    const fault = await readWeather(
      store,
      { format: "csv", text, latitude, longitude, timeZone: clock.timeZone, columns: named, units: written },
      place.name || name,
    )
    setReading(false)
    setRefusal(fault?.message ?? null)
    if (!fault) onClose()
  }
  const fields = fieldsOf(clock, (part) => {
    setClock({ ...clock, ...part })
    return null
  })
  const forms = fieldsOf(written, (part) => {
    setWritten({ ...written, ...part })
    return null
  })
  return (
    <Dialog
      open
      onClose={onClose}
      title="A table of weather"
      words="What the table does not say of itself. Hours are taken by a clock that is never put forward."
    >
      <div className="grid grid-cols-2 gap-x-4 gap-y-3 narrow:grid-cols-1">
        <PlaceFields place={place} onChange={setPlace} />
        {fields.number("timeZone", "Hours its clock is ahead of UTC (west is negative)")}
        {COLUMNS.map(([column, label]) => (
          <SelectField
            key={column}
            label={label}
            value={columns[column]}
            options={[
              ...(NEEDED.includes(column) && columns[column] !== NONE ? [] : [{ value: NONE, name: "not in the table" }]),
              ...head.map((value) => ({ value, name: value })),
            ]}
            onChange={(value) => setColumns({ ...columns, [column]: value })}
          />
        ))}
        {forms.choice("temperature", "Temperatures are in", { C: "°C", F: "°F" })}
        {forms.choice("windSpeed", "Wind is in", { "m/s": "m/s", "km/h": "km/h", mph: "mph" })}
      </div>
      <div className="mt-4 flex flex-wrap items-center gap-3">
        <Button look="strong" disabled={reading || missing.length > 0} onClick={() => void read()}>
          {reading ? "Reading …" : "Read it"}
        </Button>
        <p className="text-dense text-graphite">
          {missing.length > 0 ? "Time, temperature and relative humidity are needed: say which columns they are." : ""}
        </p>
      </div>
      <Refusal>{refusal}</Refusal>
    </Dialog>
  )
}

/** Heads of the columns: what stands in the first line. */
function headOf(text: string): string[] {
  const end = text.search(/\r?\n/)
  const line = text.slice(0, end < 0 ? 2000 : Math.min(end, 20_000)).replace(/^\uFEFF/, "")
  const by = [",", ";", "\t", "|"].reduce((best, one) => (line.split(one).length > line.split(best).length ? one : best))
  const heads = line.split(by).map((head) => head.trim().replace(/^"(.*)"$/, "$1"))
  return [...new Set(heads.filter((head) => head !== "" && head.length <= 200))].slice(0, 60)
}

/** Each column by its head, as far as that gives it away; none twice. */
function guessed(head: readonly string[]): Record<Column, string> {
  const taken = new Set<string>()
  return Object.fromEntries(
    COLUMNS.map(([column, , pattern]) => {
      const plain = (text: string) => text.toLowerCase().replace(/[\s_-]/g, "")
      const found =
        head.find((one) => plain(one) === column.toLowerCase() && !taken.has(one)) ??
        head.find((one) => pattern.test(one) && !taken.has(one))
      if (found !== undefined) taken.add(found)
      return [column, found ?? NONE]
    }),
  ) as Record<Column, string>
}
