"use client"
import { useState } from "react"
import { checkReadings, type ReadingCheck, tapeWouldSay } from "../../../core/enclosure/tape-readings"
import { activeState } from "../../../core/enclosure/job-state"
import { removePart, setForm, takeReadings } from "../../../edit/shell-edits"
import type { Reading } from "../../../schema/job/shell"
import { DIMENSIONS, FORM_NAMES, HELD } from "../../dimensions"
import { useJob, useJobStore } from "../../job/job-store"
import { Button } from "../../primitives/button"
import { sizeDoubt } from "../../fields/size-doubt"
import { choicesOf, QuantityField, SelectField } from "../../primitives/fields"
import { MeasuringRound } from "./measuring-round"
import { useWriting } from "../../writing/writing"

/** The form and its lengths, from whichever end the tape was held. */
export function Measures() {
  const job = useJob()
  const store = useJobStore()
  const { length } = useWriting()
  const [held, setHeld] = useState<Reading["held"]>("outside")
  const { form } = job.shell
  const state = activeState(job)
  return (
    <div className="station gap-3">
      <div className="grid grid-cols-3 items-end gap-x-4 gap-y-2">
        <SelectField
          label="Form"
          value={form.kind}
          options={choicesOf(FORM_NAMES)}
          onChange={(kind) => {
            store.edit(setForm(kind))
            store.choose({ face: "left", layer: null, part: null })
          }}
        />
        <SelectField label="Measured" value={held} options={choicesOf(HELD)} onChange={setHeld} />
        <MeasuringRound key={form.kind} held={held} />
      </div>
      <div className="grid grid-cols-3 gap-x-4 gap-y-2">
        {DIMENSIONS[form.kind].map(({ dimension, label }) => (
          <QuantityField
            key={`${dimension} ${held}`}
            label={label}
            kind="length"
            doubt={sizeDoubt(job.brief.kind, dimension, length)}
            value={tapeWouldSay(state, { dimension, held })}
            onCommit={(value) => store.edit(takeReadings([{ dimension, held, value }]))}
          />
        ))}
      </div>
      <Readings checks={checkReadings(state)} />
    </div>
  )
}

/** What the tape said where it does not agree with the shell; nothing is put right unasked. */
function Readings({ checks }: { checks: readonly ReadingCheck[] }) {
  const { length } = useWriting()
  const { shell } = useJob()
  const store = useJobStore()
  const apart = checks.filter(({ difference }) => difference !== 0)
  const agree = checks.length - apart.length
  const label = ({ dimension }: Reading) => DIMENSIONS[shell.form.kind].find((one) => one.dimension === dimension)!.label
  return (
    <section aria-label="Readings of the tape" className="grid gap-2">
      {apart.map(({ id, reading, shell: says, difference }) => (
        <div key={id} className="flex flex-wrap items-baseline gap-x-3 border-l-[3px] border-ochre pl-3" data-reading={id}>
          <p className="grow">
            <span className="font-semibold">{label(reading)}</span>, {HELD[reading.held]}: the tape said {length(reading.value)}, the shell
            gives {length(says)}: {length(Math.abs(difference))} {difference > 0 ? "more" : "less"}.
          </p>
          <Button look="link" onClick={() => store.edit(takeReadings([reading]))}>
            Take what the tape said
          </Button>
          <Button look="link" onClick={() => store.edit(removePart("readings", id))}>
            Forget it
          </Button>
        </div>
      ))}
      {agree > 0 ? (
        <p className="text-graphite">
          {agree === 1 ? "One reading of the tape is kept and agrees" : `${agree} readings of the tape are kept and agree`} with the shell.
        </p>
      ) : null}
    </section>
  )
}
