import type { AirState } from "../../schema/quantity"
import { humidityRatioOf, vapourPressureAt } from "../air/moist-air"
import { answered } from "../assembly/day-response"
import { type DesignHour, summerDesignDay } from "../climate/design-day"
import { skyLoss } from "../climate/sky-temperature"
import type { Conditions } from "../enclosure/conditions"
import { airLeakageHeat, airLeakageLatentHeat, solAirTemperature, transmission } from "./transmission"
import { groundFlow } from "../ground/monthly-flow"
import { memoised } from "../memoised"
import { sum } from "../numeric/sum"
import { STANDARD_PRESSURE } from "../quantity/constants"
import { heatFlowDirection } from "../assembly/surface-resistance"
import type { Face, Strip } from "../shell/face"
import { clearIrradiance } from "../sun/tilted-irradiance"
import { surfaceDay } from "../enclosure/surface-day"
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
 * Heat gain over the hottest clear day, which repeats: air to air, sun and sky on each face, sun through openings, leaking air; edges by the
 * air alone. What layers store delays and lowers it. People, lights and machines are not counted.
 * @see ASHRAE Fundamentals 2017, ch. 18 (sol-air temperature, conduction time factors)
 */
export function heatGain({ surfaces, countedPaths, leaks, conditions }: SteadyEnclosure): HeatGain {
  const { inside, outside } = conditions.summer
  const day = summerDesignDay(conditions.station, outside.temperature, outside.relativeHumidity)
  const wetter = surplusWater(leaks, conditions)
  const curves = surfaces.map((figures) => {
    const { adjacent, face } = figures
    const sky = adjacent.kind === "outdoors" && adjacent.sun ? radiationOn(face, day) : null
    return figures.ground ? onGround(figures, day, conditions) : faceDay(figures, day, sky, conditions)
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
  const beyond = day.map(({ temperature }) => temperatureBeyond(figures, "summer", indoors, temperature))
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

/** Sun on a face and what it loses to the sky where it is black, hour by hour, W/m². */
interface Radiation {
  sun: number[]
  loss: number[]
}

const radiationOn = memoised(({ strips, area: whole }: Face, day: readonly DesignHour[]): Radiation => {
  const mean = (of: (strip: Strip) => number) => sum(strips.map((strip) => strip.area * of(strip))) / whole
  const seen = mean(({ tilt }) => (1 + Math.cos((tilt * Math.PI) / 180)) / 2)
  return {
    sun: day.map(({ sun, light }) => mean(({ tilt, azimuth }) => clearIrradiance(sun, light, tilt, azimuth, GROUND_ALBEDO))),
    loss: day.map(({ temperature, skyTemperature }) => seen * skyLoss(temperature, skyTemperature)),
  }
})

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
