import type { Note } from "../schema/note"
import type { Kind } from "./quantity/measure"

/** A value and what kind of quantity it is. */
export interface Quantity {
  kind: Kind
  value: number
}

/** What of a job an input belongs to. */
export interface Source {
  of: "brief" | "shell" | "build-up"
  surface?: string
}

/** One factor of a line, with the letter that stands for it. */
export interface Factor {
  symbol: string
  quantity: Quantity
}

/** One line of a sum: its factors with the numbers put in, and what comes out. */
export interface WorkingLine {
  name: string
  factors: Factor[]
  /** What stands between the factors. */
  operator: "×" | "÷" | "+" | "−"
  result: Quantity
  from?: Source
}

/** How a figure was got, as data: a screen, a page in print or a test can read it. */
export interface Working {
  title: string
  /** In symbols. */
  formula: string
  lines: WorkingLine[]
  total: Quantity
  /** Of the total, said again as it is used elsewhere. */
  ofIt?: { name: string; quantity: Quantity }[]
  inputs: { name: string; quantity: Quantity; from: Source }[]
  method: string
  source: string
  notes: Note[]
}

/** A value with what it is a quantity of. */
export const quantityOf = (kind: Kind, value: number): Quantity => ({ kind, value })

/** A factor of a line. */
export const factor = (symbol: string, kind: Kind, value: number): Factor => ({ symbol, quantity: quantityOf(kind, value) })

/** A line of a sum. @param result its kind and its value */
export const workingLine = (
  name: string,
  result: readonly [Kind, number],
  from?: Source,
  factors: Factor[] = [],
  operator: WorkingLine["operator"] = "×",
): WorkingLine => ({ name, factors, operator, result: quantityOf(...result), ...(from && { from }) })

/** What went into a sum. */
export const input = (name: string, kind: Kind, value: number, of: Source["of"], surface?: string): Working["inputs"][number] => ({
  name,
  quantity: quantityOf(kind, value),
  from: surface === undefined ? { of } : { of, surface },
})
