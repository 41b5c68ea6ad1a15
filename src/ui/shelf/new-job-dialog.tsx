"use client"
import { inSentence } from "../../core/in-sentence"
import { emblemOf } from "../../core/enclosure/emblem"
import { activeState } from "../../core/enclosure/job-state"
import { ledgerOf } from "../../core/ledger/ledger"
import { useRouter } from "next/navigation"
import { useState } from "react"
import { CLIMATE_STATIONS } from "../../core/climate/climate-stations"
import { KNOWN } from "../../edit/known"
import type { Dimension } from "../../schema/job/form"
import { SCHOOLS } from "../../edit/start/schools"
import { roundedSize } from "../../edit/start/rounded-size"
import { type Answers, KITS, startJob } from "../../edit/start/start-job"
import type { JobKind } from "../../schema/job/job"
import { readDocument } from "../../schema/job/read-job"
import type { Fault } from "../../schema/outcome"
import { call } from "../job/api"

import { SmallPelt } from "../pelt/small-pelt"
import { DIMENSIONS } from "../dimensions"
import { Button } from "../primitives/button"
import { Dialog } from "../primitives/dialog"
import { sizeDoubt } from "../fields/size-doubt"
import { QuantityField, SelectField, TypedField, useTroubles } from "../primitives/fields"
import { Refusal } from "../primitives/refusal"
import { useWriting } from "../writing/writing"

interface Props {
  kind: JobKind
  taken: readonly string[]
  onClose: () => void
}

/** Six questions at most, each with an answer that will do; the figures below move with them. */
export function NewJobDialog({ kind, taken, onClose }: Props) {
  const { length, units, write } = useWriting()
  const kit = KITS[kind]
  const schools = SCHOOLS[kind]
  const router = useRouter()
  const [error, setError] = useState<string | null>(null)
  const { troubled, Fields, tell } = useTroubles()
  const [answers, setAnswers] = useState<Answers>(() => ({
    kind,
    name: freeName(kit.label, taken),
    units,
    form: roundedSize(kit.form, units),
    station: kit.station,
    school: schools[0]!.id,
  }))
  const job = startJob(answers)
  const ledger = ledgerOf(activeState(job))
  // An answer is held against the schema at once, so that what is wrong is said beside its field.
  const answer = (change: Partial<Answers>): Fault | null => {
    const next = { ...answers, ...change }
    const read = readDocument(startJob(next), KNOWN)
    if (!read.ok) return read.error
    setAnswers(next)
    return null
  }
  const start = async () => {
    const made = await call<{ id: string }>("POST", "/api/jobs", job)
    if (made.ok) router.push(`/jobs/${made.value.id}/build-ups`)
    else setError(made.error.message)
  }
  return (
    <Dialog
      open
      onClose={onClose}
      title={`A new ${inSentence(kit.label)}`}
      words="Measure skin to skin; everything can be changed afterwards."
    >
      <Fields value={tell}>
        <div className="grid gap-3">
          <TypedField autoFocus label="Name" shown={answers.name} onCommit={(name) => answer({ name: name.trim() })} />
          <div className={`grid gap-x-4 gap-y-2 ${answers.form.kind === "box" ? "grid-cols-3" : "grid-cols-2"}`}>
            {DIMENSIONS[answers.form.kind].map(({ dimension, label }) => (
              <QuantityField
                key={dimension}
                label={label}
                kind="length"
                doubt={sizeDoubt(kind, dimension, length)}
                value={(answers.form as Partial<Record<Dimension, number>>)[dimension]!}
                onCommit={(value) => answer({ form: { ...answers.form, [dimension]: value } })}
              />
            ))}
          </div>
          <SelectField
            label="Where it stands, or spends its winter (all invented)"
            value={answers.station}
            options={Object.entries(CLIMATE_STATIONS).map(([value, { name, words }]) => ({ value, name: `${name}, ${words}` }))}
            onChange={(station) => answer({ station })}
          />
          <SelectField
            label="How to begin"
            value={answers.school}
            options={schools.map(({ id, name }) => ({ value: id, name }))}
            onChange={(school) => answer({ school })}
          />
          <p className="text-graphite">{schools.find(({ id }) => id === answers.school)?.fits}</p>
          <div className="sticky -bottom-6 -mb-6 flex items-center gap-4 border-t border-seam bg-sheet pt-3 pb-3">
            <SmallPelt emblem={emblemOf(ledger.surfaces)} width={110} height={92} />
            <p className="grow">
              {kind === "cold-room" ? (
                <>
                  <strong>{write("power", ledger.gain.total)}</strong> gained at the hottest hour,
                </>
              ) : (
                <>
                  <strong>{write("power", ledger.loss.total)}</strong> lost on the worst night,
                </>
              )}{" "}
              {length(ledger.clear.standing)} high inside.
            </p>
            <Button look="strong" disabled={troubled} onClick={() => void start()}>
              Start the job
            </Button>
          </div>
          <Refusal>{error}</Refusal>
        </div>
      </Fields>
    </Dialog>
  )
}

function freeName(label: string, taken: readonly string[]): string {
  if (!taken.includes(label)) return label
  let number = 2
  while (taken.includes(`${label} ${number}`)) number++
  return `${label} ${number}`
}
