import type { Edge } from "../shell/edges"
import type { HeatPath } from "./heat-path"
import type { Bridge } from "./solved-details"

/** A single line of an enclosure that passes heat beside its faces: an edge, or the reveal of an opening. */
export interface LineBridge extends Bridge, HeatPath {
  kind: "edge" | "reveal"
  /** m */
  length: number
  /** How much of the square detail's ψ an edge has: cot(α/2), 1 at a right angle. */
  angleFactor: number
  /** The two faces of an edge, or the opening whose reveal it is. */
  between: Edge["faces"] | null
  opening: string | null
}
