"use client"
import { dewPoint } from "../../../core/air/dew-point"
import type { DampAssessment } from "../../../core/moisture/damp-assessment"
import { type ClearNight, clearNights } from "../../../core/moisture/clear-night"
import { dampRank, dampSentence, type DampVerdict, monthWords } from "../../../core/moisture/damp-verdict"
import { useEffect, useRef } from "react"
import { seasonOf } from "../../../core/ledger/headlines"
import { useJob, useJobStore, useSelection } from "../../job/job-store"
import { useLedger, usePinnedLedger } from "../../job/use-ledger"
import { Button } from "../../primitives/button"
import { DampRing } from "../../primitives/damp-ring"
import { FigureTable } from "../../primitives/figure-table"
import { whenIdle } from "../../primitives/later"
import { Remark } from "../../primitives/remark"
import { Slice } from "../../slice/slice"
import { useShowWorking } from "../../working/use-show-working"
import { FaceHeader } from "../face-header"
import { SeasonTabs } from "../season-tabs"
import { useChosenFace } from "../use-figures"
import { useWriting } from "../../writing/writing"
import { MonthByMonth } from "./month-by-month"
import { WhoDecides } from "./who-decides"

const Cures = whenIdle(() => import("./cures").then((module) => module.Cures))
const ThroughYears = whenIdle(() => import("./through-years").then((module) => module.ThroughYears))
const OtherWays = whenIdle(() => import("./other-ways").then((module) => module.OtherWays))
const Wood = whenIdle(() => import("./wood").then((module) => module.Wood))
const Rules = whenIdle(() => import("./rules").then((module) => module.Rules))

/** The verdict on the chosen face, why, through which months, what lies on it, and the worst hours. */
export function DampStation() {
  const figures = useChosenFace()
  const ledger = useLedger()
  const ledgerNow = useRef(ledger)
  useEffect(() => void (ledgerNow.current = ledger), [ledger])
  const show = useShowWorking()
  const season = useSelection((view) => view.season)
  const { verdict, awaited, [season]: look } = ledger.moisture[figures.id]!
  const { kind } = useJob().brief
  const store = useJobStore()
  // Whatever is looked at there later: a face opens on the season of its verdict.
  useEffect(() => {
    store.choose({ season: seasonOf(ledgerNow.current.moisture[figures.id]!.verdict, kind) })
  }, [figures.id, store, kind])
  return (
    <div className="station gap-3">
      <FaceHeader />
      <div className="flex items-center gap-2">
        <DampRing verdict={{ ...verdict, soFar: awaited.length > 0 }} />
        <p className="font-display text-[16px] font-semibold">{verdict.words}</p>
      </div>
      <p>{verdict.sentence}</p>
      <PinnedVerdict />
      <WhoDecides />
      <Rules />
      <Cures />
      <OtherWays />
      <MonthByMonth />
      <ThroughYears />
      <Spots />
      <Wood />
      <h2 className="border-t border-seam pt-3 font-display text-[15px] font-semibold">In the worst hours</h2>
      <SeasonTabs summer="worst afternoon" />
      <p data-testid="damp-sentence" className="text-[15px]">
        {dampSentence(look, figures.layers)}
      </p>
      <Slice figures={figures} season={season} still />
      <Meeting look={look} night={season === "winter" ? (clearNights(figures, ledger.conditions)[0] ?? null) : null} />
      <PlaneTable look={look} />
      <Remark kind="damp" title="What is not in these figures">
        Wind that blows through joints, water that runs in at a flashing, and what is spilt. Leaking air carries far more water than
        diffusion: one tight layer, on the warm side, unbroken.
      </Remark>
      <div>
        <Button onClick={() => show.headline("damp")}>Show the working</Button>
      </div>
    </div>
  )
}

/** The same face as it is pinned. */
function PinnedVerdict() {
  const pinned = usePinnedLedger()
  const { id } = useChosenFace()
  const judged = pinned?.moisture[id]
  if (!judged) return null
  const { verdict, awaited } = judged
  return (
    <p className="flex items-center gap-2 text-graphite">
      <DampRing verdict={{ ...verdict, soFar: awaited.length > 0 }} size={15} />
      Pinned: {verdict.words}
      {awaited.length > 0 ? ", by the months so far" : ""}
    </p>
  )
}

/** What lies on the face: members, edges, reveals and what runs through, each with its own ring, the worst first. */
function Spots() {
  const { write } = useWriting()
  const figures = useChosenFace()
  const { spots } = useLedger().moisture[figures.id]!
  if (spots.length === 0) return null
  const sorted = [...spots].sort((a, b) => dampRank(b.verdict) - dampRank(a.verdict))
  return (
    <FigureTable
      caption="Members, edges and what runs through"
      shows="title"
      heads={["where", "coldest, in the worst hour", "sweats below", "through the year"]}
      words={[0, 3]}
      rows={sorted.map(({ name, cold, verdict }, i) => ({
        key: i,
        cells: [
          name,
          write("temperature", cold.temperature),
          cold.dewPoint === null ? "–" : write("temperature", cold.dewPoint),
          <span key="ring" className="flex items-center gap-1.5">
            <DampRing verdict={verdict} size={14} />
            {spotWords(verdict)}
          </span>,
        ],
      }))}
    />
  )
}

/** A spot's verdict without its name. */
function spotWords({ filling, freezes, moulds, months }: DampVerdict): string {
  if (moulds) return `can mould ${monthWords(months)}`
  if (filling === "dry") return "stays dry"
  return `${freezes ? "frost" : "dew"} ${months.length > 0 ? monthWords(months) : "in the worst hours"}`
}

/** Where the lines meet, how fast water gathers there, and how cold a clear sky makes it. */
function Meeting({ look, night }: { look: DampAssessment; night: ClearNight | null }) {
  const { length, write } = useWriting()
  const side = look.wetSide === "outside" ? "outdoor" : "inside"
  return (
    <dl className="grid grid-cols-[1fr_auto] gap-x-4 text-dense">
      <dt className="text-graphite">dew point of the {side} air</dt>
      <dd className="text-right">{look.dewPoint === null ? "none, no water in it" : write("temperature", look.dewPoint)}</dd>
      <dt className="text-graphite">the temperature line passes it</dt>
      <dd className="text-right">
        {look.dewPointDepth === null ? "nowhere in the build-up" : `${length(look.dewPointDepth)} from the outdoor face`}
      </dd>
      <dt className="text-graphite">water gathering by diffusion while it lasts</dt>
      <dd className="text-right">{look.wet ? `${write("arealWater", look.wet.rate * 86_400)} a day` : "none"}</dd>
      {night ? (
        <>
          <dt className="text-graphite">under a clear sky, no wind: outdoor face, inside face</dt>
          <dd className="text-right">
            {write("temperature", night.skin)}, {write("temperature", night.face)}
          </dd>
        </>
      ) : null}
    </dl>
  )
}

function PlaneTable({ look }: { look: DampAssessment }) {
  const { write } = useWriting()
  const figures = useChosenFace()
  const name = (i: number) =>
    i === 0
      ? "outdoor face"
      : i === figures.layers.length
        ? "inside face"
        : `${figures.layers[i - 1]!.material.name} | ${figures.layers[i]!.material.name}`
  return (
    <FigureTable
      caption="Faces of the layers, outside to inside"
      heads={["face", "temperature", "dew point", "humidity"]}
      rows={look.interfaces.map((plane, i) => {
        const humidity = plane.vapourPressure! / plane.saturationPressure
        // Where it is wet the air is full: its dew point is its own temperature.
        const dew = humidity > 1 ? plane.temperature : dewPoint(plane.vapourPressure!)
        const damp = humidity > 1 ? "wet" : `${Math.round(humidity * 100)} %`
        const cells = [name(i), write("temperature", plane.temperature), dew === null ? "–" : write("temperature", dew), damp]
        return { key: i, cells, look: humidity > 1 ? "font-semibold text-fen" : "" }
      })}
    />
  )
}
