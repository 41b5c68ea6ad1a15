"use client"
import { weatherTable } from "../../core/climate/own-weather"
import type { OwnWeather } from "../../schema/job/weather"
import { Button } from "../primitives/button"
import { FigureTable } from "../primitives/figure-table"
import { saveFile } from "../primitives/save-file"
import { Unfolding } from "../primitives/unfolding"

/** Weather that is kept with the job, and what was mended while it was read. */
export function KeptWeather({ weather }: { weather: OwnWeather }) {
  const { name, latitude, longitude, mended, normals } = weather
  const filled = mended.filled.reduce((all, { hours }) => all + hours, 0)
  const report = [
    mended.badRows > 0 ? `${mended.badRows} ${mended.badRows === 1 ? "entry" : "entries"} could not be read` : "every entry could be read",
    filled > 0 ? `${filled} missing ${filled === 1 ? "figure is" : "figures are"} filled` : "nothing was missing",
  ]
  return (
    <div className="rounded-soft border border-seam px-3 py-2">
      <p>
        <span className="font-semibold">{name}</span>, {placeWords(latitude, longitude)}:{" "}
        {normals ? "made from monthly figures" : `8,760 hours; ${report.join(", ")}`}.{" "}
        <Button look="link" onClick={() => void saveFile(weather.name, "csv", () => weatherTable(weather))}>
          Save as a table
        </Button>
      </p>
      <Unfolding words="What was mended, and how the sky was reckoned">{() => <Mended weather={weather} />}</Unfolding>
    </div>
  )
}

function Mended({ weather: { mended } }: { weather: OwnWeather }) {
  return (
    <div className="grid gap-2 pt-1 text-dense">
      <ul className="list-disc pl-5">
        {mended.notes.map((note) => (
          <li key={note}>{note}</li>
        ))}
        {mended.filled.map(({ field, hours, how }) => (
          <li key={`${field} ${how}`}>
            {FIELDS[field] ?? field}: {hours} {hours === 1 ? "hour" : "hours"} filled, {how}.
          </li>
        ))}
      </ul>
      {mended.bad.length > 0 ? (
        <FigureTable
          caption={`What could not be read${mended.badRows > mended.bad.length ? `, the first ${mended.bad.length} of ${mended.badRows}` : ""}`}
          shows="words"
          heads={["line", "of", "stands there", ""]}
          words={[1, 2, 3]}
          rows={mended.bad.map(({ row, field, text, message }, i) => ({ key: i, cells: [row, FIELDS[field] ?? field, text, message] }))}
        />
      ) : null}
    </div>
  )
}

/** Figures of an hour as a builder calls them. */
const FIELDS: Readonly<Record<string, string>> = {
  time: "time",
  temperature: "temperature",
  relativeHumidity: "humidity",
  directNormal: "direct sun",
  diffuseHorizontal: "light of the sky",
  windSpeed: "wind",
  rain: "rain",
  infrared: "warmth of the sky",
  cloud: "cloud",
}

const placeWords = (latitude: number, longitude: number): string =>
  `${Math.abs(latitude).toFixed(1)}° ${latitude < 0 ? "south" : "north"}, ${Math.abs(longitude).toFixed(1)}° ${longitude < 0 ? "west" : "east"}`
