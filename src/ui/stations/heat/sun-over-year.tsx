"use client"
import { useMemo } from "react"
import { bestBoard, keptOff, type ShadedPane, sunInput } from "../../../core/hourly/sun-year"
import { MONTHS } from "../../../core/climate/design-day"
import { hoursIn } from "../../../core/climate/weather-year"
import { sum } from "../../../core/numeric/sum"
import { task } from "../../../core/results/calculation"
import { SUN } from "../../../core/results/sun-result"
import { useShown, useWorkedOut } from "../../calculations/calculations"
import { useJob, useJobStore, useSelection } from "../../job/job-store"
import { useLedgerLater } from "../../job/use-ledger"
import { FigureTable } from "../../primitives/figure-table"
import { Unfolding } from "../../primitives/unfolding"
import { useWriting } from "../../writing/writing"

/** W/m² from one shade of the picture to the next. */
const LEVELS = [25, 100, 200, 300, 400, 500, 650, 800] as const

/** The year's sun on each face, months downward and hours across; and what a board over each window would do. */
export function SunOverYear() {
  const { write } = useWriting()
  const { units, brief } = useJob()
  const { station, weather } = brief
  const { surfaces, conditions } = useLedgerLater()
  const { around } = conditions
  const store = useJobStore()
  const chosen = useSelection((view) => view.face)
  const shown = useShown()
  const input = useMemo(() => sunInput(weather ?? station, around, surfaces, units), [weather, station, around, surfaces, units])
  useWorkedOut(
    "sun",
    useMemo(() => [{ pending: [], awaited: Object.keys(input.faces).length > 0 ? [task(SUN, input)] : [] }], [input]),
  )
  const year = shown.of(SUN, input)
  const sunny = surfaces.filter(({ id }) => input.faces[id])
  if (sunny.length === 0 || !year) return null
  const panes = surfaces.flatMap(({ name, closures }) =>
    closures.flatMap((closure) => {
      const rows = year.panes[closure.place]
      return rows ? [{ face: name, name: closure.name, place: closure.place, rows }] : []
    }),
  )
  return (
    <section aria-label="Sun over the year" className="grid gap-2" data-testid="sun-year">
      <h2 className="font-display text-[15px] font-semibold">Sun over the year</h2>
      <ul className="grid grid-cols-3 gap-x-3 gap-y-2 narrow:grid-cols-2">
        {sunny.map(({ id, name }) => {
          const means = year.faces[id]!
          const total = sum(means.map((hours, month) => (sum(hours) * hoursIn(month)) / 24)) * 3600
          return (
            <li key={id}>
              <button
                type="button"
                aria-pressed={id === chosen}
                className={`block w-full rounded-soft border px-1.5 py-1 text-left text-dense hover:border-graphite ${id === chosen ? "border-spruce" : "border-seam"}`}
                onClick={() => store.choose({ face: id })}
              >
                <span className="flex justify-between gap-2">
                  <span className="truncate font-semibold">{name}</span>
                  <span className="whitespace-nowrap">{write("sunEnergy", total)}</span>
                </span>
                <SunPicture means={means} />
              </button>
            </li>
          )
        })}
      </ul>
      <p className="text-dense text-graphite">
        January at the top, December at the bottom; midnight at both sides, noon in the middle. The stronger the colour, the more sun at
        that hour, past the roof’s overhang and the clouds of {conditions.station.name}; the figure is all of the year.
      </p>
      {panes.map(({ face, name, place, rows }) => (
        <Pane key={place} title={`${name}, ${face}`} rows={rows} temperatures={conditions.station.monthlyTemperature} />
      ))}
    </section>
  )
}

/** Months downward, hours across, in shades. */
function SunPicture({ means }: { means: readonly (readonly number[])[] }) {
  const paths = LEVELS.map((from, level) => {
    const to = LEVELS[level + 1] ?? Infinity
    const cells = means.flatMap((hours, month) =>
      hours.flatMap((sun, hour) => (sun >= from && sun < to ? [`M${hour} ${month}h1v1h-1z`] : [])),
    )
    return { from, path: cells.join(""), opacity: (level + 1) / LEVELS.length }
  })
  return (
    <svg viewBox="0 0 24 12" preserveAspectRatio="none" className="mt-0.5 h-14 w-full bg-felt" aria-hidden>
      {paths.map(({ from, path, opacity }) => (
        <path key={from} d={path} fill="var(--ochre)" fillOpacity={opacity} />
      ))}
      <path d="M12 0V12" stroke="var(--graphite)" strokeWidth={0.06} />
    </svg>
  )
}

/** What a board over a window keeps off, month by month. */
function Pane({ title, rows, temperatures }: { title: string; rows: readonly ShadedPane[]; temperatures: readonly number[] }) {
  const { write, length } = useWriting()
  const best = bestBoard(rows, temperatures)
  const built = keptOff(
    rows.find(({ depth }) => depth === null)!,
    rows,
    temperatures,
  )
  const percent = (share: number) => `${Math.round(100 * share)} %`
  return (
    <div>
      <p>
        <span className="font-semibold">{title}:</span>{" "}
        {best
          ? `a board of ${length(best.depth)} over it would keep off ${percent(best.hot)} of its sun in the three hottest months and ${percent(best.cold)} in the three coldest.`
          : "no sun comes in through it in the hottest months."}
        {built && built.hot > 0.005 ? ` The roof’s overhang keeps off ${percent(built.hot)} and ${percent(built.cold)} as it is.` : null}
      </p>
      <Unfolding words="Month by month, for boards of other depths">
        {() => (
          <FigureTable
            caption={`Sun through ${title}, month by month`}
            heads={["", ...rows.map(({ depth }) => (depth === null ? "as built" : depth === 0 ? "none" : length(depth)))]}
            rows={MONTHS.map((month, i) => ({ key: month, cells: [month, ...rows.map(({ months }) => write("energy", months[i]!))] }))}
          />
        )}
      </Unfolding>
    </div>
  )
}
