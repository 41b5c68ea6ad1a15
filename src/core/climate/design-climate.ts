import type { Climate } from "../../schema/job/weather"
import { bisection } from "../numeric/bisection"
import { sum } from "../numeric/sum"
import { clearSky } from "../sun/clear-sky"
import { solarPosition } from "../sun/solar-position"
import { FIRST_HOUR, hoursIn, type MonthlyWeather, type WeatherHour } from "./weather-year"

/** Of all hours that are colder, and hotter. @see ASHRAE Fundamentals 2017, ch. 14 (99.6 % and 0.4 %) */
const RARE = 0.004
/** Of the clear hours, the share that is clearer. */
const CLEAREST = 0.1
/** The sun stands so high over clear hours that its depth tells, degrees. */
const HIGH = 20
/** Diffuse depth of a usual summer sky; the beam's is read from the hours. @see ASHRAE Fundamentals 2017, ch. 14, table 1 */
const DIFFUSE_DEPTH = 2.3

/** Between these lie the beam's depths of all skies that are clear at all. */
const DEPTHS = [0.15, 1.2] as const

/**
 * Design hours of a place, from a year of its weather.
 * @param begins ms since 1970 at the year's beginning
 */
export function climateOf(
  hours: readonly WeatherHour[],
  months: readonly Pick<MonthlyWeather, "temperature" | "dailySwing" | "relativeHumidity">[],
  place: { latitude: number; longitude: number; begins: number },
): Climate {
  const monthlyTemperature = months.map(({ temperature }) => temperature)
  const hottest = monthlyTemperature.indexOf(Math.max(...monthlyTemperature))
  const sorted = [...hours].sort((a, b) => a.temperature - b.temperature)
  const rare = Math.floor(RARE * hours.length)
  const [cold, hot] = [sorted.slice(0, rare + 1), sorted.slice(-rare - 1)]
  return {
    winter: { ...airOf(cold), temperature: cold.at(-1)!.temperature },
    summer: {
      ...airOf(hot),
      temperature: hot[0]!.temperature,
      dailyRange: months[hottest]!.dailySwing,
      beamDepth: beamDepth(hours, hottest, place),
      diffuseDepth: DIFFUSE_DEPTH,
    },
    monthlyTemperature,
    monthlyRelativeHumidity: months.map(({ relativeHumidity }) => relativeHumidity),
    meanWindSpeed: mean(hours, "windSpeed"),
  }
}

const mean = (hours: readonly WeatherHour[], of: keyof WeatherHour): number => sum(hours.map((hour) => hour[of])) / hours.length

/** What the air is like in the rarest hours. */
const airOf = (hours: readonly WeatherHour[]) => ({
  relativeHumidity: Math.min(0.98, Math.max(0.02, mean(hours, "relativeHumidity"))),
  windSpeed: mean(hours, "windSpeed"),
})

/** The beam's optical depth in the clearest hours of a month; that of a usual summer where none tells. */
function beamDepth(
  hours: readonly WeatherHour[],
  month: number,
  { latitude, longitude, begins }: { latitude: number; longitude: number; begins: number },
): number {
  const depths: number[] = []
  for (let k = FIRST_HOUR[month]!; k < FIRST_HOUR[month]! + hoursIn(month); k++) {
    const { altitude } = solarPosition(begins + (k + 0.5) * 3_600_000, latitude, longitude)
    const beam = hours[k]!.directNormal
    if (altitude < HIGH || beam < 100) continue
    depths.push(depthOf(beam, altitude, Math.floor(k / 24) + 1))
  }
  if (depths.length < 10) return 0.45
  return depths.sort((a, b) => a - b)[Math.floor(CLEAREST * depths.length)]!
}

/** The depth at which the clear sky passes such a beam, W/m²; the least and the greatest for what is beyond them. */
function depthOf(beam: number, altitude: number, day: number): number {
  const lacks = (depth: number) => beam - clearSky(altitude, day, depth, DIFFUSE_DEPTH).directNormal
  const [least, greatest] = DEPTHS
  if (lacks(least) > 0) return least
  return lacks(greatest) < 0 ? greatest : bisection(lacks, least, greatest)
}
