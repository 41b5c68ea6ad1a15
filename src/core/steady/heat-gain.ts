import type { AirState } from "../../schema/quantity"
import { humidityRatioOf, vapourPressureAt } from "../air/moist-air"
import { type DesignHour, summerDesignDay } from "../climate/design-day"
import type { Conditions } from "../enclosure/conditions"
import { airLeakageHeat, airLeakageLatentHeat, solAirTemperature, transmission } from "./transmission"
import { groundFlow } from "../ground/monthly-flow"
import { memoised } from "../memoised"
import { sum } from "../numeric/sum"
import { STANDARD_PRESSURE } from "../quantity/constants"
import { heatFlowDirection } from "../assembly/surface-resistance"
import type { Face } from "../shell/face"
import { tiltedIrradiance } from "../sun/tilted-irradiance"
import { type SurfaceFigures, temperatureBeyond } from "../enclosure/surface-figures"
import { place } from "../enclosure/place"
import type { HeatPart, SteadyEnclosure } from "./heat-loss"
import { ventedSunFilms } from "./vented-skin"
import { pathLoss } from "../enclosure/heat-path"
import { leakingAir, type Leaks } from "../enclosure/leaks"

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

/** One hour of the hottest clear day: °C outdoors, and heat that comes in, W. */
export interface GainHour {
  hour: number
  outdoors: number
  total: number
}

/** Heat gained over the hottest clear day, W; `hour` is that of its peak. */
export interface HeatGain {
  /** Greatest total of the day, W; negative when heat leaves at every hour. */
  total: number
  hour: number
  hours: GainHour[]
  /** What comes in where at the hour of the peak. */
  parts: HeatPart[]
  /** Each face at the hour at which it takes in most. */
  worst: Record<string, FaceHour>
  /** Each face at the job's worst hour. */
  atPeak: Record<string, FaceHour>
}

/** A way for heat to come in, W at an hour of the day by its place among them. */
type Way = Omit<HeatPart, "heat"> & { at: (hour: number) => number }

/** Light that ordinary ground throws back. */
const GROUND_ALBEDO = 0.2

/**
 * First heat gain over the hottest clear day: air to air, absorbed sun on each face, sun through openings, leaking air; edges by the air alone.
 * Steady hour by hour: heavy walls would delay and lower it. People, lights and machines are not counted.
 * @see ASHRAE Fundamentals 2017, ch. 18 (sol-air temperature)
 */
export function heatGain({ surfaces, countedPaths, leaks, conditions }: SteadyEnclosure): HeatGain {
  const { inside, outside } = conditions.summer
  const day = summerDesignDay(conditions.station, outside.temperature)
  const wetter = surplusWater(leaks, conditions)
  const curves = surfaces.map((figures) => {
    const { adjacent, face } = figures
    const sun = adjacent.kind === "outdoors" && adjacent.sun ? irradiancesOn(face, day) : null
    return day.map((hour, i) => faceHour(figures, hour, sun?.[i] ?? 0, conditions))
  })
  const ways = [
    ...surfaces.flatMap((figures, f): Way[] => [
      { kind: "surface", place: place.surface(figures.id), name: figures.name, at: (i) => curves[f]![i]!.heat },
      ...figures.closures.map(({ place, name, area, uValue, solarFactor }): Way => {
        const through = (i: number) => {
          const beyond = temperatureBeyond(figures, "summer", inside.temperature, day[i]!.temperature)
          return transmission(area, uValue, beyond - inside.temperature) + solarFactor * area * curves[f]![i]!.irradiance
        }
        return { kind: "opening", place, name, at: through }
      }),
    ]),
    ...countedPaths.map((path): Way => {
      const { place, name } = path
      return { kind: "path", place, name, at: (i) => -pathLoss(path, "summer", inside.temperature, day[i]!.temperature) }
    }),
    { kind: "air", place: place.air(), name: "Air leaking in", at: (i) => airGain(leaks, conditions, day[i]!.temperature, wetter) } as Way,
  ]
  const hours = day.map(({ hour, temperature }, i): GainHour => ({ hour, outdoors: temperature, total: sum(ways.map(({ at }) => at(i))) }))
  const peak = indexOfGreatest(hours.map((hour) => hour.total))
  return {
    total: hours[peak]!.total,
    hour: hours[peak]!.hour,
    hours,
    parts: ways.map(({ at, ...way }) => ({ ...way, heat: at(peak) })),
    worst: Object.fromEntries(
      surfaces.map((figures, f) => [figures.id, curves[f]![indexOfGreatest(curves[f]!.map((hour) => hour.heat))]!]),
    ),
    atPeak: Object.fromEntries(surfaces.map((figures, f) => [figures.id, curves[f]![peak]!])),
  }
}

function faceHour(figures: SurfaceFigures, weather: DesignHour, irradiance: number, conditions: Conditions): FaceHour {
  const { hour } = weather
  const indoors = conditions.summer.inside.temperature
  if (figures.ground) {
    const heat = -groundFlow(figures.ground, indoors, conditions.annualMean, conditions.summerMonth)
    return { hour, irradiance: 0, skin: conditions.annualMean, heat }
  }
  const beyond = temperatureBeyond(figures, "summer", indoors, weather.temperature)
  const { absorptance, summerFilm, summerTransmittance } = figures
  const solAirPast = (film: number) => solAirTemperature(beyond, absorptance, irradiance, film)
  const open = 1 - figures.layers[0]!.effectiveShare
  const vented = ventedSunFilms(summerTransmittance, summerFilm, heatFlowDirection(figures.face.tilt, false))
  const flux = summerTransmittance * (solAirPast((1 - open) * summerFilm + open * vented.behind) - indoors)
  const skin = (1 - open) * (solAirPast(summerFilm) - flux * summerFilm) + open * solAirPast(vented.skin)
  return { hour, irradiance, skin, heat: flux * figures.netArea }
}

/** Sun on a face that sees the sky, hour by hour, W/m². */
const irradiancesOn = memoised((face: Face, day: readonly DesignHour[]): number[] =>
  day.map(
    ({ sun, light }) =>
      sum(face.strips.map(({ area, tilt, azimuth }) => area * tiltedIrradiance(sun, light, tilt, azimuth, GROUND_ALBEDO))) / face.area,
  ),
)

/** Water that leaking air holds over that of the inside, kg/kg: it keeps that of the design afternoon through the day. */
function surplusWater(leaks: Leaks, { summer }: Conditions): number {
  const water = (air: AirState) => humidityRatioOf(vapourPressureAt(air.temperature, air.relativeHumidity), STANDARD_PRESSURE)
  return water(leakingAir(leaks, "summer", summer).from) - water(summer.inside)
}

function airGain(leaks: Leaks, { summer: { inside, outside, windSpeed } }: Conditions, outdoors: number, wetter: number): number {
  const now = leakingAir(leaks, "summer", { inside, outside: { ...outside, temperature: outdoors }, windSpeed })
  return airLeakageHeat(now.flow, now.from.temperature - inside.temperature) + airLeakageLatentHeat(now.flow, wetter)
}

function indexOfGreatest(values: readonly number[]): number {
  return values.reduce((best, value, i) => (value > values[best]! ? i : best), 0)
}
