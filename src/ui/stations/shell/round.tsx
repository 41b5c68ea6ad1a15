"use client"
import { emblemOf } from "../../../core/enclosure/emblem"
import { type FormEvent, useId, useState } from "react"
import { attempt } from "../../../schema/outcome"
import { tapeWouldSay } from "../../../core/enclosure/tape-readings"
import { activeState } from "../../../core/enclosure/job-state"
import { parseLength } from "../../../core/quantity/length"
import type { Edit } from "../../../edit/edit"
import { replacePart, takeReadings } from "../../../edit/shell-edits"
import type { Form } from "../../../schema/job/form"
import type { Reading } from "../../../schema/job/shell"
import { DIMENSIONS, HELD, TAPE_HINTS } from "../../dimensions"
import { useJob, useJobStore } from "../../job/job-store"
import { useLedger } from "../../job/use-ledger"
import { SmallPelt } from "../../pelt/small-pelt"
import { Dialog } from "../../primitives/dialog"
import { Button } from "../../primitives/button"
import { choicesOf, SelectField } from "../../primitives/fields"
import { sizeDoubt } from "../../fields/size-doubt"
import { useWriting } from "../../writing/writing"
import { Refusal } from "../../primitives/refusal"

/** What one question of the round is about. */
type Step =
  | { kind: "length"; label: string; hint: string; dimension: Reading["dimension"] }
  | { kind: "level"; label: string; hint: string; corner: (typeof CORNERS)[number] }

/** Corners of the floor that are held against the zero, as one walks round them. */
const CORNERS = [
  { id: "front-left", name: "Front left corner", front: true, right: false },
  { id: "front-right", name: "Front right corner", front: true, right: true },
  { id: "back-right", name: "Back right corner", front: false, right: true },
] as const

const stepsOf = (kind: Form["kind"]): Step[] => [
  ...DIMENSIONS[kind].map(({ dimension, label }): Step => ({ kind: "length", label, dimension, hint: TAPE_HINTS[dimension] })),
  ...CORNERS.map((corner): Step => {
    const hint = "How far the floor stands above its zero there, with a level laid across; negative if it lies lower."
    return { kind: "level", label: `${corner.name} of the floor`, corner, hint }
  }),
]

interface Props {
  /** How the tape is held at first. */
  start: Reading["held"]
  onDone: () => void
}

/** The measuring round in its dialog. */
export function Round({ start, onDone }: Props) {
  return (
    <Dialog
      open
      onClose={onDone}
      title="Measuring round"
      words="The floor is zero at the back left corner. Enter goes on; each length is kept at once."
    >
      <Questions start={start} onDone={onDone} />
    </Dialog>
  )
}

/** The questions of the round, one at a time. */
function Questions({ start, onDone }: Props) {
  const { surfaces } = useLedger()
  const { shell } = useJob()
  const { step, at, last, stands, waiting, held, setHeld, take, go } = useRound(stepsOf(shell.form.kind), start, onDone)
  const [text, setText] = useState("")
  const [error, setError] = useState<string | null>(null)
  /** The text that was asked about: sent once more it is taken. */
  const [asked, setAsked] = useState<string | null>(null)
  const move = (to: number) => {
    setText("")
    setError(null)
    go(to)
  }
  const answer = (event: FormEvent) => {
    event.preventDefault()
    const fault = text.trim() === "" ? null : take(text, asked === text)
    setAsked(text)
    if (fault) setError(fault)
    else move(at + 1)
  }
  return (
    <form onSubmit={answer} className="grid gap-4">
      <div className="flex items-end justify-between gap-4">
        <p className="text-dense text-graphite">
          {at + 1} of {last + 1}
        </p>
        {step.kind === "length" ? (
          <div className="w-60">
            <SelectField label="Measured" value={held} options={choicesOf(HELD)} onChange={setHeld} />
          </div>
        ) : null}
      </div>
      <Question label={step.label} hint={step.hint} text={text} stands={stands} error={error} onText={setText} />
      {waiting ? (
        <p className="border-l-[3px] border-ochre pl-3">What was measured does not fit together yet; go on, it is kept until it does.</p>
      ) : null}
      <div className="flex items-center gap-3">
        <div className="short:hidden">
          <SmallPelt emblem={emblemOf(surfaces)} width={150} height={130} />
        </div>
        <span className="grow" />
        <Button className="h-11 px-4" disabled={at === 0} onClick={() => move(at - 1)}>
          Back
        </Button>
        <Button className="h-11 px-4" onClick={() => move(at + 1)}>
          Skip
        </Button>
        <Button look="strong" type="submit" className="h-11 px-5">
          {at === last ? "Done" : "Next"}
        </Button>
      </div>
    </form>
  )
}

/** The round's course: where it is, what is measured but contradicts what is still to be measured, and what an answer does. */
function useRound(steps: readonly Step[], start: Reading["held"], onDone: () => void) {
  const job = useJob()
  const store = useJobStore()
  const [at, setAt] = useState(0)
  const [held, setHeld] = useState(start)
  const [waiting, setWaiting] = useState<readonly Reading[]>([])
  const step = steps[at]!
  const { length: write } = useWriting()
  const lastLength = steps.filter(({ kind }) => kind === "length").length - 1
  /** @returns what is wrong with the answer, in words */
  const take = (text: string, sure: boolean): string | null => {
    const length = attempt(() => parseLength(text, job.units))
    if (!length.ok) return length.error.message
    if (step.kind === "level") return store.edit(levelAt(step.corner, length.value, job.shell.form))?.message ?? null
    const doubt = sure ? null : sizeDoubt(job.brief.kind, step.dimension, write)(length.value)
    if (doubt !== null) return `${doubt} Press Next again to take it.`
    const measured = [
      ...waiting.filter(({ dimension }) => dimension !== step.dimension),
      { dimension: step.dimension, held, value: length.value },
    ]
    const fault = store.edit(takeReadings(measured))
    if (fault && (fault.code !== "contradiction" || at === lastLength)) return fault.message
    setWaiting(fault ? measured : [])
    return null
  }
  return {
    step,
    at,
    last: steps.length - 1,
    stands: standing(step, waiting, job, held),
    waiting: waiting.length > 0,
    held,
    setHeld,
    take,
    go: (to: number) => (to >= steps.length ? onDone() : setAt(Math.max(0, to))),
  }
}

/** What a step's length is now, m. */
function standing(step: Step, waiting: readonly Reading[], job: ReturnType<typeof useJob>, held: Reading["held"]): number {
  if (step.kind === "level") return job.shell.levels[step.corner.id]?.rise ?? 0
  const kept = waiting.find(({ dimension }) => dimension === step.dimension)
  return kept?.value ?? tapeWouldSay(activeState(job), { dimension: step.dimension, held })
}

const levelAt = ({ id, name, front, right }: (typeof CORNERS)[number], rise: number, { length, width }: Form): Edit =>
  replacePart("levels", id, { name, x: front ? length : 0, y: right ? width : 0, rise })

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
  const { units, length: write } = useWriting()
  const id = useId()
  const read = attempt(() => parseLength(text, units))
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
        placeholder={write(stands)}
        aria-invalid={error !== null}
        className={`mt-2 h-14 w-full rounded-soft border bg-felt px-4 text-[22px] ${error ? "border-clay" : "border-seam"}`}
        onChange={(event) => onText(event.target.value)}
      />
      {read.ok && error === null ? <output className="block pt-1 text-graphite">reads {write(read.value)}</output> : null}
      <Refusal>{error}</Refusal>
    </div>
  )
}
