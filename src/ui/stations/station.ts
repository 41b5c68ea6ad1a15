import type { ComponentType } from "react"
import type { HeadlineId } from "../../core/ledger/headlines"
import type { Obstacle } from "../../core/ledger/obstacle"
import type { Limits } from "../../schema/job/job"
import type { Season } from "../../schema/quantity"
import type { Overlay } from "../overlays/overlay"

/** A station of the job along the tape. */
export interface Station {
  id: string
  name: string
  /** It comes when it is first gone to. */
  load: () => Promise<ComponentType<{ station: Station }>>
  /** What the pelt can show there; the first is the station's own. */
  overlays: (season: Season) => readonly Overlay[]
  /** Parts of the shell are moved about on the pelt there. */
  shapes?: boolean
  /** Figures of its own that stand in the ledger there, in place of some headlines. */
  ledger?: { Cells: ComponentType; instead: readonly HeadlineId[] }
  /** Whether it is in order, or something there stands in the way; null while neither is said. */
  mark: (obstacles: readonly Obstacle[], limits: Limits) => "done" | "waits" | null
}

/** The mark of a station at which some obstacles are taken out of the way. */
export const waitsFor =
  (here: (obstacle: Obstacle) => boolean): Station["mark"] =>
  (obstacles) =>
    obstacles.some(here) ? "waits" : "done"

/** Whether an obstacle is one of some limits that are not kept. */
export const breaks =
  (...limits: readonly (keyof Limits)[]) =>
  (obstacle: Obstacle): boolean =>
    obstacle.kind === "limit" && limits.includes(obstacle.limit)
