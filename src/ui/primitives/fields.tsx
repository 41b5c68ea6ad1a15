"use client"
import { createContext, type ReactNode, useContext, useEffect, useId, useState } from "react"
import type { Kind } from "../../core/quantity/measure"
import { attempt, type Fault } from "../../schema/outcome"
import { useWriting, type Writing } from "../writing/writing"

/** Told by each field whether what stands in it cannot be taken as it is: for forms that wait until all can. */
const Trouble = createContext<(field: string, troubled: boolean) => void>(() => {})

/** Whether a field under the provider is in error, or asks. */
export function useTroubles(): { troubled: boolean; Fields: typeof Trouble.Provider; tell: (field: string, troubled: boolean) => void } {
  const [fields, setFields] = useState<readonly string[]>([])
  const [tell] = useState(() => (field: string, troubled: boolean) => {
    setFields((known) => [...known.filter((one) => one !== field), ...(troubled ? [field] : [])])
  })
  return { troubled: fields.length > 0, Fields: Trouble.Provider, tell }
}

interface Labelling {
  id: string
  label: string
  error: string | null
  /** What can be done about it. */
  more?: ReactNode
  /** How what is being typed is read. */
  reading?: string | null | undefined
  /** Leaves the label to what it stands beside: a screen reader still hears it. */
  bare?: boolean | undefined
  children: ReactNode
}

/** A label over a control, and beside it what is wrong with what was typed. */
function Labelled({ id, label, error, more, reading, bare, children }: Labelling) {
  return (
    <div className={`relative min-w-0 ${bare ? "h-full" : ""}`}>
      <label htmlFor={id} className={bare ? "sr-only" : "block text-dense text-graphite"}>
        {label}
      </label>
      {children}
      <Said
        text={error === null ? (reading ?? null) : null}
        className="pointer-events-none absolute top-full left-0 z-10 rounded-soft border border-seam bg-sheet px-2 py-0.5 text-dense whitespace-nowrap text-graphite shadow"
      />
      <Said
        text={error}
        id={`${id}-error`}
        role="alert"
        className={
          bare
            ? "absolute top-full left-0 z-10 w-56 rounded-soft border border-clay bg-sheet px-2 py-1 text-dense text-clay"
            : "mt-0.5 text-dense text-clay"
        }
      >
        {more}
      </Said>
    </div>
  )
}

interface SaidProps {
  text: string | null
  className: string
  id?: string
  role?: "alert"
  children?: ReactNode
}

/**
 * What is said at a field while there is something to say. It is hidden rather than taken away: what goes while the focus is on its way
 * from one field to the next makes a dialog take the focus to itself.
 */
function Said({ text, children, ...rest }: SaidProps) {
  const [last, setLast] = useState(text)
  if (text !== null && text !== last) setLast(text)
  return (
    <div hidden={text === null} {...rest}>
      {last}
      {children}
    </div>
  )
}

const BOX = "h-8 w-full rounded-soft border bg-sheet px-2 outline-offset-0"
/** A figure on a dimension line: a field all the same. On an upright one it is written upward, until one types into it. */
const WRITTEN = "rounded-[3px] border bg-felt px-0 text-center text-[12px] leading-none outline-offset-0 hover:border-graphite"
const LINE = {
  level: `h-[19px] w-full pointer-coarse:h-6 ${WRITTEN}`,
  upright: `h-full w-[19px] rotate-180 [writing-mode:vertical-rl] pointer-coarse:w-6 focus:absolute focus:top-1/2 focus:z-10 focus:h-6 focus:w-28 focus:-translate-y-1/2 focus:rotate-0 focus:[writing-mode:horizontal-tb] ${WRITTEN}`,
}

interface Typed {
  label: string
  /** Does the edit; a fault is shown and the text is kept. */
  onCommit: (text: string) => Fault | null
  /** How a text is read, for whoever is typing it; null where it cannot be read yet. */
  reads?: ((text: string) => string | null) | undefined
  /** What must be asked before a text is taken; null where nothing is odd about it. */
  doubt?: ((text: string) => string | null) | undefined
  /** The stored value as it is shown. */
  shown: string
  unit?: string
  placeholder?: string | undefined
  autoFocus?: boolean
  bare?: "level" | "upright" | undefined
}

/** A field that takes text when it is left or Enter is pressed; Escape brings the stored value back. */
export function TypedField({ label, shown, unit = "", onCommit, reads, doubt, placeholder, autoFocus, bare }: Typed) {
  const id = useId()
  const [text, setText] = useState<string | null>(null)
  const [error, setError] = useState<string | null>(null)
  /** What was asked, and of which text; a second Enter on it is the answer yes. */
  const [asked, setAsked] = useState<{ of: string; question: string } | null>(null)
  const commit = (sure = false) => {
    if (text === null) return
    const same = text.trim() === shown.trim()
    const question = same || sure ? null : (doubt?.(text) ?? null)
    setAsked(question === null ? null : { of: text, question })
    if (question !== null) return setError(null)
    const fault = same ? null : onCommit(text)
    setError(fault?.message ?? null)
    // A wrong entry stays as it was typed, so that it can be mended.
    if (!fault) setText(null)
  }
  const tell = useContext(Trouble)
  const troubled = error !== null || asked !== null
  useEffect(() => {
    tell(id, troubled)
    return () => tell(id, false)
  }, [tell, id, troubled])
  const take = doubt ? (
    <button type="button" hidden={!asked} className="ml-1 font-semibold underline underline-offset-2" onClick={() => commit(true)}>
      Take it
    </button>
  ) : null
  const read = text === null ? null : (reads?.(text) ?? null)
  return (
    <Labelled
      id={id}
      label={label}
      error={asked?.question ?? error}
      more={take}
      reading={read && `reads ${read}`}
      bare={bare !== undefined}
    >
      <div className={bare === "upright" ? "relative h-full" : "relative"}>
        <input
          id={id}
          value={text ?? shown}
          placeholder={placeholder}
          autoFocus={autoFocus}
          autoComplete="off"
          spellCheck={false}
          aria-invalid={troubled}
          data-typing={text === null ? undefined : ""}
          data-untouched={text === null ? (reads ? "figure" : "text") : undefined}
          aria-describedby={troubled ? `${id}-error` : undefined}
          className={`${bare ? LINE[bare] : BOX} ${troubled ? "border-clay" : bare ? "border-transparent" : "border-seam"}`}
          onFocus={(event) => event.target.select()}
          onChange={(event) => setText(event.target.value)}
          onBlur={() => commit()}
          onKeyDown={(event) => {
            if (event.key === "Enter") commit(asked?.of === text)
            if (event.key === "Escape" && text !== null) {
              event.stopPropagation()
              setText(null)
              setError(null)
              setAsked(null)
            }
          }}
        />
        {unit && !bare ? (
          <span
            aria-hidden
            className="pointer-events-none absolute inset-y-px right-px flex items-center rounded-soft bg-sheet px-1.5 text-dense text-graphite"
          >
            {unit}
          </span>
        ) : null}
      </div>
    </Labelled>
  )
}

interface Read<T> extends Omit<Typed, "onCommit" | "reads" | "doubt"> {
  /** @throws InputError */
  read: (text: string) => T
  onCommit: (value: T) => Fault | null
  /** Without it an empty field is read like any other text. */
  onEmpty?: (() => Fault | null) | undefined
  /** A value as it is written: shown while one types. */
  write?: (value: T) => string
  doubt?: ((value: T) => string | null) | undefined
}

/** A field whose text is read as something; what cannot be read is said beside it. */
export function ReadField<T>({ read, onCommit, onEmpty, write, doubt, ...field }: Read<T>) {
  const commit = (text: string) => {
    if (text.trim() === "" && onEmpty) return onEmpty()
    const value = attempt(() => read(text))
    return value.ok ? onCommit(value.value) : value.error
  }
  const of = (say?: (value: T) => string | null) => {
    if (!say) return undefined
    return (text: string) => {
      const value = attempt(() => read(text))
      return value.ok ? say(value.value) : null
    }
  }
  return <TypedField {...field} onCommit={commit} reads={of(write)} doubt={of(doubt)} />
}

interface Quantity extends Pick<Typed, "label" | "placeholder" | "autoFocus" | "bare"> {
  kind: Kind
  value: number | null
  /** What must be asked before a figure is taken; null where nothing is odd about it. */
  doubt?: ((value: number) => string | null) | undefined
}

/** With `empty` a field that is left empty means that there is none. */
type QuantityProps = Quantity &
  ({ empty: null; onCommit: (value: number | null) => Fault | null } | { empty?: never; onCommit: (value: number) => Fault | null })

/** A figure with its unit, written as people write it. */
export function QuantityField({ kind, value, empty, onCommit, ...field }: QuantityProps) {
  const writing = useWriting()
  const { text: figure, before, unit } = writing.printed(kind, value ?? 0)
  return (
    <ReadField
      {...field}
      shown={value === null ? "" : figure}
      unit={before + unit}
      read={(text) => writing.read(kind, text)}
      write={(typed) => writing.write(kind, typed)}
      onEmpty={empty === null ? () => onCommit(null) : undefined}
      onCommit={(value) => inUnits(onCommit(value), value, kind, writing.write)}
    />
  )
}

/** A fault about the figure that was typed, told in the units in which it was typed. */
function inUnits(fault: Fault | null, typed: number, kind: Kind, write: Writing["write"]): Fault | null {
  if (fault?.range?.given !== typed) return fault
  const { edge, limit } = fault.range
  const words = write(kind, limit)
  // The least lengths are less than what is written of one.
  const least = limit !== 0 && words === write(kind, 0)
  return { ...fault, message: `It must be ${least ? "more than nothing" : `${edge} ${words}`}.` }
}

interface Choice<T extends string> {
  label: string
  value: T
  options: readonly { value: T; name: string }[]
  /** Stands in a table whose head labels it. */
  bare?: boolean
  onChange: (value: T) => void
}

/** Choices from their names, in the order in which they are written down. */
export const choicesOf = <T extends string>(names: Readonly<Record<T, string>>): { value: T; name: string }[] =>
  (Object.keys(names) as T[]).map((value) => ({ value, name: names[value] }))

export function SelectField<T extends string>({ label, value, options, bare, onChange }: Choice<T>) {
  const id = useId()
  return (
    <Labelled id={id} label={label} error={null} bare={bare}>
      <select id={id} value={value} className={`${BOX} border-seam`} onChange={(event) => onChange(event.target.value as T)}>
        {options.map((option) => (
          <option key={option.value} value={option.value}>
            {option.name}
          </option>
        ))}
      </select>
    </Labelled>
  )
}
