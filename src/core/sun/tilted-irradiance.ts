import type { Sunlight } from "./clear-sky"
import { incidenceCosine, type SolarPosition } from "./solar-position"

/**
 * Sun on a face: beam, sky with its bright part around the sun, and what the ground throws back.
 * @param tilt, azimuth degrees, of the outward normal
 * @param groundAlbedo 0…1
 * @returns W/m²
 * @see Hay and Davies, Proc. First Canadian Solar Radiation Data Workshop, 1980
 */
export function tiltedIrradiance(sun: SolarPosition, light: Sunlight, tilt: number, azimuth: number, groundAlbedo: number): number {
  if (sun.altitude <= 0) return 0
  const facing = Math.max(0, incidenceCosine(sun, tilt, azimuth))
  const sine = Math.sin((sun.altitude * Math.PI) / 180)
  const cosineTilt = Math.cos((tilt * Math.PI) / 180)
  const anisotropy = light.directNormal / light.extraterrestrial
  // Below 5° the circumsolar share would grow without bound; the sine is held there.
  const sky = light.diffuseHorizontal * (((1 - anisotropy) * (1 + cosineTilt)) / 2 + (anisotropy * facing) / Math.max(sine, 0.0872))
  const ground = (groundAlbedo * (light.directNormal * sine + light.diffuseHorizontal) * (1 - cosineTilt)) / 2
  return light.directNormal * facing + sky + ground
}
