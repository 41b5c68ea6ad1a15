"use client"
import { useMemo } from "react"
import { type DampVerdict, STEP_WORDS, stepWords } from "../../../core/moisture/damp-verdict"
import { task } from "../../../core/results/calculation"
import { YEARS } from "../../../core/results/years-result"
import type { SectionModel } from "../../../core/section/section-model"
import type { Judge } from "../../../core/verdict/face-verdict"
import { useProgress, useWorkedOut } from "../../calculations/calculations"
import { useLedger } from "../../job/use-ledger"
import { DampRing } from "../../primitives/damp-ring"
import { useChosenFace } from "../use-figures"

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
    </section>
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
