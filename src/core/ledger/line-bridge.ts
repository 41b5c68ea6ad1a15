import { INDOOR_RESISTANCE, OUTDOOR_RESISTANCE } from "../assembly/surface-resistance"
import type { Films } from "../conduction/detail"
import type { Beyond } from "../heat/beyond"
import type { Edge } from "../shell/edges"
import type { FaceFigures } from "./face-figures"
import type { HeatPath } from "./heat-path"
import type { Bridge } from "./solutions"

/** A single line of an enclosure that passes heat beside its faces: an edge, or the reveal of an opening. */
export interface LineBridge extends Bridge, HeatPath {
  kind: "edge" | "reveal"
  /** m */
  length: number
  /** How much of the square detail's ψ an edge has: cot(α/2), 1 at a right angle. */
  share: number
  /** The two faces of an edge, or the opening whose reveal it is. */
  between: Edge["faces"] | null
  opening: string | null
}

/** Films along a line: what is level and what stands have one air. @see ISO 10211:2017, 7.1 */
export const lineFilms = ({ beyond }: Pick<FaceFigures, "beyond">): Films => ({
  inside: INDOOR_RESISTANCE.horizontal,
  outside: beyond.kind === "space" ? INDOOR_RESISTANCE.horizontal : OUTDOOR_RESISTANCE,
  direction: "horizontal",
})

/** Whether two faces have one air beyond them. */
export const sameAir = (a: Beyond, b: Beyond): boolean => a.kind === b.kind && (a.kind !== "space" || b.kind !== "space" || a.id === b.id)
