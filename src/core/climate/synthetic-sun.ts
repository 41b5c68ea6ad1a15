import { extraterrestrial } from "../sun/clear-sky"
import { solarPosition } from "../sun/solar-position"
import { FIRST_HOUR, HOURS, hoursIn, type WeatherPlace } from "./weather-year"

/** Sun on level ground, and beam and diffuse light of each hour, W/m². */
export interface YearOfSun {
  directNormal: Float64Array
  diffuseHorizontal: Float64Array
  /** Share of the sun outside the atmosphere that comes to the ground, by the day. */
  clearness: Float64Array
  /** Sines of the sun's altitude in the middle of each hour, 0 under the horizon. */
  heights: Float64Array
}

/** No hour and no day is clearer. */
const [CLEAREST_HOUR, CLEAREST_DAY, DARKEST_DAY] = [0.85, 0.82, 0.04]
/** The beam of no clear sky is more of the sun outside the atmosphere. */
const MOST_BEAM = 0.8

/**
 * A year of sun from the months' clearness.
 * @param clearness of the months: sun on level ground over the same outside the atmosphere
 * @param chance of each day, about 0 with deviation 1
 * @param begins ms since 1970
 * @see Collares-Pereira and Rabl, Solar Energy 22 (1979), hours of a day's sum; Erbs, Klein and Duffie, Solar Energy 28 (1982), diffuse share
 */
export function yearOfSun(clearness: readonly number[], chance: readonly number[], place: WeatherPlace, begins: number): YearOfSun {
  const { heights, outside, shape } = sunOutside(place, begins)
  const [global, days] = [new Float64Array(HOURS), new Float64Array(HOURS / 24)]
  for (const [month, asked] of clearness.entries()) {
    const [from, to] = [FIRST_HOUR[month]!, FIRST_HOUR[month]! + hoursIn(month)]
    const wanted = asked * total(outside, from, to)
    // Cloudy places change more from day to day than clear ones.
    const spread = 0.9 * (0.85 - asked)
    let scale = 1
    for (let i = 0; i < 40; i++) {
      for (let day = from / 24; day < to / 24; day++) {
        days[day] = Math.min(CLEAREST_DAY, Math.max(DARKEST_DAY, asked * scale * (1 + spread * chance[day]!)))
        for (let hour = day * 24; hour < day * 24 + 24; hour++)
          global[hour] = outside[hour]! * Math.min(CLEAREST_HOUR, days[day]! * shape[hour]!)
      }
      const got = total(global, from, to)
      if (got === 0 || Math.abs(got / wanted - 1) < 1e-4) break
      scale *= wanted / got
    }
  }
  return { ...split(global, outside, heights), clearness: days, heights }
}

/** Sun outside the atmosphere on level ground, and how an hour's clearness stands to its day's: less where the sun is low. */
function sunOutside({ latitude, longitude }: WeatherPlace, begins: number) {
  const [heights, outside, shape] = [new Float64Array(HOURS), new Float64Array(HOURS), new Float64Array(HOURS)]
  const phi = (latitude * Math.PI) / 180
  for (let day = 0; day < HOURS / 24; day++) {
    let [sum, shaped] = [0, 0]
    for (let hour = day * 24; hour < day * 24 + 24; hour++) {
      const { altitude, declination } = solarPosition(begins + (hour + 0.5) * 3_600_000, latitude, longitude)
      const delta = (declination * Math.PI) / 180
      const height = Math.sin((altitude * Math.PI) / 180)
      // cos ω = (sin h − sin φ sin δ) / (cos φ cos δ); at a pole the hours are alike.
      const across = Math.cos(phi) * Math.cos(delta)
      const cosine = across < 1e-6 ? 0 : (height - Math.sin(phi) * Math.sin(delta)) / across
      const sunset = Math.acos(Math.max(-1, Math.min(1, -Math.tan(phi) * Math.tan(delta))))
      const turn = Math.sin(sunset - Math.PI / 3)
      heights[hour] = Math.max(0, height)
      outside[hour] = extraterrestrial(day + 1) * heights[hour]!
      shape[hour] = Math.max(0, 0.409 + 0.5016 * turn + (0.6609 - 0.4767 * turn) * cosine)
      sum += outside[hour]!
      shaped += outside[hour]! * shape[hour]!
    }
    for (let hour = day * 24; hour < day * 24 + 24; hour++) shape[hour]! *= shaped > 0 ? sum / shaped : 0
  }
  return { heights, outside, shape }
}

/** Sun on level ground parted into beam and diffuse light; the two come to what was parted. */
function split(global: Float64Array, outside: Float64Array, heights: Float64Array) {
  const [directNormal, diffuseHorizontal] = [new Float64Array(HOURS), new Float64Array(HOURS)]
  for (let hour = 0; hour < HOURS; hour++) {
    if (heights[hour]! <= 0 || outside[hour]! <= 0) continue
    const beam = (global[hour]! * (1 - diffuseShare(global[hour]! / outside[hour]!))) / heights[hour]!
    directNormal[hour] = Math.min(beam, (MOST_BEAM * outside[hour]!) / heights[hour]!)
    diffuseHorizontal[hour] = global[hour]! - directNormal[hour]! * heights[hour]!
  }
  return { directNormal, diffuseHorizontal }
}

/** Diffuse share of an hour's sun by its clearness. @see Erbs, Klein and Duffie 1982, eq. 1 */
export function diffuseShare(clearness: number): number {
  if (clearness <= 0.22) return 1 - 0.09 * clearness
  if (clearness > 0.8) return 0.165
  return 0.9511 - 0.1604 * clearness + 4.388 * clearness ** 2 - 16.638 * clearness ** 3 + 12.336 * clearness ** 4
}

function total(values: Float64Array, from: number, to: number): number {
  let sum = 0
  for (let i = from; i < to; i++) sum += values[i]!
  return sum
}
