import { createStore, type StoreApi } from "zustand"
import { drivingSeason } from "../../core/ledger/headlines"
import type { JobKind } from "../../schema/job/job"
import type { Parts } from "../../edit/shell-edits"
import type { SurfaceId } from "../../core/enclosure/surface"
import type { Season } from "../../schema/quantity"

/** A part of one of the shell's lists. */
export interface ChosenPart {
  list: keyof Parts
  id: string
}

/** What is chosen in this window; nothing of it is stored with the job. */
export interface Selection {
  /** A surface: a face, or a zone of one. */
  face: SurfaceId
  layer: string | null
  part: ChosenPart | null
  /** Season that Heat and Damp look at. */
  season: Season
  /** Hour of the hottest day that is looked at, 1…24; null: the hottest. */
  hour: number | null
  /** Outdoor skin of each face at another hour that is looked at, °C; null: that of the design hours. */
  skins: Readonly<Record<string, number>> | null
  /** Boards that are looked at: their stuff, and which of a face's layers of it, from outside; null: the first. */
  boards: { stuff: string; nth: number } | null
  /** What the drawings show at a station and season where another overlay than its own was chosen, by id. */
  overlays: Readonly<Record<string, string>>
}

/** Nothing chosen yet but a face, in the season that drives. */
export const createSelection = (kind: JobKind): StoreApi<Selection> =>
  createStore<Selection>(() => ({
    face: "left",
    layer: null,
    part: null,
    season: drivingSeason(kind),
    hour: null,
    skins: null,
    boards: null,
    overlays: {},
  }))

/** Whether a part is the one that is chosen. */
export const isChosen = (chosen: ChosenPart | null, list: keyof Parts, id: string): boolean => chosen?.list === list && chosen.id === id
