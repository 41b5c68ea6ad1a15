import type { AirState } from "../../schema/quantity"
import type { Brief } from "../../schema/job/job"
import type { Shell } from "../../schema/job/shell"
import { FACES } from "../../schema/job/references"
import { annualMean } from "../climate/design-day"
import { type Station, stationOf } from "../climate/stations"
import { kept } from "../kept"
import { isExposed } from "./beyond"

/** One season's design condition. */
export interface Condition {
  inside: AirState
  outside: AirState
  /** m/s; 0 where no wall and no roof sees the outdoors */
  windSpeed: number
}

/** The air on both sides of the skin in the two design hours, °C and 0..1. */
export interface Conditions {
  station: Station
  winter: Condition
  summer: Condition
  /** °C, of the ground's year */
  annualMean: number
}

/** Design conditions of a job: what was typed in the brief, else the station's. */
export const conditionsOf = kept((brief: Brief, shell: Shell): Conditions => {
  const station = stationOf(brief.station)
  const wind = isExposed(
    shell,
    FACES[shell.form.kind].filter((face) => face !== "floor"),
  )
    ? 1
    : 0
  return {
    station,
    winter: { inside: brief.indoors.winter, outside: brief.outdoors.winter ?? station.winter, windSpeed: wind * station.winter.windSpeed },
    summer: { inside: brief.indoors.summer, outside: brief.outdoors.summer ?? station.summer, windSpeed: wind * station.summer.windSpeed },
    annualMean: annualMean(station),
  }
})
