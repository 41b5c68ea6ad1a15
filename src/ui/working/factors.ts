import { printsInverse } from "../../core/quantity/measure"
import type { WorkingLine } from "../../core/working"
import type { Writing } from "../writing/writing"

/** The factors of a line as they are written: letter, figure and sign. What is printed as its inverse multiplies where its letter divides. */
export function factorsText({ factors, operator }: WorkingLine, { units, write }: Writing): string {
  return factors
    .map(({ symbol, quantity: { kind, value } }, i) => {
      const turned = operator === "÷" && printsInverse(kind, units)
      const text = turned ? write(kind, value) : `${symbol} ${write(kind, value)}`
      return i === 0 ? text : `${turned ? "×" : operator} ${text}`
    })
    .join(" ")
}
