/** Loss of what glass lets through by the slant of the sun. @see ANSI/ASHRAE 93 (incidence angle modifier); Souka and Safwat, Solar Energy 10 (1966) */
const SLANT = 0.1

/** What of the light from sky and ground glass lets through of what it lets through square to it. @see ISO 52022-3:2017; ASHRAE Fundamentals 2017, ch. 15 (hemispherical) */
export const DIFFUSE_SHARE = 0.9

/**
 * What glass lets through of the sun's beam, of what it lets through square to it.
 * @param cosine of the angle between the sun and the outward normal
 * @returns 0…1
 */
export const slantShare = (cosine: number): number => (cosine <= 0 ? 0 : Math.max(0, 1 - SLANT * (1 / cosine - 1)))
