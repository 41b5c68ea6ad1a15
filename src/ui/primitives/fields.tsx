"use client"
import { type ReactNode, useId, useState } from "react"
import { type Kind, parseQuantity } from "../../core/quantity/measure"
import { attempt, type Fault } from "../../schema/outcome"
import { useWriting, type Writing } from "../writing/writing"

interface Labelling {
  id: string
  label: string
  error?: string | null
  /** Leaves the label to what it stands beside: a screen reader still hears it. */
  bare?: boolean | undefined
  children: ReactNode
}

/** A label over a control, and beside it what is wrong with what was typed. */
function Labelled({ id, label, error, bare, children }: Labelling) {
  return (
    <div className="relative min-w-0">
      <label htmlFor={id} className={bare ? "sr-only" : "block text-dense text-graphite"}>
        {label}
      </label>
      {children}
      {error ? (
        <p
          id={`${id}-error`}
          role="alert"
          className={
            bare
              ? "absolute top-full left-0 z-10 w-56 rounded-soft border border-clay bg-sheet px-2 py-1 text-dense text-clay"
              : "mt-0.5 text-dense text-clay"
          }
        >
          {error}
        </p>
      ) : null}
    </div>
  )
}

const BOX = "h-8 w-full rounded-soft border bg-sheet px-2 outline-offset-0"
/** A figure on a dimension line: a field all the same. */
const LINE = "h-[19px] w-full rounded-[3px] border bg-felt px-0 text-center text-[12px] leading-none outline-offset-0 hover:border-graphite"

interface Typed {
  label: string
  /** Does the edit; a fault is shown and the text is kept. */
  onCommit: (text: string) => Fault | null
  /** The stored value as it is shown. */
  shown: string
  unit?: string
  placeholder?: string | undefined
  autoFocus?: boolean
  bare?: boolean | undefined
}

/** A field that takes text when it is left or Enter is pressed; Escape brings the stored value back. */
export function TypedField({ label, shown, unit = "", onCommit, placeholder, autoFocus, bare }: Typed) {
  const id = useId()
  const [text, setText] = useState<string | null>(null)
  const [error, setError] = useState<string | null>(null)
  const commit = () => {
    if (text === null) return
    const fault = text.trim() === shown.trim() ? null : onCommit(text)
    setError(fault?.message ?? null)
    // A wrong entry stays as it was typed, so that it can be mended.
    if (!fault) setText(null)
  }
  return (
    <Labelled id={id} label={label} error={error} bare={bare}>
      <div className="relative">
        <input
          id={id}
          value={text ?? shown}
          placeholder={placeholder}
          autoFocus={autoFocus}
          autoComplete="off"
          spellCheck={false}
          aria-invalid={error !== null}
          aria-describedby={error ? `${id}-error` : undefined}
          className={`${bare ? LINE : BOX} ${error ? "border-clay" : bare ? "border-transparent" : "border-seam"}`}
          onFocus={(event) => event.target.select()}
          onChange={(event) => setText(event.target.value)}
          onBlur={commit}
          onKeyDown={(event) => {
            if (event.key === "Enter") commit()
            if (event.key === "Escape" && text !== null) {
              event.stopPropagation()
              setText(null)
              setError(null)
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

interface Read<T> extends Omit<Typed, "onCommit"> {
  /** @throws InputError */
  read: (text: string) => T
  onCommit: (value: T) => Fault | null
  /** Without it an empty field is read like any other text. */
  onEmpty?: (() => Fault | null) | undefined
}

/** A field whose text is read as something; what cannot be read is said beside it. */
export function ReadField<T>({ read, onCommit, onEmpty, ...field }: Read<T>) {
  const commit = (text: string) => {
    if (text.trim() === "" && onEmpty) return onEmpty()
    const value = attempt(() => read(text))
    return value.ok ? onCommit(value.value) : value.error
  }
  return <TypedField {...field} onCommit={commit} />
}

interface Quantity extends Pick<Typed, "label" | "placeholder" | "autoFocus" | "bare"> {
  kind: Kind
  value: number | null
}

/** With `empty` a field that is left empty means that there is none. */
type QuantityProps = Quantity &
  ({ empty: null; onCommit: (value: number | null) => Fault | null } | { empty?: never; onCommit: (value: number) => Fault | null })

/** A figure with its unit, written as people write it. */
export function QuantityField({ kind, value, empty, onCommit, ...field }: QuantityProps) {
  const writing = useWriting()
  const printed = { ...writing.printed(kind, value ?? 0), ...(value === null && { text: "" }) }
  return (
    <ReadField
      {...field}
      shown={printed.text}
      unit={printed.unit}
      read={(text) => parseQuantity(kind, text, writing.units)}
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
  onChange: (value: T) => void
}

/** Choices from their names, in the order in which they are written down. */
export const choicesOf = <T extends string>(names: Readonly<Record<T, string>>): { value: T; name: string }[] =>
  (Object.keys(names) as T[]).map((value) => ({ value, name: names[value] }))

export function SelectField<T extends string>({ label, value, options, onChange }: Choice<T>) {
  const id = useId()
  return (
    <Labelled id={id} label={label}>
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
