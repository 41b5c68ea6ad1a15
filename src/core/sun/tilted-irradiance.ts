import type { Sunlight } from "./clear-sky"
import { incidenceCosine, type SolarPosition } from "./solar-position"

/**
 * Sun on a face: beam, sky with its bright part around the sun, and what the ground throws back.
 * @param tilt, azimuth degrees, of the outward normal
 * @param groundAlbedo 0…1
 * @param leastSky light that comes from the sky at least, W/m²
 * @returns W/m²
 * @see Hay and Davies, Proc. First Canadian Solar Radiation Data Workshop, 1980
 */
export function tiltedIrradiance(
  sun: SolarPosition,
  light: Sunlight,
  tilt: number,
  azimuth: number,
  groundAlbedo: number,
  leastSky = 0,
): number {
  if (sun.altitude <= 0) return 0
  const facing = Math.max(0, incidenceCosine(sun, tilt, azimuth))
  const sine = Math.sin((sun.altitude * Math.PI) / 180)
  const cosineTilt = Math.cos((tilt * Math.PI) / 180)
  const anisotropy = light.directNormal / light.extraterrestrial
  // Below 5° the circumsolar share would grow without bound; the sine is held there.
  const sky = light.diffuseHorizontal * (((1 - anisotropy) * (1 + cosineTilt)) / 2 + (anisotropy * facing) / Math.max(sine, 0.0872))
  const ground = (groundAlbedo * (light.directNormal * sine + light.diffuseHorizontal) * (1 - cosineTilt)) / 2
  return light.directNormal * facing + Math.max(leastSky, sky) + ground
}

/**
 * Sun on a face under a clear sky: as above, but a face gets no less light from the sky than the clear-sky ratio of walls gives it, which
 * counts that a clear sky is brighter near the horizon.
 * @see ASHRAE Fundamentals 2017, ch. 14, eq. 27–30
 */
export function clearIrradiance(sun: SolarPosition, light: Sunlight, tilt: number, azimuth: number, groundAlbedo: number): number {
  const radians = (tilt * Math.PI) / 180
  // That of the wall that looks the same way.
  const cosine = incidenceCosine(sun, 90, azimuth)
  const ratio = Math.max(0.45, 0.55 + 0.437 * cosine + 0.313 * cosine ** 2)
  const sky = light.diffuseHorizontal * (ratio * Math.sin(radians) + Math.max(0, Math.cos(radians)))
  return tiltedIrradiance(sun, light, tilt, azimuth, groundAlbedo, sky)
}
