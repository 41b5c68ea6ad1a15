"use client"
import { printWholeDegrees, printWithUnit } from "../../core/quantity/measure"
import type { UnitSystem } from "../../core/quantity/unit-system"
import type { StationId } from "../bench/use-station"
import { useJob, useLedger } from "../job/job-store"
import { DampRing } from "../primitives/damp-ring"
import { Figure } from "../primitives/figure"
import { INK_WORDS, ramp, WET_COLOUR } from "./ink"
import { Pelt } from "./pelt"
import { useInk } from "./use-ink"

/** The pelt with the words around it: what the ink means, the room left, how much skin there is. */
export function PeltPane({ station }: { station: StationId }) {
  const { units } = useJob()
  const { ink, inks, choose } = useInk(station)
  return (
    <section
      aria-label="Pelt"
      className="flex min-h-0 min-w-0 grow flex-col px-5 pt-4 pb-2 max-[900px]:h-[40%] max-[900px]:shrink-0 max-[900px]:grow-0 max-[900px]:px-3 max-[900px]:pt-2"
    >
      <div className="flex justify-between gap-4">
        <div>
          <p className="text-dense text-graphite">ink</p>
          <div role="radiogroup" aria-label="Ink of the pelt" className="flex flex-wrap items-baseline gap-x-3">
            {[...inks]
              .sort((a, b) => Number(b === ink) - Number(a === ink))
              .map((name) => (
                <button
                  key={name}
                  type="button"
                  role="radio"
                  aria-checked={name === ink}
                  className={
                    name === ink ? "font-display text-[16px] font-semibold" : "text-dense text-graphite underline-offset-2 hover:underline"
                  }
                  onClick={() => choose(name)}
                >
                  {INK_WORDS[name]}
                </button>
              ))}
          </div>
        </div>
        <Room />
      </div>
      <Pelt ink={ink} editable={station === "shell"} />
      <div className="flex items-end justify-between gap-4 text-dense text-graphite max-[900px]:hidden">
        <Skin />
        {ink === "damp" ? <Rings /> : null}
        {ink === "cold-lines" ? <ColdLines /> : null}
        {ink === "skin" ? <Ramp units={units} /> : null}
      </div>
    </section>
  )
}

function Room() {
  const { clear } = useLedger()
  const job = useJob()
  const limit = job.brief.limits.height
  const spare = limit === null ? null : clear.standing - limit
  const even = clear.height - clear.standing < 0.001
  return (
    <div className="text-right">
      <p className="text-dense text-graphite">{even ? "standing height left" : "height left at the walls"}</p>
      <Figure kind="length" value={clear.standing} system={job.units} size="face" />
      <p className="text-dense">
        {spare === null
          ? even
            ? "no limit in the brief"
            : `${printWithUnit("length", clear.height, job.units)} at the highest`
          : `${printWithUnit("length", Math.abs(spare), job.units)} ${spare < 0 ? "under" : "over"} the limit of the brief`}
      </p>
    </div>
  )
}

function Skin() {
  const job = useJob()
  const { skinArea, skinAgainstCube, clear } = useLedger()
  const { length, width } = job.shell.form
  return (
    <p>
      {printWithUnit("area", skinArea, job.units)} of skin for {printWithUnit("area", length * width, job.units)} of floor:{" "}
      {skinAgainstCube.toFixed(2)} times a cube of the same volume
      <br />
      clear inside {printWithUnit("length", clear.length, job.units)} × {printWithUnit("length", clear.width, job.units)}
    </p>
  )
}

/** What the colours of the skin mean. */
function Ramp({ units }: { units: UnitSystem }) {
  return (
    <div className="w-36 shrink-0">
      <div className="flex h-2.5">
        {Array.from({ length: 17 }, (_, i) => (
          <span key={i} className="grow" style={{ background: ramp((i - 8) / 8) }} />
        ))}
      </div>
      <div className="flex justify-between">
        {[0, 40, 80].map((temperature) => (
          <span key={temperature}>{printWholeDegrees(temperature, units)}</span>
        ))}
      </div>
    </div>
  )
}

/** What the colours of cold lines mean. */
function ColdLines() {
  const lines = [
    { wet: "sweats", words: "sweats" },
    { wet: "frost", words: "frost" },
  ] as const
  return (
    <ul className="flex flex-wrap gap-x-3">
      {lines.map(({ wet, words }) => (
        <li key={wet} className="flex items-center gap-1.5">
          <span aria-hidden className="h-1.5 w-6 rounded-full" style={{ background: WET_COLOUR[wet] }} />
          {words}
        </li>
      ))}
    </ul>
  )
}

function Rings() {
  const rings = [
    { state: "dry", freezes: false, words: "stays dry" },
    { state: "leak", freezes: false, words: "dry while airtight" },
    { state: "wets", freezes: true, words: "wets, and freezes" },
    { state: "wets-in-both", freezes: false, words: "wets in both seasons" },
  ] as const
  return (
    <ul className="flex flex-wrap gap-x-3">
      {rings.map((ring) => (
        <li key={ring.state} className="flex items-center gap-1">
          <DampRing verdict={ring} size={15} />
          {ring.words}
        </li>
      ))}
    </ul>
  )
}
