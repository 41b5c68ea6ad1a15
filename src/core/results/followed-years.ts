import { InputError } from "../../schema/outcome"
import { weatherYear } from "../climate/weather-of"
import type { SectionModel } from "../section/section-model"
import { BUILT_IN_HUMIDITY, JUDGED, sectionYears } from "../section/section-years"
import type { Followed } from "./years-result"

/** Follows a face as it is judged, of wood dried in the air. @param onYear hears how many years are done */
export function followedYears(model: SectionModel, onYear?: (done: number) => void): Followed {
  try {
    const told = sectionYears(model, weatherYear(model.weather), BUILT_IN_HUMIDITY.usual, JUDGED, onYear)
    const { repeats, sweats, dryAfter, gained, balance } = told
    // The last two say whether it is wetter from year to year.
    return { outcome: { years: told.years.slice(-2), repeats, sweats, dryAfter, gained, balance } }
  } catch (error) {
    if (error instanceof InputError) return { outcome: null }
    throw error
  }
}
