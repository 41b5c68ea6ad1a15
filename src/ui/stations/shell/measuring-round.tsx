"use client"
import { type FormEvent, useId, useState } from "react"
import { attempt } from "../../../core/errors"
import { printLength } from "../../../core/quantity/length"
import { parseQuantity } from "../../../core/quantity/measure"
import { setMeasures } from "../../../edit/shell-edits"
import type { Dimension } from "../../../schema/job/form"
import { DIMENSIONS, TAPE_HINTS } from "../../dimensions"
import { useJob, useJobStore, useLedger } from "../../job/job-store"
import { SmallPelt } from "../../pelt/small-pelt"
import { Button } from "../../primitives/button"
import { Dialog } from "../../primitives/dialog"

/** Asks for one length after the other, in the order in which one walks through the thing, and draws the pelt as it grows. */
export function MeasuringRound() {
  const [open, setOpen] = useState(false)
  return (
    <div>
      <Button onClick={() => setOpen(true)}>Measuring round</Button>
      <Dialog
        open={open}
        onClose={() => setOpen(false)}
        title="Measuring round"
        words="The floor is zero. Enter goes on; each length is kept at once."
      >
        <Round onDone={() => setOpen(false)} />
      </Dialog>
    </div>
  )
}

function Round({ onDone }: { onDone: () => void }) {
  const { shell, units } = useJob()
  const { faces } = useLedger()
  const store = useJobStore()
  const steps = DIMENSIONS[shell.form.kind]
  const [at, setAt] = useState(0)
  const [text, setText] = useState("")
  const [error, setError] = useState<string | null>(null)
  /** Measured, but in contradiction with what is still to be measured. */
  const [waiting, setWaiting] = useState<Partial<Record<Dimension, number>>>({})
  const step = steps[at]!
  const go = (to: number) => {
    setText("")
    setError(null)
    if (to >= steps.length) onDone()
    else setAt(Math.max(0, to))
  }
  const take = (event: FormEvent) => {
    event.preventDefault()
    if (text.trim() === "") return go(at + 1)
    const length = attempt(() => parseQuantity("length", text, units))
    if (!length.ok) return setError(length.error.message)
    const measured = { ...waiting, [step.dimension]: length.value }
    const fault = store.edit(setMeasures(measured))
    if (fault && (fault.code !== "contradiction" || at === steps.length - 1)) return setError(fault.message)
    setWaiting(fault ? measured : {})
    go(at + 1)
  }
  return (
    <form onSubmit={take} className="grid gap-4">
      <p className="text-dense text-graphite">
        {at + 1} of {steps.length}
      </p>
      <Question
        label={step.label}
        hint={TAPE_HINTS[step.dimension]}
        text={text}
        stands={waiting[step.dimension] ?? (shell.form as Partial<Record<Dimension, number>>)[step.dimension]!}
        error={error}
        onText={setText}
      />
      {Object.keys(waiting).length > 0 ? (
        <p className="border-l-[3px] border-ochre pl-3">What was measured does not fit together yet; go on, it is kept until it does.</p>
      ) : null}
      <div className="flex items-center gap-3">
        <SmallPelt faces={faces} width={150} height={130} />
        <span className="grow" />
        <Button className="h-11 px-4" disabled={at === 0} onClick={() => go(at - 1)}>
          Back
        </Button>
        <Button className="h-11 px-4" onClick={() => go(at + 1)}>
          Skip
        </Button>
        <Button look="strong" type="submit" className="h-11 px-5">
          {at === steps.length - 1 ? "Done" : "Next"}
        </Button>
      </div>
    </form>
  )
}

interface QuestionProps {
  label: string
  hint: string
  text: string
  /** What the shell has now, m. */
  stands: number
  error: string | null
  onText: (text: string) => void
}

function Question({ label, hint, text, stands, error, onText }: QuestionProps) {
  const { units } = useJob()
  const id = useId()
  const now = printLength(stands, units)
  return (
    <div>
      <label htmlFor={id} className="font-display text-[20px] font-bold">
        {label}
      </label>
      <p className="text-graphite">{hint}</p>
      <input
        key={label}
        id={id}
        autoFocus
        autoComplete="off"
        value={text}
        placeholder={`${now.text} ${now.unit}`.trim()}
        aria-invalid={error !== null}
        className={`mt-2 h-14 w-full rounded-soft border bg-felt px-4 text-[22px] ${error ? "border-clay" : "border-seam"}`}
        onChange={(event) => onText(event.target.value)}
      />
      {error ? (
        <p role="alert" className="mt-1 text-clay">
          {error}
        </p>
      ) : null}
    </div>
  )
}
