import type { ComponentType } from "react"
import type { Point } from "../../core/shell/face"
import type { Place } from "../../core/enclosure/place"
import type { SurfaceFigures } from "../../core/enclosure/surface-figures"
import type { Ledger } from "../../core/ledger/ledger"
import type { Ring } from "../../core/moisture/damp-verdict"
import type { MaterialClass } from "../../schema/material"
import type { Selection } from "../job/selection"
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
  mark?: Ring
  /** Members, edges, jambs and points on which water or frost gathers. */
  cold?: { places: ReadonlyMap<Place, Wet>; lines: readonly ColdLine[] }
}

/** A stretch of an edge or a border on which water or frost gathers, in its face's coordinates. */
export interface ColdLine {
  from: Point
  to: Point
  wet: Wet
}

/** When a job is looked at: in a season, at an hour of the hottest day, or with skins as warm as at another hour. */
export type Moment = Pick<Selection, "season" | "hour" | "skins">

/** A thing that the drawings of a job can show: pelt, body, elevation and print draw any of them. */
export interface Overlay {
  id: string
  title: string
  paint: (surface: SurfaceFigures, ledger: Ledger, writing: Writing, moment: Moment) => Paint
  /** The lengths of edges are written too. */
  lengths?: boolean
  /** Boards are drawn over the faces, in place of their words. */
  boards?: true
  /** What its colours and marks mean. */
  Legend?: ComponentType
}
