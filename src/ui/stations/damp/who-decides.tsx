"use client"
import { useMemo } from "react"
import { type HumidityClass, humidityClass } from "../../../core/moisture/humidity-class"
import { printNumber } from "../../../core/quantity/number"
import { type DampVerdict, STEP_WORDS, stepWords } from "../../../core/moisture/damp-verdict"
import { task } from "../../../core/results/calculation"
import { YEARS } from "../../../core/results/years-result"
import type { SectionModel } from "../../../core/section/section-model"
import type { Judge } from "../../../core/verdict/face-verdict"
import { useProgress, useWorkedOut } from "../../calculations/calculations"
import { useJob } from "../../job/job-store"
import { useLedger } from "../../job/use-ledger"
import { DampRing } from "../../primitives/damp-ring"
import { Remark } from "../../primitives/remark"
import { useChosenFace } from "../use-figures"
import { useWriting } from "../../writing/writing"

const NAMES: Readonly<Record<Judge, string>> = {
  years: "by the hour, through the years",
  months: "by the months",
  spot: "cold spots and faces",
  rule: "rules of building",
}
const ORDER: readonly Judge[] = ["years", "months", "spot", "rule"]

/** What each way of judging says of the chosen face, which of them decides, and which is set aside and why. */
export function WhoDecides() {
  const { id } = useChosenFace()
  const { said, setAside, decidedBy, awaited } = useLedger().moisture[id]!
  useWorkedOut(
    "chosen face",
    useMemo(() => [{ pending: [], awaited: [], judging: awaited.map((model) => task(YEARS, model)) }], [awaited]),
  )
  return (
    <section aria-label="Who decides" className="grid gap-1.5" data-testid="who-decides">
      {awaited[0] ? <Following model={awaited[0]} /> : null}
      <dl className="grid grid-cols-[auto_1fr] gap-x-3 gap-y-1 text-dense">
        {ORDER.map((judge) => {
          const aside = setAside.find((one) => one.judge === judge)
          return (
            <div key={judge} className="col-span-2 grid grid-cols-subgrid">
              <dt className={judge === decidedBy ? "font-semibold" : "text-graphite"}>{NAMES[judge]}</dt>
              <dd className={aside ? "text-graphite" : judge === decidedBy ? "font-semibold" : ""}>
                <Said verdict={said[judge]} />
                {judge === decidedBy ? ": this decides" : ""}
                {aside ? <span className="block font-normal">Set aside. {aside.why}</span> : null}
              </dd>
            </div>
          )
        })}
      </dl>
      <RestsOn />
    </section>
  )
}

const AS_DAMP_AS: Readonly<Record<HumidityClass, string | null>> = {
  ...{ 1: null, 2: null, 3: null },
  4: "that is high for such weather, as damp as kitchens and sports halls",
  5: "that is very high for such weather, as damp as laundries and pools",
}

/** What the verdict rests on: the air inside and where its humidity is from, and the leaks. */
function RestsOn() {
  const { write } = useWriting()
  const { brief } = useJob()
  const { id } = useChosenFace()
  const ledger = useLedger()
  const { winter } = ledger.conditions
  const { water, people } = brief.inside
  const sources = water && [people, water.cooking, water.clothes, water.animals, water.goods, water.burners]
  const high = brief.kind === "cold-room" ? null : humidityClass(ledger.moisture[id]!.water.months)
  return (
    <div className="grid gap-1 text-dense text-graphite" data-testid="rests-on">
      <p>
        It rests on air inside of {write("temperature", winter.inside.temperature)} and {write("percent", winter.inside.relativeHumidity)}{" "}
        in winter, {water ? "as follows from what gives off water and the air that comes in" : "as typed in the brief"}
        {high && AS_DAMP_AS[high] ? ` (${AS_DAMP_AS[high]})` : ""}, and on {printNumber(ledger.leaks.ach50, 1)} air changes an hour at 50
        Pa.
      </p>
      {sources && sources.every((one) => one === 0) ? (
        <Remark kind="damp" title="Nothing gives off water here">
          The humidity inside is to follow from what gives off water, and nothing is typed that does: no people, cooking, animals, goods or
          flames. The air inside then is as damp as the outdoors, which dries almost any face. Is that so? Type what gives off water in the
          brief, or the humidity itself.
        </Remark>
      ) : null}
    </div>
  )
}

function Said({ verdict }: { verdict: DampVerdict | null }) {
  if (!verdict) return <>not followed yet</>
  const unjudged = verdict.filling === "unjudged"
  return (
    <span className="inline-flex items-center gap-1.5 align-top">
      <DampRing verdict={verdict} size={12} />
      <span>{unjudged ? `${STEP_WORDS.unjudged}. ${verdict.sentence}` : stepWords(verdict)}</span>
    </span>
  )
}

function Following({ model }: { model: SectionModel }) {
  const done = useProgress(YEARS, model)
  return (
    <p role="status" className="text-graphite">
      By the months so far. It is being followed by the hour{done > 0 ? `, in year ${Math.floor(done) + 1}` : ""}, as it may turn out: twice
      the leaks that are said, air inside a twentieth damper, a year that is worse than nine of ten.
    </p>
  )
}
