import type { Point } from "../shell/face"
import type { HeatPath } from "./heat-path"
import type { Bridge } from "./solved-details"
import type { SurfaceId } from "./surface"
import type { SurfaceFigures } from "./surface-figures"

/** A straight stretch on a surface, in its face's coordinates, m. */
export interface Run {
  on: SurfaceId
  from: Point
  to: Point
}

/** A single line of an enclosure that passes heat beside its faces: an edge, a border between two zones, or the reveal of an opening. */
export interface LineBridge extends Bridge, HeatPath {
  kind: "edge" | "border" | "reveal"
  /** m */
  length: number
  /** How much of the square detail's ψ an edge has: cot(α/2), 1 at a right angle. */
  angleFactor: number
  /** The two surfaces of an edge or a border, or the opening whose reveal it is. */
  between: readonly [SurfaceFigures, SurfaceFigures] | null
  opening: string | null
  /** Where an edge or a border lies on the face on which it is straight. */
  runs: readonly Run[]
}
