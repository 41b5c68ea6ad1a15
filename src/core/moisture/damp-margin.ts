import { dewPoint } from "../air/dew-point"
import type { Enclosure } from "../enclosure/enclosure"
import type { SurfaceId } from "../enclosure/surface"
import type { SurfaceFigures } from "../enclosure/surface-figures"
import type { MoistureCheck } from "./moisture-check"

/** Surfaces of an enclosure, each checked for damp. */
export type Damp = Pick<Enclosure, "surfaces" | "conditions"> & { moisture: Readonly<Record<SurfaceId, MoistureCheck>> }

/** By how much the face on the wet side stays above its dew point on the worst night, K, at the worst face. */
export function dampMargin(damp: Damp): number {
  return Math.min(...damp.surfaces.map((surface) => wetSideFace(surface, damp)).map(({ face, dew }) => face - dew))
}

/** The face that touches the wetter air, and that air's dew point; over soil it is the room that counts. Air without water: −100 °C. */
export function wetSideFace({ id, ground }: SurfaceFigures, { moisture }: Damp): { face: number; dew: number } {
  const { winter } = moisture[id]
  const plane = winter.wetSide === "outside" && !ground ? winter.interfaces[0]! : winter.interfaces.at(-1)!
  return { face: plane.temperature, dew: dewPoint(plane.vapourPressure ?? 0) ?? -100 }
}
