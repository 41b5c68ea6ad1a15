"use client"
import { useState } from "react"
import { MONTHS } from "../../core/climate/design-day"
import { normalsOf } from "../../core/climate/station-year"
import { climateStationOf } from "../../core/climate/climate-stations"
import type { Kind } from "../../core/quantity/measure"
import { MonthlyNormals } from "../../schema/normals"
import { useJob, useJobStore } from "../job/job-store"
import { Button } from "../primitives/button"
import { Dialog } from "../primitives/dialog"
import { QuantityField } from "../primitives/fields"
import { Refusal } from "../primitives/refusal"
import { useWriting } from "../writing/writing"
import { type PlaceAnswers, PlaceFields } from "./place-fields"
import { readWeather } from "./read-weather"

const FIGURES = [
  ["temperature", "mean", "temperature"],
  ["dailySwing", "day to night", "temperatureDifference"],
  ["relativeHumidity", "humidity", "percent"],
  ["clearness", "clear sky, 0 to 1", "ratio"],
  ["windSpeed", "wind", "speed"],
  ["rain", "rain without snow", "rain"],
] as const satisfies readonly (readonly [keyof MonthlyNormals, string, Kind])[]

/** A year of weather from figures of its months; it begins with those of the station, or with what was typed before. */
export function NormalsDialog({ onClose }: { onClose: () => void }) {
  const { brief } = useJob()
  const store = useJobStore()
  const { unit } = useWriting()
  const { weather } = brief
  const station = climateStationOf(brief.station)
  const [months, setMonths] = useState<readonly MonthlyNormals[]>(() => weather?.normals ?? normalsOf(station))
  const [place, setPlace] = useState<PlaceAnswers>(() => {
    const { name, latitude, longitude } = weather?.normals ? weather : station
    return { name: weather?.normals ? name : `as ${name}`, latitude, longitude }
  })
  const [refusal, setRefusal] = useState<string | null>(null)
  const [making, setMaking] = useState(false)
  const set = (month: number, part: Partial<MonthlyNormals>) => {
    const changed = { ...months[month]!, ...part }
    const checked = MonthlyNormals.safeParse(changed)
    if (!checked.success) return { code: "out-of-range", path: [], message: checked.error.issues[0]!.message }
    setMonths(months.map((one, i) => (i === month ? changed : one)))
    return null
  }
  const make = async () => {
    setMaking(true)
    const { latitude, longitude } = place
    const fault = await readWeather(store, { monthly: [...months], latitude, longitude, seed: 1 }, place.name || "monthly figures", months)
    setMaking(false)
    setRefusal(fault?.message ?? null)
    if (!fault) onClose()
  }
  return (
    <Dialog
      open
      onClose={onClose}
      place="wide"
      title="A year from monthly figures"
      words="Days are made from them by chance, always the same; the coldest and the hottest hours come from these days. Clear sky: sun on level ground over what it would be without air, 0.3 dull to 0.6 bright."
    >
      <div className="grid grid-cols-3 gap-x-4 gap-y-2 pb-3 narrow:grid-cols-1">
        <PlaceFields place={place} onChange={setPlace} />
      </div>
      <div className="overflow-x-auto">
        <table className="w-full min-w-[34rem] text-dense">
          <caption className="sr-only">Figures of each month</caption>
          <thead>
            <tr className="border-b border-seam text-graphite">
              <th className="text-left font-normal">month</th>
              {FIGURES.map(([key, name, kind]) => (
                <th key={key} className="px-1 py-1 font-normal">
                  {name}
                  {unit(kind) ? `, ${unit(kind)}` : ""}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {months.map((normals, month) => (
              <tr key={MONTHS[month]}>
                <th className="text-left font-normal">{MONTHS[month]}</th>
                {FIGURES.map(([key, name, kind]) => (
                  <td key={key} className="px-1 py-0.5">
                    <QuantityField
                      bare="level"
                      label={`${MONTHS[month]}, ${name}`}
                      kind={kind}
                      value={normals[key] ?? 0}
                      onCommit={(value) => set(month, { [key]: value })}
                    />
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <div className="mt-4">
        <Button look="strong" disabled={making} onClick={() => void make()}>
          {making ? "Making the year …" : "Make the year"}
        </Button>
      </div>
      <Refusal>{refusal}</Refusal>
    </Dialog>
  )
}
