import { requireRange } from "../../schema/outcome"

/** Where the sun stands, degrees; azimuth from north, clockwise. */
export interface SolarPosition {
  altitude: number
  azimuth: number
  declination: number
}

/**
 * Position of the sun without refraction, better than 0.02° between 1950 and 2050.
 * @param instant ms since 1970-01-01T00:00:00Z
 * @param latitude degrees, north positive
 * @param longitude degrees, east positive
 * @see The Astronomical Almanac, section C, low-precision formulas for the sun's coordinates
 */
export function solarPosition(instant: number, latitude: number, longitude: number): SolarPosition {
  requireRange(latitude, -90, 90, "latitude", "degrees")
  requireRange(longitude, -180, 180, "longitude", "degrees")
  const days = daysSince2000(instant)
  const { rightAscension, declination } = sunOnSky(days)
  const sidereal = 280.46062 + 360.985647366 * days // Greenwich mean sidereal time, degrees
  const hourAngle = (sidereal + longitude) * DEGREE - rightAscension
  const phi = latitude * DEGREE
  const sineAltitude = Math.sin(phi) * Math.sin(declination) + Math.cos(phi) * Math.cos(declination) * Math.cos(hourAngle)
  const azimuth = Math.atan2(
    -Math.cos(declination) * Math.sin(hourAngle),
    Math.cos(phi) * Math.sin(declination) - Math.sin(phi) * Math.cos(declination) * Math.cos(hourAngle),
  )
  return { altitude: Math.asin(clamp(sineAltitude)) / DEGREE, azimuth: (azimuth / DEGREE + 360) % 360, declination: declination / DEGREE }
}

/**
 * How far a sundial is ahead of a clock that shows mean solar time, s: positive in November.
 * @see The Astronomical Almanac, section C: (L − α) in hours of the turning sky
 */
export function equationOfTime(instant: number): number {
  const { meanLongitude, rightAscension } = sunOnSky(daysSince2000(instant))
  const ahead = meanLongitude - rightAscension / DEGREE
  return 240 * (ahead - 360 * Math.round(ahead / 360))
}

/** Days since J2000.0, 2000-01-01T12:00Z. */
const daysSince2000 = (instant: number): number => instant / 86_400_000 - 10_957.5

/** Apparent place of the sun among the stars; its mean longitude in degrees, the others in radians. */
function sunOnSky(days: number): { meanLongitude: number; rightAscension: number; declination: number } {
  const meanLongitude = 280.46 + 0.9856474 * days
  const anomaly = (357.528 + 0.9856003 * days) * DEGREE
  const eclipticLongitude = (meanLongitude + 1.915 * Math.sin(anomaly) + 0.02 * Math.sin(2 * anomaly)) * DEGREE
  const obliquity = (23.439 - 0.0000004 * days) * DEGREE
  return {
    meanLongitude,
    rightAscension: Math.atan2(Math.cos(obliquity) * Math.sin(eclipticLongitude), Math.cos(eclipticLongitude)),
    declination: Math.asin(Math.sin(obliquity) * Math.sin(eclipticLongitude)),
  }
}

/**
 * Cosine of the angle between the sun and the outward normal of a face; negative with the sun behind it.
 * @param tilt degrees: 0 faces up, 90 is a wall, 180 faces down
 * @param azimuth degrees from north, clockwise, of the outward normal
 */
export function incidenceCosine(sun: SolarPosition, tilt: number, azimuth: number): number {
  const altitude = sun.altitude * DEGREE
  return (
    Math.sin(altitude) * Math.cos(tilt * DEGREE) + Math.cos(altitude) * Math.sin(tilt * DEGREE) * Math.cos((sun.azimuth - azimuth) * DEGREE)
  )
}

const DEGREE = Math.PI / 180
const clamp = (cosine: number) => Math.max(-1, Math.min(1, cosine))
