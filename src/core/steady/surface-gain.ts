import { answered } from "../assembly/day-response"
import { heatFlowDirection } from "../assembly/surface-resistance"
import type { DesignHour } from "../climate/design-day"
import { skyLoss } from "../climate/sky-temperature"
import type { Conditions } from "../enclosure/conditions"
import { surfaceDay } from "../enclosure/surface-day"
import { spaceSun, type SurfaceFigures, temperatureBeyond } from "../enclosure/surface-figures"
import { groundFlow } from "../ground/monthly-flow"
import { memoised } from "../memoised"
import { sum } from "../numeric/sum"
import type { Face, Strip } from "../shell/face"
import { boundsOf } from "../shell/polygon"
import { type Shades, sunlitShare } from "../shell/shading"
import { DIFFUSE_SHARE, slantShare } from "../sun/glass"
import { incidenceCosine } from "../sun/solar-position"
import { clearIrradiance } from "../sun/tilted-irradiance"
import { solAirTemperature } from "./transmission"
import { ventedSunFilms } from "./vented-skin"

/** A face at one hour of the hottest day. */
export interface FaceHour {
  hour: number
  /** Sun on it, W/m². */
  irradiance: number
  /** Outdoor skin, °C: what an infrared gun would read. */
  skin: number
  /** W, positive inward */
  heat: number
}

/** Light that ordinary ground throws back. */
export const GROUND_ALBEDO = 0.2

/** °C beyond a surface at each hour of the hottest day; the sun warms an unheated space with glass. */
export function summerBeyond(figures: SurfaceFigures, day: readonly DesignHour[], indoors: number): number[] {
  const sun = spaceSun(figures)
  return day.map((hour) => {
    const beyond = temperatureBeyond(figures, "summer", indoors, hour.temperature)
    return sun ? beyond + sun.warmth * clearIrradiance(hour.sun, hour.light, sun.tilt, sun.azimuth, GROUND_ALBEDO) : beyond
  })
}

/** Whether the sun reaches a surface. */
export const seesSun = ({ adjacent }: SurfaceFigures): boolean => adjacent.kind === "outdoors" && adjacent.sun

/** What comes in through a surface beside its openings, hour by hour of the hottest day. */
export function surfaceGain(figures: SurfaceFigures, day: readonly DesignHour[], conditions: Conditions): FaceHour[] {
  const sky = seesSun(figures) ? radiationOn(figures.face, day, figures.shades) : null
  return figures.ground ? onGround(figures, day, conditions) : faceDay(figures, day, sky, conditions)
}

/** A floor that the ground keeps at one temperature through the day. */
function onGround({ ground }: SurfaceFigures, day: readonly DesignHour[], conditions: Conditions): FaceHour[] {
  const { inside } = conditions.summer
  const heat = -groundFlow(ground!, inside.temperature, conditions.annualMean, conditions.summerMonth)
  return day.map(({ hour }) => ({ hour, irradiance: 0, skin: conditions.annualMean, heat }))
}

/** A face hour by hour: its members' heat comes as late as that beside them. */
function faceDay(figures: SurfaceFigures, day: readonly DesignHour[], sky: Radiation | null, conditions: Conditions): FaceHour[] {
  const { absorptance, summerFilm, summerTransmittance, netArea } = figures
  const { emissivity } = figures.layers[0]!.material.face
  const indoors = conditions.summer.inside.temperature
  const open = 1 - figures.layers[0]!.effectiveShare
  const vented = ventedSunFilms(summerTransmittance, summerFilm, heatFlowDirection(figures.face.tilt, false))
  const absorbed = day.map((_, i) => (sky ? absorptance * sky.sun[i]! - emissivity * sky.loss[i]! : 0))
  const beyond = summerBeyond(figures, day, indoors)
  const past = (film: number) => beyond.map((air, i) => solAirTemperature(air, absorbed[i]!, film) - indoors)
  const response = surfaceDay(figures)
  const drive = past((1 - open) * summerFilm + open * vented.behind)
  const through = answered(response.through, drive)
  const share = summerTransmittance / sum(response.through)
  const intoSkin = answered(response.outside, past(summerFilm))
  return day.map(({ hour }, i) => {
    const closed = solAirTemperature(beyond[i]!, absorbed[i]! - intoSkin[i]!, summerFilm)
    const skin = (1 - open) * closed + open * solAirTemperature(beyond[i]!, absorbed[i]!, vented.skin)
    return { hour, irradiance: sky?.sun[i] ?? 0, skin, heat: share * through[i]! * netArea }
  })
}

/**
 * Sun that comes through a square metre of an opening, hour by hour of the hottest day, W/m² for a solar factor of 1: the beam by its slant and
 * past what stands before it, the light of sky and ground from all sides.
 */
export const sunThrough = memoised(
  (face: Face, day: readonly DesignHour[], width: number, height: number, shades: Shades | null): number[] =>
    day.map(({ sun, light }) => {
      const { tilt, azimuth } = face
      const cosine = Math.max(0, incidenceCosine(sun, tilt, azimuth))
      const beam = sun.altitude > 0 ? light.directNormal * cosine : 0
      const scattered = clearIrradiance(sun, light, tilt, azimuth, GROUND_ALBEDO) - beam
      const lit = beam - (shades ? shadedBeam(sun, light, azimuth, width, height, shades) : 0)
      return lit * slantShare(cosine) + scattered * DIFFUSE_SHARE
    }),
)

/** Beam that boards keep off a part of an upright wall, W/m² of that part. */
function shadedBeam(sun: DesignHour["sun"], light: DesignHour["light"], azimuth: number, width: number, height: number, shades: Shades) {
  const beam = sun.altitude > 0 ? light.directNormal * Math.max(0, incidenceCosine(sun, 90, azimuth)) : 0
  return beam === 0 ? 0 : beam * (1 - sunlitShare(sun, azimuth, width, height, shades))
}

/** Sun on a face and what it loses to the sky where it is black, hour by hour, W/m². */
interface Radiation {
  sun: number[]
  loss: number[]
}

const radiationOn = memoised((face: Face, day: readonly DesignHour[], shades: Shades | null): Radiation => {
  const { strips, area: whole, azimuth: looks, outline } = face
  const mean = (of: (strip: Strip) => number) => sum(strips.map((strip) => strip.area * of(strip))) / whole
  const seen = mean(({ tilt }) => (1 + Math.cos((tilt * Math.PI) / 180)) / 2)
  return {
    sun: day.map(({ sun, light }) => {
      const all = mean(({ tilt, azimuth }) => clearIrradiance(sun, light, tilt, azimuth, GROUND_ALBEDO))
      const { left, right, low, high } = boundsOf(outline)
      return shades ? all - shadedBeam(sun, light, looks, right - left, high - low, shades) : all
    }),
    loss: day.map(({ temperature, skyTemperature }) => seen * skyLoss(temperature, skyTemperature)),
  }
})
