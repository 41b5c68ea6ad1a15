import type { Layer } from "../../schema/job/build-up"
import type { Writing } from "./writing"

/** How thick a layer is: of one that tapers, from its thin end to its thick one. */
export function thicknessText({ thickness, taper }: Pick<Layer, "thickness" | "taper">, figure: Writing["figure"]): string {
  const half = Math.abs(taper) / 2
  return half === 0 ? figure("length", thickness) : `${figure("length", thickness - half)}–${figure("length", thickness + half)}`
}
