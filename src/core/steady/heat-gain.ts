import type { Inside } from "../../schema/job/inside"
import type { AirState } from "../../schema/quantity"
import { humidityRatioOf, vapourPressureAt } from "../air/moist-air"
import { dayAround, type DesignHour, summerDesignDay } from "../climate/design-day"
import type { Conditions } from "../enclosure/conditions"
import { pathLoss } from "../enclosure/heat-path"
import { leakingAir, type Leaks } from "../enclosure/leaks"
import { place } from "../enclosure/place"
import { sum } from "../numeric/sum"
import { STANDARD_PRESSURE } from "../quantity/constants"
import type { HeatPart, SteadyEnclosure } from "./heat-loss"
import { type GainPart, insideGain } from "./inside-gain"
import { type FaceHour, seesSun, summerBeyond, sunThrough, surfaceGain } from "./surface-gain"
import { airLeakageHeat, airLeakageLatentHeat, transmission } from "./transmission"

/** The hottest clear day as it comes to what stands around. */
export const hottestDay = ({ station, summer: { outside }, around }: Conditions): DesignHour[] =>
  dayAround(summerDesignDay(station, outside.temperature, outside.relativeHumidity), around)

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
  /** What a cooler is asked for: it may not run all day, and has a reserve, W. */
  asked: number
  /** What comes in where: at the hour of the peak, and at each of the 24 hours. */
  parts: (HeatPart & GainPart)[]
  /** Each face hour by hour, 1 h … 24 h. */
  faces: Record<string, readonly FaceHour[]>
  /** Each face at the hour at which it takes in most. */
  worst: Record<string, FaceHour>
}

/**
 * Heat gain over the hottest clear day, which repeats: air to air, sun and sky on each face, sun through openings, leaking air, and what is
 * inside; edges by the air alone. What layers store delays and lowers it.
 * @see ASHRAE Fundamentals 2017, ch. 18 (sol-air temperature, conduction time factors)
 */
export function heatGain(enclosure: SteadyEnclosure): HeatGain {
  const { surfaces, countedPaths, leaks, conditions } = enclosure
  const { inside } = conditions.summer
  const day = hottestDay(conditions)
  const wetter = surplusWater(leaks, conditions)
  const curves = surfaces.map((figures) => surfaceGain(figures, day, conditions))
  const ways: GainPart[] = [
    ...surfaces.flatMap((figures, f): GainPart[] => [
      { kind: "surface", place: place.surface(figures.id), name: figures.name, hours: curves[f]!.map(({ heat }) => heat) },
      ...figures.closures.map(({ place, name, area, uValue, solarFactor, width, height, shades }): GainPart => {
        const beyond = summerBeyond(figures, day, inside.temperature)
        const sun = seesSun(figures) && solarFactor > 0 ? sunThrough(figures.face, day, width, height, shades) : null
        const through = (_: DesignHour, i: number) => {
          return transmission(area, uValue, beyond[i]! - inside.temperature) + solarFactor * area * (sun?.[i] ?? 0)
        }
        return { kind: "opening", place, name, hours: day.map(through) }
      }),
    ]),
    ...countedPaths.map((path): GainPart => {
      const { place, name } = path
      return { kind: "path", place, name, hours: day.map(({ temperature }) => -pathLoss(path, "summer", inside.temperature, temperature)) }
    }),
    {
      kind: "air",
      place: place.air(),
      name: "Air leaking in",
      ...airGain(leaks, conditions, day, wetter),
    },
    ...insideGain(enclosure, day),
  ]
  const hours = day.map(({ hour, temperature }, i): GainHour => ({
    hour,
    outdoors: temperature,
    total: sum(ways.map(({ hours }) => hours[i]!)),
  }))
  const totals = hours.map(({ total }) => total)
  const peak = indexOfGreatest(totals)
  return {
    total: hours[peak]!.total,
    hour: hours[peak]!.hour,
    asked: coolerAsked(totals, enclosure.inside),
    hours,
    parts: ways.map((way) => ({ ...way, heat: way.hours[peak]! })),
    faces: Object.fromEntries(surfaces.map(({ id }, f) => [id, curves[f]!])),
    worst: Object.fromEntries(
      surfaces.map((figures, f) => [figures.id, curves[f]![indexOfGreatest(curves[f]!.map((hour) => hour.heat))]!]),
    ),
  }
}

/**
 * What a cooler must be able to take out, W: the hottest hour, and the heat of the whole day in the hours that it may run; with its reserve.
 * @param totals W of each of the 24 hours
 * @see ASHRAE Refrigeration 2018, ch. 24 (running time, safety factor)
 */
function coolerAsked(totals: readonly number[], { running, reserve }: Inside): number {
  const day = sum(totals.map((total) => Math.max(0, total)))
  return (1 + reserve) * Math.max(0, ...totals, day / running)
}

/** Water that leaking air holds over that of the inside, kg/kg: it keeps that of the design afternoon through the day. */
function surplusWater(leaks: Leaks, { summer }: Conditions): number {
  const water = (air: AirState) => humidityRatioOf(vapourPressureAt(air.temperature, air.relativeHumidity), STANDARD_PRESSURE)
  return water(leakingAir(leaks, "summer", summer).from) - water(summer.inside)
}

function airGain(leaks: Leaks, { summer }: Conditions, day: readonly DesignHour[], wetter: number): Pick<GainPart, "hours" | "water"> {
  const { inside, outside, windSpeed } = summer
  const airs = day.map(({ temperature }) => leakingAir(leaks, "summer", { inside, outside: { ...outside, temperature }, windSpeed }))
  const water = airs.map(({ flow }) => airLeakageLatentHeat(flow, wetter))
  return { water, hours: airs.map(({ flow, from }, i) => airLeakageHeat(flow, from.temperature - inside.temperature) + water[i]!) }
}

function indexOfGreatest(values: readonly number[]): number {
  return values.reduce((best, value, i) => (value > values[best]! ? i : best), 0)
}
