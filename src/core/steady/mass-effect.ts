import type { SurfaceFigures } from "../enclosure/surface-figures"
import { freeDay } from "./free-day"
import { type HeatGain, heatGain } from "./heat-gain"
import type { SteadyEnclosure } from "./heat-loss"

/** What the weight of layers takes off the hottest day. */
export interface MassEffect {
  /** K off the highest temperature where nothing cools */
  highest: number
  /** W off the greatest heat that comes in while the inside is held; negative where heat that is held back comes at a worse hour */
  gain: number
}

/** kg/m³ of what weighs next to nothing. */
const WEIGHTLESS = 1e-3

/**
 * The hottest day against that of the same job whose layers insulate as they do and store nothing; air, furniture and soil store as before.
 * @param gain of the day as it is
 * @param volume of the air inside, m³
 */
export function massEffect(enclosure: SteadyEnclosure, gain: Pick<HeatGain, "total" | "hours" | "parts">, volume: number): MassEffect {
  const light = { ...enclosure, surfaces: enclosure.surfaces.map(weightless) }
  const lightGain = heatGain(light)
  return {
    highest: freeDay(light, lightGain, volume).highest - freeDay(enclosure, gain, volume).highest,
    gain: lightGain.total - gain.total,
  }
}

const weightless = (surface: SurfaceFigures): SurfaceFigures => ({
  ...surface,
  summerLayers: surface.summerLayers.map((one) => ({ ...one, material: { ...one.material, density: WEIGHTLESS } })),
})
