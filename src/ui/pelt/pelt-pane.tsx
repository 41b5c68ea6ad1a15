"use client"
import { useJob } from "../job/job-store"
import { useLedger } from "../job/use-ledger"
import { useOverlay } from "../overlays/use-overlay"
import { Figure } from "../primitives/figure"
import type { Station } from "../stations/station"
import { useWriting } from "../writing/writing"
import { Pelt } from "./pelt"

/** The pelt with the words around it: what is shown, the room left, how much skin there is. */
export function PeltPane({ station }: { station: Station }) {
  const { overlay, overlays, choose } = useOverlay(station)
  const { Legend } = overlay
  return (
    <section
      aria-label="Pelt"
      className="flex min-h-0 min-w-0 grow flex-col px-5 pt-4 pb-2 compact:px-2 compact:pt-1 compact:pb-0 narrow:shrink-0 narrow:grow-0"
    >
      <div className="flex justify-between gap-4">
        <label className="hidden compact:block">
          <span className="text-dense text-graphite narrow:sr-only">show </span>
          <select
            aria-label="What the pelt shows"
            value={overlay.id}
            className="h-7 rounded-soft border border-seam bg-sheet px-1"
            onChange={(event) => choose(overlays.find(({ id }) => id === event.target.value)!)}
          >
            {overlays.map(({ id, title }) => (
              <option key={id} value={id}>
                {title}
              </option>
            ))}
          </select>
        </label>
        <div className="compact:hidden">
          <p className="text-dense text-graphite">show</p>
          <div role="radiogroup" aria-label="Show on the pelt" className="flex flex-wrap items-baseline gap-x-3">
            {[...overlays]
              .sort((a, b) => Number(b === overlay) - Number(a === overlay))
              .map((one) => (
                <button
                  key={one.id}
                  type="button"
                  role="radio"
                  aria-checked={one === overlay}
                  className={
                    one === overlay
                      ? "font-display text-[16px] font-semibold"
                      : "text-dense text-graphite underline-offset-2 hover:underline"
                  }
                  onClick={() => choose(one)}
                >
                  {one.title}
                </button>
              ))}
          </div>
        </div>
        <Room />
      </div>
      <Pelt overlay={overlay} editable={station.shapes ?? false} />
      <div className="flex items-end justify-between gap-4 text-dense text-graphite compact:hidden">
        <Skin />
        {Legend ? <Legend /> : null}
      </div>
    </section>
  )
}

/** The room left, where it is measured, and what takes the rest. */
function Room() {
  const { clear, linings } = useLedger()
  const job = useJob()
  const { length } = useWriting()
  const limit = job.brief.limits.height
  const spare = limit === null ? null : clear.standing - limit
  const even = clear.height - clear.standing < 0.001
  return (
    <div className="flex flex-col text-right compact:flex-row compact:flex-wrap compact:items-baseline compact:justify-end compact:gap-x-2">
      <p className="text-dense text-graphite">{even ? "height left" : "height left at the walls"}</p>
      <Figure kind="length" value={clear.standing} size="face" />
      <p className={`text-dense ${spare !== null && spare < 0 ? "text-clay" : "compact:hidden"}`}>
        {spare === null ? (
          even ? (
            "no limit in the brief"
          ) : (
            `${length(clear.height)} at the highest`
          )
        ) : (
          <>
            {length(Math.round(Math.abs(spare) * 1000) / 1000)} {spare < 0 ? "too low" : "to spare"}{" "}
            <span className="whitespace-nowrap">(at least {length(limit!)})</span>
          </>
        )}
      </p>
      <p className="text-dense text-graphite compact:hidden">
        floor takes {length(linings.floor)}, roof {length(linings.roof)}
      </p>
    </div>
  )
}

function Skin() {
  const job = useJob()
  const { skinArea, skinAgainstCube, clear } = useLedger()
  const { write } = useWriting()
  const { length, width } = job.shell.form
  return (
    <p>
      {write("area", skinArea)} of skin for {write("area", length * width)} of floor: {skinAgainstCube.toFixed(2)} times a cube of the same
      volume
      <br />
      clear inside {write("length", clear.length)} × {write("length", clear.width)}
    </p>
  )
}
