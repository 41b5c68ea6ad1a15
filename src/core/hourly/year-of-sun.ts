import type { WeatherYear } from "../climate/weather-file"
import { HOURS } from "../climate/weather-year"
import { memoised } from "../memoised"
import { sunlitShare } from "../shell/shading"
import { GROUND_ALBEDO } from "../steady/surface-gain"
import { extraterrestrial } from "../sun/clear-sky"
import { DIFFUSE_SHARE, slantShare } from "../sun/glass"
import { incidenceCosine, type SolarPosition, solarPosition } from "../sun/solar-position"
import { tiltedIrradiance } from "../sun/tilted-irradiance"
import { type Around, isHidden, isOpen } from "../sun/horizon"
import type { Sunny } from "./year-model"

/** Where the sun stands in the middle of each hour of a year; null while it is down or gives nothing. */
const suns = memoised(({ start, latitude, longitude, hours }: WeatherYear): (SolarPosition | null)[] => {
  const begins = Date.parse(start)
  return hours.map(({ directNormal, diffuseHorizontal }, k) => {
    if (directNormal + diffuseHorizontal <= 0) return null
    const sun = solarPosition(begins + (k + 0.5) * 3_600_000, latitude, longitude)
    return sun.altitude > 0 ? sun : null
  })
})

/** Weather as it comes to what stands around or under something: no beam while that hides the sun, and no sky under a roof. */
export const weatherAround = (weather: WeatherYear, around: Around): WeatherYear =>
  isOpen(around) ? weather : weatherAroundText(weather, JSON.stringify(around))

const weatherAroundText = memoised((weather: WeatherYear, text: string): WeatherYear => {
  const around = JSON.parse(text) as Around
  const where = suns(weather)
  const hours = weather.hours.map((hour, k) => {
    const sun = where[k]
    return {
      ...hour,
      directNormal: sun && isHidden(around, sun) ? 0 : hour.directNormal,
      skyTemperature: around.roof === null ? hour.skyTemperature : hour.temperature,
    }
  })
  return { ...weather, hours }
})

/** Sun that looks one way, each hour of a year, W/m²: its beam, and what comes from sky and ground. */
const sunToward = memoised((weather: WeatherYear, tilt: number, azimuth: number): { beam: Float64Array; scattered: Float64Array } => {
  const [beam, scattered] = [new Float64Array(HOURS), new Float64Array(HOURS)]
  for (const [k, sun] of suns(weather).entries()) {
    if (!sun) continue
    const { directNormal, diffuseHorizontal } = weather.hours[k]!
    const light = { directNormal, diffuseHorizontal, extraterrestrial: extraterrestrial(Math.floor(k / 24) + 1) }
    beam[k] = directNormal * Math.max(0, incidenceCosine(sun, tilt, azimuth))
    scattered[k] = tiltedIrradiance(sun, light, tilt, azimuth, GROUND_ALBEDO) - beam[k]
  }
  return { beam, scattered }
})

/** What of the beam reaches an upright part past the roof and boards before it, each hour, 0…1; null without any. */
function litOf(weather: WeatherYear, { strips, width, height, shades }: Sunny): Float64Array | null {
  if (!shades) return null
  const { azimuth } = strips[0]!
  const { beam } = sunToward(weather, 90, azimuth)
  return Float64Array.from(suns(weather), (sun, k) => (sun && beam[k]! > 0 ? sunlitShare(sun, azimuth, width, height, shades) : 0))
}

/** Sun on a face, each hour of a year, W/m². */
export const sunOn = (weather: WeatherYear, face: Sunny): Float64Array => sunOnText(weather, textOf(face))

const sunOnText = memoised((weather: WeatherYear, text: string): Float64Array => {
  const face = JSON.parse(text) as Sunny
  const lit = litOf(weather, face)
  const all = new Float64Array(HOURS)
  for (const { share, tilt, azimuth } of face.strips) {
    const { beam, scattered } = sunToward(weather, tilt, azimuth)
    for (let k = 0; k < HOURS; k++) all[k]! += share * (beam[k]! * (lit ? lit[k]! : 1) + scattered[k]!)
  }
  return all
})

/** How much of what a face sees is sky. */
export const seenSky = ({ strips }: Pick<Sunny, "strips">): number =>
  strips.reduce((all, { share, tilt }) => all + (share * (1 + Math.cos((tilt * Math.PI) / 180))) / 2, 0)

/** Sun that comes through glass of a solar factor of 1, each hour of a year, W/m²: the beam by its slant, the rest from all sides. */
export const sunThrough = (weather: WeatherYear, pane: Sunny): Float64Array => sunThroughText(weather, textOf(pane))

const sunThroughText = memoised((weather: WeatherYear, text: string): Float64Array => {
  const pane = JSON.parse(text) as Sunny
  const { tilt, azimuth } = pane.strips[0]!
  const lit = litOf(weather, pane)
  const { beam, scattered } = sunToward(weather, tilt, azimuth)
  return Float64Array.from(suns(weather), (sun, k) => {
    if (!sun) return 0
    return beam[k]! * (lit ? lit[k]! : 1) * slantShare(incidenceCosine(sun, tilt, azimuth)) + scattered[k]! * DIFFUSE_SHARE
  })
})

/** The same place in the sun has the same text, however often it was sent. */
const textOf = ({ strips, width, height, shades }: Sunny): string => JSON.stringify({ strips, width, height, shades })
