"use client"
import type { Kind } from "../../core/quantity/measure"
import { plainNumber } from "../../core/quantity/number"
import type { Fault } from "../../schema/outcome"
import { choicesOf, QuantityField, ReadField, SelectField, TypedField } from "../primitives/fields"
import { Toggle } from "../primitives/toggle"

/** Keys of a value whose parts are of a type. */
type KeysOf<V, T> = { [K in keyof V]-?: V[K] extends T ? K : never }[keyof V] & string
type Choices<T extends string> = Readonly<Record<T, string>> | readonly { value: T; name: string }[]

/** Typed fields for the parts of a value: each is told its part and its label, and its change is of that part alone. */
export function fieldsOf<V extends object>(value: V, change: (part: Partial<V>) => Fault | null) {
  const set = (key: string, to: unknown) => change({ [key]: to } as Partial<V>)
  const of = <T,>(key: string) => (value as Record<string, unknown>)[key] as T
  const quantity = (key: KeysOf<V, number>, kind: Kind, label: string) => (
    <QuantityField label={label} kind={kind} value={of<number>(key)} onCommit={(to) => set(key, to)} />
  )
  const select = <T extends string>(label: string, now: T, choices: Choices<T>, onChange: (to: T) => void) => (
    <SelectField<T>
      label={label}
      value={now}
      options={Array.isArray(choices) ? choices : choicesOf(choices as Record<T, string>)}
      onChange={onChange}
    />
  )
  return {
    quantity,
    length: (key: KeysOf<V, number>, label: string) => quantity(key, "length", label),
    /** A figure that may be missing: an empty field says so. @param none what then holds, in words */
    maybe: (key: KeysOf<V, number | null>, kind: Kind, label: string, none = "") => (
      <QuantityField
        label={label}
        kind={kind}
        value={of<number | null>(key)}
        empty={null}
        placeholder={none}
        onCommit={(to) => set(key, to)}
      />
    ),
    text: (key: KeysOf<V, string>, label: string) => (
      <TypedField label={label} shown={of<string>(key)} onCommit={(to) => set(key, to.trim())} />
    ),
    /** A number without a unit of its own. */
    number: (key: KeysOf<V, number>, label: string, read: (text: string) => number = plainNumber) => (
      <ReadField label={label} shown={String(of<number>(key))} read={read} onCommit={(to) => set(key, to)} />
    ),
    choice: <K extends KeysOf<V, string>>(key: K, label: string, choices: Choices<V[K] & string>) =>
      select(label, of<V[K] & string>(key), choices, (to) => void set(key, to)),
    /** A choice with none among them, by its own words. */
    maybeChoice: (key: KeysOf<V, string | null>, label: string, none: string, choices: readonly { value: string; name: string }[]) =>
      select<string>(
        label,
        of<string | null>(key) ?? "none",
        [{ value: "none", name: none }, ...choices],
        (to) => void set(key, to === "none" ? null : to),
      ),
    toggle: (key: KeysOf<V, boolean>, label: string) => <Toggle label={label} on={of<boolean>(key)} onChange={(on) => void set(key, on)} />,
  }
}
