"use client"
import { useEffect, useMemo, useState } from "react"
import { BUILD } from "../../../core/results/build-result"
import { task } from "../../../core/results/calculation"
import { type Build, BUILDS, type BuildOutcome, type Divide, divides } from "../../../core/section/likely-builds"
import type { DampVerdict } from "../../../core/moisture/damp-verdict"
import type { SectionModel } from "../../../core/section/section-model"
import { useCalculations, useShown } from "../../calculations/calculations"
import { Button } from "../../primitives/button"
import { useWriting } from "../../writing/writing"

const OWNER = "likely-builds"

/**
 * A hundred likely builds of a face: how many stay dry, and what separates the wet ones; it can be stopped, and keeps what it has.
 * @param verdict what one on the bad side of usual comes to; null while that is not followed
 */
export function LikelyBuilds({ model, verdict }: { model: SectionModel; verdict: DampVerdict | null }) {
  const { write } = useWriting()
  const calculations = useCalculations()
  const shown = useShown()
  const [running, setRunning] = useState<SectionModel | null>(null)
  const goes = running === model
  const asked = useMemo(() => Array.from({ length: BUILDS }, (_, index) => ({ model, index })), [model])
  const outcomes = useMemo(() => asked.map((one) => shown.of(BUILD, one)).filter((one) => one !== undefined), [asked, shown])
  useEffect(() => {
    if (!goes) return
    calculations.want(
      OWNER,
      asked.map((one) => task(BUILD, one)),
    )
    return () => calculations.want(OWNER, [])
  }, [calculations, goes, asked])
  const done = outcomes.length
  const followed = outcomes.filter(({ harms }) => harms !== null)
  const dry = followed.filter(({ harms }) => !harms).length
  const parts = useMemo(() => divides(outcomes), [outcomes])
  const going = goes && done < BUILDS
  return (
    <div className="grid grid-cols-1 gap-2 pt-1" data-testid="likely-builds">
      <h3 className="font-semibold">How sure is that?</h3>
      <p className="text-graphite">
        No two builds turn out alike. Here leaks, holes in the tight sheet, fit, batches of stuff, humidity inside, damp at the start, and
        warmer or duller years each differ by what is usual; each build is followed for up to five years.
      </p>
      {done > 0 ? (
        <div className="flex flex-wrap items-center gap-4" aria-live="polite">
          <p className="font-display text-[22px] font-semibold">
            {dry} of {followed.length} <span className="text-[14px]">stay sound</span>
          </p>
          <Marks outcomes={followed} />
        </div>
      ) : null}
      {verdict && followed.length >= 10 ? <p>{agreement(verdict, dry / followed.length)}</p> : null}
      {followed.length < done ? <p>Of {done - followed.length} no balance was found; they count in neither.</p> : null}
      {going ? (
        <p role="status" className="flex items-center gap-3">
          {done} of {BUILDS} followed …<Button onClick={() => setRunning(null)}>Stop</Button>
        </p>
      ) : done < BUILDS ? (
        <div>
          <Button onClick={() => setRunning(model)}>{done > 0 ? `Go on, ${BUILDS - done} more` : `Follow ${BUILDS} likely builds`}</Button>
        </div>
      ) : null}
      {done >= 10 && parts.length > 0 ? (
        <ul className="list-disc pl-5">
          {parts.slice(0, 3).map((part) => (
            <li key={part.what}>{divideWords(part, write)}</li>
          ))}
        </ul>
      ) : null}
      {done >= 10 && parts.length === 0 ? (
        <p>
          {dry === followed.length
            ? "None of what differs spoils it."
            : dry === 0
              ? "None of what differs saves it: it is the build-up."
              : "No single thing separates the builds that get too wet from the others."}
        </p>
      ) : null}
    </div>
  )
}

/** How the verdict, on a build on the bad side of usual, stands to all of them. */
function agreement({ harms }: DampVerdict, sound: number): string {
  if (harms)
    return sound > 0.9
      ? "The verdict goes by a build on the bad side of usual, which does not stand; nearly all of these do. Build it tight and use it dry, and it is likely to."
      : "The verdict goes by a build on the bad side of usual, which does not stand either."
  return sound < 0.9
    ? "The verdict says that it stands on the bad side of usual; more of these than one in ten do not: take it as not sure."
    : "As the verdict says, which goes by a build on the bad side of usual."
}

/** One mark for each build: open where it stays sound, full where it does not. */
function Marks({ outcomes }: { outcomes: readonly BuildOutcome[] }) {
  const sorted = [...outcomes].sort((a, b) => Number(a.harms) - Number(b.harms))
  return (
    <svg width={20 * 9} height={Math.ceil(sorted.length / 20) * 11} aria-hidden>
      {sorted.map(({ harms }, i) => (
        <rect
          key={i}
          x={(i % 20) * 9 + 1}
          y={Math.floor(i / 20) * 11 + 1}
          width={6.5}
          height={8.5}
          fill={harms ? "var(--fen)" : "none"}
          stroke="var(--fen)"
        />
      ))}
    </svg>
  )
}

const NAMES: Readonly<Record<keyof Build, readonly [more: string, less: string]>> = {
  leaks: ["leak more", "leak less"],
  holes: ["have more holes in their tight sheet", "have fewer holes in their tight sheet"],
  fit: ["are fitted with more gaps", "are fitted more closely"],
  resistance: ["are of stuff that holds vapour back more", "are of stuff that lets more vapour through"],
  humidity: ["are damper inside", "are drier inside"],
  outdoors: ["see warmer years", "see colder years"],
  outdoorHumidity: ["see damper years", "see drier years"],
  sun: ["get more sun", "get less sun"],
  rain: ["get more rain on their walls", "get less rain on their walls"],
  builtIn: ["were closed damper", "were closed drier"],
}

/** What of it can be said in figures that a builder knows. */
function divideWords({ what, wet, dry, by }: Divide, write: ReturnType<typeof useWriting>["write"]): string {
  const words = NAMES[what][by > 0 ? 0 : 1]
  const figures =
    what === "leaks"
      ? `: ${wet.toFixed(1)} times the leaks that are said, the sound ones ${dry.toFixed(1)} times`
      : what === "humidity"
        ? `: by ${write("percent", Math.abs(wet - dry))} of humidity`
        : ""
  return `Those that get too wet ${words}${figures}.`
}
