import type { AirState, Season } from "../../schema/quantity"
import type { Brief } from "../../schema/job/job"
import type { OwnWeather } from "../../schema/job/weather"
import type { Shell } from "../../schema/job/shell"
import { annualMean, designMonth } from "../climate/design-day"
import { climateStationOf, type DesignPlace } from "../climate/climate-stations"
import { memoised } from "../memoised"
import type { Around } from "../sun/horizon"
import { type Adjacent, isExposed } from "./adjacent"

/** One season's design condition. */
export interface Condition {
  inside: AirState
  outside: AirState
  /** m/s; 0 where no wall and no roof sees the outdoors */
  windSpeed: number
}

/** The air on both sides of the skin in the two design hours, °C and 0..1. */
export interface Conditions {
  station: DesignPlace
  winter: Condition
  summer: Condition
  /** °C, of the ground's year, of its coldest month, and of the month of the hottest day */
  annualMean: number
  coldestMonth: number
  summerMonth: number
  /** Nothing heats it: the brief has a heater of no output. */
  unheated: boolean
  /** What stands around it and over it. */
  around: Around
}

/** Design conditions of a job: what was typed in the brief, else the weather that it brings along, else the station's. */
export const conditionsOf = ({ indoors, outdoors, station, weather, limits }: Brief, shell: Shell): Conditions =>
  designConditions(indoors, outdoors, weather, station, limits.loss === 0, shell.around, isExposed(shell))

/** The place of weather that a job brings along. */
const placeOfOwn = memoised(({ name, latitude, longitude, climate }: OwnWeather): DesignPlace => ({
  name,
  latitude,
  longitude,
  ...climate,
}))

const designConditions = memoised(
  (
    indoors: Brief["indoors"],
    outdoors: Brief["outdoors"],
    weather: OwnWeather | null,
    stationId: string,
    unheated: boolean,
    around: Around,
    exposed: boolean,
  ): Conditions => {
    const station = weather ? placeOfOwn(weather) : climateStationOf(stationId)
    const windSpeed = (season: Season) => (exposed ? station[season].windSpeed : 0)
    return {
      station,
      winter: { inside: indoors.winter, outside: outdoors.winter ?? station.winter, windSpeed: windSpeed("winter") },
      summer: { inside: indoors.summer, outside: outdoors.summer ?? station.summer, windSpeed: windSpeed("summer") },
      annualMean: annualMean(station),
      coldestMonth: Math.min(...station.monthlyTemperature),
      summerMonth: station.monthlyTemperature[designMonth(station.latitude)]!,
      unheated,
      around,
    }
  },
)

/** The season in which most heat goes through what has such an environment beyond it; an unheated space follows the outdoors. */
export function governingSeason({ winter, summer }: Conditions, adjacent: Adjacent): Season {
  const difference = (season: Season) => {
    const { inside, outside } = season === "winter" ? winter : summer
    return inside.temperature - governedTemperature(adjacent, season, outside.temperature)
  }
  return Math.abs(difference("summer")) > Math.abs(difference("winter")) ? "summer" : "winter"
}

/** Temperature beyond a surface as far as it is fixed: that of a room that is held, else the outdoors, °C. */
export const governedTemperature = (adjacent: Adjacent, season: Season, outdoors: number): number =>
  adjacent.kind === "space" && adjacent.space.kind === "held" ? adjacent.space[season].temperature : outdoors
