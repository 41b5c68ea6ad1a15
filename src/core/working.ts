import type { Note } from "../schema/note"
import type { FaceId } from "../schema/job/shell"
import type { Kind } from "./quantity/measure"

/** A value and what kind of quantity it is. */
export interface Quantity {
  kind: Kind
  value: number
}

/** What of a job an input belongs to. */
export interface Source {
  of: "brief" | "shell" | "build-up"
  surface?: FaceId
}

/** One line of a sum: its factors with the numbers put in, and what comes out. */
export interface WorkingLine {
  name: string
  factors: { symbol: string; quantity: Quantity }[]
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
  inputs: { name: string; quantity: Quantity; from: Source }[]
  method: string
  source: string
  notes: Note[]
}

/** A value with what it is a quantity of. */
export const quantityOf = (kind: Kind, value: number): Quantity => ({ kind, value })

/** A factor of a line. */
export const factor = (symbol: string, kind: Kind, value: number) => ({ symbol, quantity: quantityOf(kind, value) })
