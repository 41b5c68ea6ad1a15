import { InputError } from "../../schema/outcome"
import { decimal, plainText, printShort } from "./number"
import type { UnitSystem } from "./unit-system"

/** Metres in an inch, exact since 1959. */
export const INCH = 0.0254

/** Metres in a foot. */
export const FOOT = 12 * INCH
const FEET = String.raw`'|feet|foot|ft\b\.?|ft(?=\d)`
const INCHES = String.raw`"|inches|inch|in\b\.?`
/** By what a unit is called, or else by its first letter. */
const METRES: Record<string, number> = { mm: 0.001, cm: 0.01, m: 1, f: FOOT, "'": FOOT, i: INCH, '"': INCH }
/** Whole number and fraction (`70 1/4`, `10-3/4`), fraction alone, or decimal number; then its unit, if it has one. */
const PART = new RegExp(
  String.raw`(?:(\d+)[ -](\d+)\/(\d+)|(\d+)\/(\d+)|(\d+(?:[.,]\d+)?|\.\d+)) ?(mm\b|cm\b|m\b|met(?:re|er)s?\b|${FEET}|${INCHES})? ?`,
  "giy",
)

/**
 * Dressed sizes of softwood lumber by nominal size, inches.
 * @see American Softwood Lumber Standard PS 20-20, table 3
 */
const DRESSED: Record<string, number> = { 1: 0.75, 2: 1.5, 3: 2.5, 4: 3.5, 5: 4.5, 6: 5.5, 8: 7.25, 10: 9.25, 12: 11.25 }

/**
 * Reads a length as people write it: `1 1/2"`, `5' 10 3/4"`, `11-6` (feet and inches), `70 1/4`, `38 mm`, `3.2 m`, `2x6` (its dressed
 * depth), and sums of such, `8' - 3/4"`: a minus has a space on both sides.
 * A bare number is millimetres or inches by the system; a bare fraction is always inches.
 * @returns m
 * @throws InputError `not-a-length`, `unknown-lumber`, `ambiguous-number`
 */
export function parseLength(text: string, system: UnitSystem): number {
  const plain = plainText(text)
  const lumber = /^(\d+) ?x ?(\d+)$/i.exec(plain)
  if (lumber) return dressedSize(Number(lumber[1]), Number(lumber[2])).depth
  const sum = feetAndInches(plain, text)
  const bare = bareUnit(sum, system)
  const [, lead = "", rest = ""] = /^([+-]?) ?(.*)$/.exec(sum)!
  const [first = "", ...others] = rest.split(/( - | ?\+ ?)/)
  let total = termOf(first, bare, text) * (lead === "-" ? -1 : 1)
  for (let i = 0; i < others.length; i += 2) total += termOf(others[i + 1]!, bare, text) * (others[i]!.includes("-") ? -1 : 1)
  return total
}

/** A length without a sign: one number, or a greater and a smaller unit one after the other (`5' 10 3/4"`, `1 m 20 cm`). */
function termOf(term: string, bare: number, text: string): number {
  const parts = [...term.matchAll(PART)]
  if (parts.map(([whole]) => whole).join("") !== term || parts.length === 0) throw notALength(text)
  let [total, greater] = [0, 0]
  for (const part of parts) {
    const called = part[7]?.toLowerCase()
    const unit = called && (METRES[called] ?? METRES[called[0]!])
    const factor = unit || (greater === FOOT ? INCH : bare)
    const fits = greater === 0 || (greater === FOOT && factor === INCH) || (greater === 1 && unit && factor < 1)
    if (!fits) throw notALength(text)
    total += numberOf(part) * factor
    greater = factor
  }
  return total
}

/**
 * Dashes between feet and inches as they are written on a site: `11-6`, `5-10 3/4`, `11'-6"`, `11' - 6`. A dash with a space on both
 * sides after feet is a minus only where no whole inches under twelve follow, as in `8' - 3/4"`: a drawing writes 8' - 0 3/4".
 */
function feetAndInches(plain: string, text: string): string {
  const marked = new RegExp(`(${FEET})(?:-(?=\\d)| - (?=(?:\\d|1[01])(?![\\d/])(?:\\.\\d+|[ -]\\d+/\\d+)? ?(?:${INCHES}|$| [+-] )))`, "gi")
  return plain.replace(marked, "$1 ").replace(/(^|[+-] )(\d+)-(\d+)(?![\d/])/g, (_, before: string, feet: string, inches: string) => {
    if (Number(inches) < 12) return `${before}${feet}' ${inches}`
    throw new InputError(
      "not-a-length",
      [],
      `"${text.trim()}" is not a length: feet and inches have fewer than 12 inches, and a difference is written with spaces, ${feet} - ${inches}.`,
    )
  })
}

/**
 * Dressed thickness and depth of a stick of lumber by its nominal size.
 * @returns m
 * @throws InputError `unknown-lumber`
 */
export function dressedSize(thickness: number, depth: number): { thickness: number; depth: number } {
  const [a, b] = [DRESSED[Math.min(thickness, depth)], DRESSED[Math.max(thickness, depth)]]
  if (!a || !b)
    throw new InputError("unknown-lumber", [], `There is no ${thickness}x${depth} in the lumber standard; write its measured size.`)
  return { thickness: a * INCH, depth: b * INCH }
}

/**
 * Reads lengths set off by semicolons, as they are called out along a wall: `120; 680; 1250`.
 * @returns m, rising; none for an empty text
 * @throws InputError as `parseLength`
 */
export function parseLengths(text: string, system: UnitSystem): number[] {
  const parts = text.split(";").filter((part) => part.trim() !== "")
  return parts.map((part) => parseLength(part, system)).sort((a, b) => a - b)
}

/**
 * Sizes as people list them: a semicolon between two, and `x`, `×` or `by` between length and width.
 * @throws InputError as `parseLength`, and `not-a-size`
 */
export function parseSizes(text: string, system: UnitSystem): { length: number; width: number }[] {
  const parts = text.split(";").filter((part) => part.trim() !== "")
  return parts.map((part) => {
    const sides = part.split(/[×x]|\bby\b/i)
    if (sides.length !== 2 || sides.some((side) => side.trim() === ""))
      throw new InputError("not-a-size", [], `"${part.trim()}" is no size: write length × width, and a semicolon before the next.`)
    const [a, b] = sides.map((side) => parseLength(side, system)) as [number, number]
    return { length: Math.max(a, b), width: Math.min(a, b) }
  })
}

/** Finest mark of the printed tape, as a part of an inch. */
const TAPE_MARK = 16

/**
 * Prints a length: millimetres, or feet and inches to a sixteenth; what is thinner than a quarter inch in decimals.
 * @param length m
 */
export function printLength(length: number, system: UnitSystem): { text: string; unit: string } {
  if (system === "metric") {
    const millimetres = length * 1000
    return { text: printShort(millimetres, Math.abs(millimetres) < 100 ? 1 : 0), unit: "mm" }
  }
  const inches = Math.abs(length / INCH)
  const sign = length < 0 ? "−" : ""
  if (inches < 0.25) return { text: `${inches === 0 ? "" : sign}${printShort(inches, 3)}"`, unit: "" }
  const marks = Math.round(inches * TAPE_MARK)
  const feet = Math.floor(marks / (12 * TAPE_MARK))
  const left = marks - feet * 12 * TAPE_MARK
  return { text: sign + [feet ? `${feet}'` : "", left || !feet ? `${inchesText(left)}"` : ""].filter(Boolean).join(" "), unit: "" }
}

function inchesText(marks: number): string {
  const whole = Math.floor(marks / TAPE_MARK)
  let [top, bottom] = [marks % TAPE_MARK, TAPE_MARK]
  while (top > 0 && top % 2 === 0) [top, bottom] = [top / 2, bottom / 2]
  return [whole || !top ? String(whole) : "", top ? `${top}/${bottom}` : ""].filter(Boolean).join(" ")
}

function bareUnit(plain: string, system: UnitSystem): number {
  if (/['"]|in\b|inch|ft\b|foot|feet|\d\/\d/i.test(plain)) return INCH
  if (/\d ?(mm|cm|m)\b/i.test(plain)) return 0.001
  return system === "metric" ? 0.001 : INCH
}

function numberOf(match: RegExpExecArray | RegExpMatchArray): number {
  const [, whole, top, bottom, aloneTop, aloneBottom, plain] = match
  if (plain !== undefined) return decimal(plain)
  return Number(whole ?? 0) + Number(top ?? aloneTop) / Number(bottom ?? aloneBottom)
}

function notALength(text: string): InputError {
  return new InputError("not-a-length", [], `"${text.trim()}" is not a length; write 38 mm, 3.2 m, 1 1/2", 5' 10 3/4", 11-6 or 2x6.`)
}
