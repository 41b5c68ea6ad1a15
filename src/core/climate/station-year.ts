import type { MonthlyNormals } from "../../schema/normals"
import { memoised } from "../memoised"
import { climateBetween, type ClimateStation, climateStationOf, solarTimeZone } from "./climate-stations"
import { syntheticYear } from "./synthetic-year"
import type { WeatherYear } from "./weather-file"

/** What a year is made of, by the month: between the coldest and the warmest by its temperature; the wind of the whole year. */
export function normalsOf({ monthlyTemperature, monthlyRelativeHumidity, months, meanWindSpeed }: ClimateStation): MonthlyNormals[] {
  const between = climateBetween(monthlyTemperature)
  return monthlyTemperature.map((temperature, i) => ({
    temperature,
    dailySwing: between(temperature, ...months.dailySwing),
    relativeHumidity: monthlyRelativeHumidity[i]!,
    clearness: between(temperature, ...months.clearness),
    windSpeed: meanWindSpeed,
    rain: between(temperature, ...months.rain),
  }))
}

/** Of the seeds tried the one whose days are cold and hot enough to come to the design temperatures of every station. */
const SEED = 5

/** The invented year of a built-in station: its hours come to the station's normals and to its design temperatures. */
export const stationYear = memoised((station: ClimateStation): WeatherYear => {
  const { name, latitude, longitude, elevation } = station
  return syntheticYear(normalsOf(station), { name, latitude, longitude, elevation, timeZone: solarTimeZone(longitude) }, SEED, {
    cold: station.winter.temperature,
    hot: station.summer.temperature,
  })
})

/** @throws InputError `unknown-reference` */
export const stationYearOf = (id: string): WeatherYear => stationYear(climateStationOf(id))
