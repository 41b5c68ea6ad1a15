import type { ComponentType } from "react"
import type { Place } from "../../core/enclosure/place"
import type { SurfaceFigures } from "../../core/enclosure/surface-figures"
import type { Ledger } from "../../core/ledger/ledger"
import type { DampVerdict } from "../../core/moisture/damp-verdict"
import type { MaterialClass } from "../../schema/material"
import type { Writing } from "../writing/writing"

/** What gathers along a line. */
export type Wet = "sweats" | "frost" | "mould"

/** How one surface is painted. */
export interface Paint {
  /** Text under the surface's name. */
  words: string
  /** Large text in place of the name. */
  figure?: string
  hatch?: MaterialClass
  fill?: string
  mark?: DampVerdict
  /** Members, sides of the outline, jambs and points on which water or frost gathers. */
  cold?: { places: ReadonlyMap<Place, Wet>; sides: Readonly<Record<number, Wet>> }
}

/** A thing that the drawings of a job can show: pelt, body, elevation and print draw any of them. */
export interface Overlay {
  id: string
  title: string
  /** @param hour of the hottest day, 1…24; null: the hottest */
  paint: (surface: SurfaceFigures, ledger: Ledger, writing: Writing, hour: number | null) => Paint
  /** The lengths of edges are written too. */
  lengths?: boolean
  /** What its colours and marks mean. */
  Legend?: ComponentType
}
