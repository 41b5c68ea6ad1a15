"use client"
import { useState } from "react"
import { type Judgement, judgements } from "../../../core/moisture/build-rules"
import { useJob } from "../../job/job-store"
import { useLedger } from "../../job/use-ledger"
import { Button } from "../../primitives/button"
import { useChosenFace } from "../use-figures"
import { useWriting } from "../../writing/writing"

/** What the rules of building say of the chosen face, what asks for a change first; each with its reason, its figures and its source. */
export function Rules() {
  const { brief } = useJob()
  const surface = useChosenFace()
  const { water, sweats } = useLedger().moisture[surface.id]!
  const [all, setAll] = useState(false)
  const found = judgements({ kind: brief.kind, surface, water, sweats })
  const warned = found.filter(({ warns }) => warns)
  const told = all ? found : warned
  return (
    <section aria-label="What the rules say" className="grid gap-2 border-t border-seam pt-3" data-testid="rules">
      <div className="flex items-start justify-between gap-4">
        <h2 className="font-display text-[15px] font-semibold">What the rules of building say</h2>
        {found.length > warned.length ? (
          <Button look="link" onClick={() => setAll(!all)}>
            {all ? "only what asks for a change" : `all ${found.length}`}
          </Button>
        ) : null}
      </div>
      {told.length === 0 ? <p>None of them asks for a change.</p> : null}
      <ul className="grid gap-2">
        {told.map((judgement) => (
          <li key={judgement.rule + judgement.title} className={`border-l-[3px] pl-3 ${judgement.warns ? "border-ochre" : "border-seam"}`}>
            <Words judgement={judgement} />
          </li>
        ))}
      </ul>
    </section>
  )
}

function Words({ judgement: { title, reason, figures, source } }: { judgement: Judgement }) {
  const { write } = useWriting()
  return (
    <>
      <p className="font-semibold">{title}</p>
      <p>{reason}</p>
      <p className="text-dense text-graphite">
        {figures.map(({ name, kind, value }) => `${name}: ${write(kind, value)}`).join(" · ")}
        {figures.length > 0 ? " · " : ""}
        {source}
      </p>
    </>
  )
}
