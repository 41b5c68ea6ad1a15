import type { OwnWeather } from "../../schema/job/weather"
import { yearOfOwn } from "./own-weather"
import { stationYearOf } from "./station-year"
import { weatherKey } from "./weather-key"
import type { WeatherYear } from "./weather-file"

/** Years of one's own that are kept unpacked: one job is worked on at a time. */
const KEPT = 3
const unpacked = new Map<string, WeatherYear>()

/** The hours of a built-in station, or of weather that a job brings along. @throws InputError `unknown-reference` */
export function weatherYear(weather: string | OwnWeather): WeatherYear {
  if (typeof weather === "string") return stationYearOf(weather)
  const key = weatherKey(weather)
  const year = unpacked.get(key) ?? yearOfOwn(weather)
  unpacked.set(key, year)
  if (unpacked.size > KEPT) unpacked.delete(unpacked.keys().next().value!)
  return year
}
