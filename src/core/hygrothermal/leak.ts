import { type Table, valueAt } from "./table"

/** Air that finds its way to a cell and leaves it as damp as the cell is: what water it brings there, or takes away. */
export interface Leak {
  cell: number
  /** kg/(m²·s·Pa), and Pa of vapour in that air, in time */
  transfer: Table
  pressure: Table
}

/** The same at one time. */
export interface Leaking {
  cell: number
  transfer: number
  pressure: number
}

/** What leaks at a time, s. */
export const leakingAt = (leaks: readonly Leak[], time: number): Leaking[] =>
  leaks.map(({ cell, transfer, pressure }) => ({ cell, transfer: valueAt(transfer, time), pressure: valueAt(pressure, time) }))

/** Times at which it begins to change otherwise. */
export const leakBends = ({ transfer, pressure }: Leak): number[] =>
  [transfer, pressure].flatMap(({ xs }) => (xs.length > 1 ? [...xs] : []))
