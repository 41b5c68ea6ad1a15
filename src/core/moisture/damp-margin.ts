import { dewPoint } from "../air/dew-point"
import type { Enclosure } from "../enclosure/enclosure"
import type { SurfaceId } from "../enclosure/surface"
import type { SurfaceFigures } from "../enclosure/surface-figures"
import type { DampVerdict } from "./damp-verdict"
import type { MoistureCheck } from "./surface-verdict"

/** Surfaces of an enclosure, each checked for damp. */
export type Damp = Pick<Enclosure, "surfaces" | "conditions"> & {
  moisture: Readonly<Record<SurfaceId, MoistureCheck & { verdict: DampVerdict }>>
}

/** By how much the coldest inside face stays above its dew point at its design condition, K, at the worst surface. */
export function dampMargin(damp: Damp): number {
  return Math.min(...damp.surfaces.map((surface) => coldestFace(surface, damp)).map(({ face, dew }) => face - dew))
}

/**
 * What of a surface stands least above the dew point of the air before it: its own face on the worst night, or the coldest spot on it. Over
 * soil it is the room's air that counts. Air without water: −100 °C.
 */
export function coldestFace({ id, name, ground }: SurfaceFigures, { moisture }: Damp): { name: string; face: number; dew: number } {
  const { winter, spots } = moisture[id]!
  const plane = winter.wetSide === "outside" && !ground ? winter.interfaces[0]! : winter.interfaces.at(-1)!
  const faces = [
    { name, face: plane.temperature, dew: dewPoint(plane.vapourPressure ?? 0) ?? -100 },
    ...spots.map((spot) => ({ name: `${name}, ${spot.name}`, face: spot.cold.temperature, dew: spot.cold.dewPoint ?? -100 })),
  ]
  return faces.reduce((least, one) => (one.face - one.dew < least.face - least.dew ? one : least))
}
