import type { Inside } from "../../schema/job/inside"
import type { AirState, Season } from "../../schema/quantity"
import { isoSaturation } from "../air/iso-saturation"
import { climateBetween } from "../climate/climate-stations"
import { personHeat } from "../inside/people"
import { DAYS_OF_WEEK, presenceOf } from "../inside/presence"
import { memoised } from "../memoised"
import { sum } from "../numeric/sum"
import { VAPOUR_GAS_CONSTANT, VAPOUR_HEAT, ZERO_CELSIUS } from "../quantity/constants"
import type { Conditions } from "./conditions"
import type { HeldInside } from "./held-inside"
import { leakingAir, type Leaks } from "./leaks"

/** The airs outdoors and inside in the mean of a month. */
export interface MonthAir {
  season: Season
  outside: AirState
  inside: AirState
  /** The same while somebody is there and while nobody is, each with its share of the time. */
  times: readonly { share: number; inside: AirState }[]
  /** The sources give more water than the air that comes in takes away: it is taken as saturated. */
  full: boolean
  /** Air that leaks, as a share of the month in which most does. */
  leak: number
}

/** What of an enclosure its airs hang on. */
export interface Aired {
  held: HeldInside
  inside: Inside
  leaks: Leaks
  ventilation: { flow: number }
}

/** Water of a flame, kg for each J: propane gives 72 kg of water for 44 kg burnt, of 46.35 MJ/kg. */
const WATER_OF_FLAME = 72 / 44 / 46.35e6
/** Less air than this takes no water away, m³/s. */
const STILL = 1e-9

/**
 * Means of the months on both sides of the skin. Inside is as warm as it is held, else as outdoors; while nobody is there as what is held then.
 * Its humidity goes from the winter's to the summer's as outdoors gets warmer, or follows from what gives off water and the air that comes in.
 * @param conditions as typed
 * @see ISO 13788:2012, 4.2.3 (internal boundary conditions)
 */
export function monthAirs(enclosure: Aired, conditions: Conditions): MonthAir[] {
  const { held, inside, leaks, ventilation } = enclosure
  const { monthlyTemperature, monthlyRelativeHumidity } = conditions.station
  const used = usedShare(inside)
  const between = climateBetween(monthlyTemperature)
  // Where no face sees the outdoors no wind blows on it.
  const windSpeed = conditions.winter.windSpeed > 0 ? conditions.station.meanWindSpeed : 0
  const airs = monthlyTemperature.map((mean, month) => {
    const season: Season = mean > conditions.annualMean ? "summer" : "winter"
    const outside = { temperature: mean, relativeHumidity: monthlyRelativeHumidity[month]! }
    const there = kept(mean, held.heater, held.cooler)
    const { away } = inside
    // What is kept meanwhile is kept by a heater and a cooler that are there.
    const left = away ? kept(mean, held.heater === null ? null : away.heating, held.cooler === null ? null : away.cooling) : there
    const share = away ? used : 1
    const temperature = share * there + (1 - share) * left
    const outdoors = isoSaturation(mean) * outside.relativeHumidity
    const typed = between(mean, conditions.winter.inside.relativeHumidity, conditions.summer.inside.relativeHumidity)
    const { flow } = leakingAir(leaks, season, { inside: { temperature, relativeHumidity: 0 }, outside, windSpeed })
    // Water that is given off stays through the hours: it is thinned by the air of all of them.
    const given = inside.water && outdoors + broughtIn(inside, inside.water, used, temperature, flow + ventilation.flow)
    const times = [
      { share, inside: air(there, given ?? typed * isoSaturation(there)) },
      { share: 1 - share, inside: air(left, given ?? outdoors) },
    ].filter((time) => time.share > 0)
    const pressure = sum(times.map((time) => time.share * pressureOf(time.inside)))
    return { season, outside, inside: air(temperature, pressure), times, full: given !== null && given > isoSaturation(temperature), flow }
  })
  const most = Math.max(...airs.map(({ flow }) => flow))
  return airs.map(({ flow, ...air }) => ({ ...air, leak: most > 0 ? flow / most : 0 }))
}

/** An air of such a temperature and water, at most saturated. */
function air(temperature: number, pressure: number): AirState {
  return { temperature, relativeHumidity: Math.min(1, pressure / isoSaturation(temperature)) }
}

/** Its vapour pressure, Pa. @see ISO 13788:2012, annex E */
export const pressureOf = ({ temperature, relativeHumidity }: AirState): number => relativeHumidity * isoSaturation(temperature)

const kept = (mean: number, heater: number | null, cooler: number | null): number =>
  Math.min(Math.max(mean, heater ?? -Infinity), cooler ?? Infinity)

/** Share of all hours in which somebody is there. */
function usedShare({ from, to, days }: Inside): number {
  const { there } = presenceOf({ from, to, days }, DAYS_OF_WEEK)
  return there.reduce((all, one) => all + one, 0) / there.length
}

/** By how much the vapour pressure inside is over that outdoors, Pa: what is given off, thinned by all air that comes in, m³/s. */
function broughtIn(
  { people, activity, days }: Inside,
  { cooking, clothes, animals, goods, burners }: NonNullable<Inside["water"]>,
  used: number,
  temperature: number,
  air: number,
): number {
  const breath = (used * people * personHeat(activity, temperature).latent) / VAPOUR_HEAT
  const share = days.filter(Boolean).length / DAYS_OF_WEEK
  const given = breath + (share * (cooking + clothes + animals + goods + burners * WATER_OF_FLAME)) / 86_400
  if (given <= 0) return 0
  return air < STILL ? Infinity : (given * VAPOUR_GAS_CONSTANT * (temperature + ZERO_CELSIUS)) / air
}

/** Design conditions with the humidity inside as it follows in the coldest and in the warmest month. */
export function humidified(conditions: Conditions, months: readonly MonthAir[]): Conditions {
  const by = [...months].sort((a, b) => a.outside.temperature - b.outside.temperature)
  return withHumidity(conditions, by[0]!.inside.relativeHumidity, by.at(-1)!.inside.relativeHumidity)
}

const withHumidity = memoised((conditions: Conditions, winter: number, summer: number): Conditions => ({
  ...conditions,
  winter: { ...conditions.winter, inside: { ...conditions.winter.inside, relativeHumidity: winter } },
  summer: { ...conditions.summer, inside: { ...conditions.summer.inside, relativeHumidity: summer } },
}))
