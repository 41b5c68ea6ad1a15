/** Sun on a clear day, W/m²: on a plane that faces it, and from the sky on level ground. */
export interface Sunlight {
  directNormal: number
  diffuseHorizontal: number
  /** Outside the atmosphere, W/m². */
  extraterrestrial: number
}

/**
 * Clear-sky irradiance from the optical depths of beam and diffuse light.
 * @param altitude degrees; no sun at or below 0
 * @param dayOfYear 1…365
 * @param beamDepth, diffuseDepth pseudo optical depths of the month at the place, 0.1…1 and 1.5…3
 * @see ASHRAE Fundamentals 2017, ch. 14, eq. 4 (extraterrestrial), 16 (air mass), 17–20
 */
export function clearSky(altitude: number, dayOfYear: number, beamDepth: number, diffuseDepth: number): Sunlight {
  const above = extraterrestrial(dayOfYear)
  if (altitude <= 0) return { directNormal: 0, diffuseHorizontal: 0, extraterrestrial: above }
  const airMass = 1 / (Math.sin((altitude * Math.PI) / 180) + 0.50572 * (6.07995 + altitude) ** -1.6364)
  const beamExponent = 1.454 - 0.406 * beamDepth - 0.268 * diffuseDepth + 0.021 * beamDepth * diffuseDepth
  const diffuseExponent = 0.507 + 0.205 * beamDepth - 0.08 * diffuseDepth - 0.19 * beamDepth * diffuseDepth
  return {
    directNormal: above * Math.exp(-beamDepth * airMass ** beamExponent),
    diffuseHorizontal: above * Math.exp(-diffuseDepth * airMass ** diffuseExponent),
    extraterrestrial: above,
  }
}

/** The sun outside the atmosphere on a plane that faces it, W/m². @see ASHRAE Fundamentals 2017, ch. 14, eq. 4 */
export const extraterrestrial = (dayOfYear: number): number => 1361 * (1 + 0.033 * Math.cos((2 * Math.PI * dayOfYear) / 365))
