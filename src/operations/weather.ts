import Papa from "papaparse"
import { weatherOfEpw } from "../core/climate/epw"
import { solarTimeZone } from "../core/climate/climate-stations"
import { stationYearOf } from "../core/climate/station-year"
import { syntheticYear } from "../core/climate/synthetic-year"
import { weatherOfTable } from "../core/climate/weather-table"
import { WeatherInput, WeatherOutput } from "../schema/weather"
import { operation } from "./operation"

/** A year of hours takes some fifth of a second, and as long again to be sent. */
const WORK = 40

/** A year of hours, of a station, a file or normals: `npm run calc weather`. */
export const weather = operation({
  name: "weather",
  summary: "a year of hours, from a station, a file or monthly normals",
  input: WeatherInput,
  output: WeatherOutput,
  work: () => WORK,
  run: (input) => {
    if ("station" in input) return stationYearOf(input.station)
    if ("monthly" in input) {
      const { latitude, longitude, monthly, seed } = input
      return syntheticYear(
        monthly,
        { name: "monthly normals", latitude, longitude, elevation: 0, timeZone: solarTimeZone(longitude) },
        seed,
      )
    }
    if (input.format === "epw") return weatherOfEpw(Papa.parse<string[]>(input.text, { delimiter: ",", quoteChar: "\u0000" }).data)
    const { latitude, longitude, timeZone, columns, units } = input
    const { data, meta } = Papa.parse<string[]>(input.text, { delimitersToGuess: [",", ";", "\t", "|"] })
    const place = { name: "a weather table", latitude, longitude, timeZone, elevation: 0 }
    return weatherOfTable(data, meta.delimiter !== ",", place, columns, units)
  },
})
