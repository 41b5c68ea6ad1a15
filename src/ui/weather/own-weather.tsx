"use client"
import { useState } from "react"
import { CLIMATE_STATIONS } from "../../core/climate/climate-stations"
import { setWeather } from "../../edit/brief-edits"
import { useJob, useJobStore } from "../job/job-store"
import { Button } from "../primitives/button"
import { FileButton } from "../primitives/file-button"
import { Refusal } from "../primitives/refusal"
import { later } from "../primitives/later"

// All that reads and writes weather comes when it is asked for.
const NormalsDialog = later(() => import("./normals-dialog").then((module) => module.NormalsDialog))
const TableDialog = later(() => import("./table-dialog").then((module) => module.TableDialog))
const Kept = later(() => import("./kept-weather").then((module) => module.KeptWeather))

/** Larger files are no year of hours, bytes. */
const LARGEST = 4_000_000

type Asking = { kind: "table"; text: string; name: string } | { kind: "normals" } | null

/** Weather of one's own in place of the station's: from a file or from monthly normals; what was mended in it, and the way out. */
export function OwnWeather() {
  const { brief } = useJob()
  const store = useJobStore()
  const [asking, setAsking] = useState<Asking>(null)
  const [reading, setReading] = useState(false)
  const [refusal, setRefusal] = useState<string | null>(null)
  const { weather } = brief
  const read = async (file: File) => {
    setRefusal(null)
    if (file.size > LARGEST)
      return setRefusal(
        `${file.name} has ${(file.size / 1e6).toFixed(1)} MB; a year of hours has at most ${LARGEST / 1e6} MB. Take one year of it.`,
      )
    const text = await file.text()
    if (!text.trimStart().toUpperCase().startsWith("LOCATION,"))
      return setAsking({ kind: "table", text, name: file.name.replace(/\.\w+$/, "") })
    setReading(true)
    const { readWeather } = await import("./read-weather")
    const fault = await readWeather(store, { format: "epw", text }, null)
    setReading(false)
    setRefusal(fault && `${file.name}: ${fault.message}`)
  }
  return (
    <div className="grid gap-1" data-testid="own-weather">
      {weather ? <Kept weather={weather} /> : null}
      <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
        <FileButton label="Weather file" accept=".epw,.csv,.txt,text/csv,text/plain" onFile={(file) => void read(file)}>
          {weather ? "Read another weather file" : "Read a weather file of your own"}
        </FileButton>
        <Button look="link" onClick={() => setAsking({ kind: "normals" })}>
          {weather?.normals ? "Change its monthly figures" : "Type monthly figures"}
        </Button>
        {weather ? (
          <Button look="link" onClick={() => store.edit(setWeather(null))}>
            Take the weather of {CLIMATE_STATIONS[brief.station]?.name ?? "the station"} again
          </Button>
        ) : null}
      </div>
      <p className="text-dense text-graphite">
        {reading
          ? "Reading …"
          : "A year of hours: a weather file (.epw), or a table (.csv) with time, temperature and humidity, and sun and wind where it has them. It is kept with the job."}
      </p>
      <Refusal>{refusal}</Refusal>
      {asking?.kind === "table" ? <TableDialog {...asking} onClose={() => setAsking(null)} /> : null}
      {asking?.kind === "normals" ? <NormalsDialog onClose={() => setAsking(null)} /> : null}
    </div>
  )
}
