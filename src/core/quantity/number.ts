import { InputError } from "../../schema/outcome"
import type { UnitSystem } from "./unit-system"

/** Characters that people and keyboards put in place of plain ones. */
const SUBSTITUTES: [RegExp, string][] = [
  [/[′’‘`´]/g, "'"],
  [/[″“”]|''/g, '"'],
  [/[−–—]/g, "-"],
  [/[×*]/g, "x"],
  [/½/g, " 1/2"],
  [/¼/g, " 1/4"],
  [/¾/g, " 3/4"],
  [/⅛/g, " 1/8"],
  [/⅜/g, " 3/8"],
  [/⅝/g, " 5/8"],
  [/⅞/g, " 7/8"],
  [/\s+/g, " "],
  // Thousands set off by a space: three digits that no fraction follows.
  [/(\d) (?=\d{3}(?!\d|\s*\/))/g, "$1"],
]

/** Text as typed, in plain characters and single spaces. */
export function plainText(text: string): string {
  return SUBSTITUTES.reduce((plain, [pattern, plainer]) => plain.replace(pattern, plainer), text).trim()
}

/**
 * A decimal number with point or comma.
 * @throws InputError `ambiguous-number` where a comma could be a decimal mark or set off thousands
 */
export function decimal(text: string): number {
  if (/,\d{3}$/.test(text) && !text.startsWith("0"))
    throw new InputError(
      "ambiguous-number",
      [],
      `"${text}" can be read in two ways; write ${text.replace(",", "")} or ${text.replace(",", ".")}.`,
    )
  return Number(text.replace(",", "."))
}

/**
 * A number as people write it, and nothing else.
 * @throws InputError `not-a-number`, `ambiguous-number`
 */
export function plainNumber(text: string): number {
  const plain = plainText(text)
  if (!/^[+-]?(\d+([.,]\d+)?|[.,]\d+)$/.test(plain)) throw new InputError("not-a-number", [], "Write a number, such as 1.5.")
  return decimal(plain)
}

/** @throws InputError `not-a-number` */
export function wholeNumber(text: string): number {
  const plain = plainText(text)
  if (!/^\d+$/.test(plain)) throw new InputError("not-a-number", [], "Write a whole number, such as 4.")
  return Number(plain)
}

/** Thousands are set off by a space that does not break, or as people do who build in feet. */
const THOUSANDS: Record<UnitSystem, string> = { metric: "\u00a0", "inch-pound": "," }

/** A number as printed: thousands set off, a true minus, so many decimals. */
export function printNumber(value: number, decimals: number, units: UnitSystem = "metric"): string {
  const fixed = Math.abs(value).toFixed(decimals)
  const [whole = "0", rest] = fixed.split(".")
  const grouped = whole.length > 3 ? whole.replace(/\B(?=(\d{3})+$)/g, THOUSANDS[units]) : whole
  const isZero = Number(fixed) === 0
  return (value < 0 && !isZero ? "−" : "") + grouped + (rest ? `.${rest}` : "")
}

/** The same without trailing zeros. */
export function printShort(value: number, decimals: number, units: UnitSystem = "metric"): string {
  const text = printNumber(value, decimals, units)
  return text.includes(".") ? text.replace(/\.?0+$/, "") : text
}
