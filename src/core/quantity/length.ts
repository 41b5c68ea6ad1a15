import { InputError } from "../../schema/outcome"
import { decimal, plainText, printShort } from "./number"
import type { UnitSystem } from "./unit-system"

/** Metres in an inch, exact since 1959. */
export const INCH = 0.0254

const UNITS: [RegExp, number][] = [
  [/^mm\b/i, 0.001],
  [/^cm\b/i, 0.01],
  [/^(?:metres?|meters?|m)\b/i, 1],
  [/^(?:feet|foot|ft\b\.?|')/i, 12 * INCH],
  [/^(?:inches|inch|in\b\.?|")/i, INCH],
]
/** Whole number and fraction (`70 1/4`, `10-3/4`), fraction alone, or decimal number. */
const NUMBER = /^(?:(\d+)[ -](\d+)\/(\d+)|(\d+)\/(\d+)|(\d+(?:[.,]\d+)?|\.\d+))/

/**
 * Dressed sizes of softwood lumber by nominal size, inches.
 * @see American Softwood Lumber Standard PS 20-20, table 3
 */
const DRESSED: Record<string, number> = { 1: 0.75, 2: 1.5, 3: 2.5, 4: 3.5, 5: 4.5, 6: 5.5, 8: 7.25, 10: 9.25, 12: 11.25 }

/**
 * Reads a length as people write it: `1 1/2"`, `5' 10 3/4"`, `70 1/4`, `38 mm`, `3.2 m`, `8' - 3/4"`, `2x6` (its dressed depth).
 * A bare number is millimetres or inches by the system; a bare fraction is always inches.
 * @returns m
 * @throws InputError `not-a-length`, `unknown-lumber`, `ambiguous-number`
 */
export function parseLength(text: string, system: UnitSystem): number {
  const plain = plainText(text)
  const lumber = /^(\d+) ?x ?(\d+)$/i.exec(plain)
  if (lumber) return dressedSize(Number(lumber[1]), Number(lumber[2])).depth
  const bare = bareUnit(plain, system)
  let rest = plain
  let total = 0
  let sign = 1
  let previous = 0
  for (let first = true; first || rest !== ""; first = false) {
    // A dash glued between foot mark and inches joins them (5'-10"); with spaces around it, it is a minus.
    const joined = previous === 12 * INCH && /^-\d/.test(rest)
    const operator = /^ ?([+-]) ?/.exec(rest)
    if (joined) rest = rest.slice(1)
    else if (operator) {
      sign = operator[1] === "-" ? -1 : 1
      previous = 0
      rest = rest.slice(operator[0].length)
    }
    const number = NUMBER.exec(rest)
    if (!number) throw notALength(text)
    rest = rest.slice(number[0].length).trimStart()
    const unit = UNITS.find(([pattern]) => pattern.test(rest))
    if (unit) rest = rest.replace(unit[0], "")
    // Feet are followed by inches; nothing else follows a number without a sign between them.
    if (previous !== 0 && !(previous === 12 * INCH && (unit?.[1] ?? INCH) === INCH) && !(previous === 1 && unit && unit[1] < 1))
      throw notALength(text)
    const factor = unit?.[1] ?? (previous === 12 * INCH ? INCH : bare)
    total += sign * numberOf(number) * factor
    previous = factor
    if (!/^ ?[+-]/.test(rest)) rest = rest.trimStart()
  }
  return total
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

function numberOf(match: RegExpExecArray): number {
  const [, whole, top, bottom, aloneTop, aloneBottom, plain] = match
  if (plain !== undefined) return decimal(plain)
  return Number(whole ?? 0) + Number(top ?? aloneTop) / Number(bottom ?? aloneBottom)
}

function notALength(text: string): InputError {
  return new InputError("not-a-length", [], `"${text.trim()}" is not a length; write 38 mm, 3.2 m, 1 1/2", 5' 10 3/4" or 2x6.`)
}
