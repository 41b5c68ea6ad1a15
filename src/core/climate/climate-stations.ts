import { InputError } from "../../schema/outcome"

/** An invented climate station: design conditions, and the normals that a year is reckoned from. */
export interface ClimateStation {
  name: string
  words: string
  /** degrees, north positive */
  latitude: number
  /** degrees, east positive */
  longitude: number
  /** 99.6 % design night: °C, 0…1, m/s */
  winter: { temperature: number; relativeHumidity: number; windSpeed: number }
  /** 0.4 % design afternoon: °C, daily range K, humidity at the hottest hour, m/s, optical depths of the clear sky */
  summer: { temperature: number; dailyRange: number; relativeHumidity: number; windSpeed: number; beamDepth: number; diffuseDepth: number }
  /** Mean temperatures of the months, January first, °C, and humidities, 0…1. */
  monthlyTemperature: readonly number[]
  monthlyRelativeHumidity: readonly number[]
  /** Yearly mean wind, m/s. */
  meanWindSpeed: number
  /** m over the sea */
  elevation: number
  /** Of the coldest month and of the warmest; between them by temperature. Rain is a month's, without snow, kg/m². */
  months: { dailySwing: Ends; clearness: Ends; rain: Ends }
}

/** What of a place design hours and months' means are reckoned from: of a built-in station, or of weather that a job brings along. */
export type DesignPlace = Pick<
  ClimateStation,
  "name" | "latitude" | "longitude" | "winter" | "summer" | "monthlyTemperature" | "monthlyRelativeHumidity" | "meanWindSpeed"
>

/** A figure of the coldest month and one of the warmest. */
type Ends = readonly [coldest: number, warmest: number]

type Row = readonly [
  id: string,
  name: string,
  words: string,
  place: readonly [latitude: number, longitude: number],
  winter: readonly [temperature: number, relativeHumidity: number, windSpeed: number],
  summer: readonly [temperature: number, dailyRange: number, relativeHumidity: number, windSpeed: number, beam: number, diffuse: number],
  meanWindSpeed: number,
  monthlyTemperature: readonly number[],
  elevation: number,
  dailySwing: Ends,
  relativeHumidity: Ends,
  clearness: Ends,
  rain: Ends,
]

// A table is read by its rows.
// prettier-ignore
const ROWS: readonly Row[] = [
  ["norrhalde", "Norrhalde", "cold continental", [61, 14], [-27, 0.8, 2.5], [28, 11, 0.4, 3.5, 0.36, 2.4],
    2.8, [-9.5, -8.5, -3.2, 2.6, 9, 13.8, 16.1, 14.4, 9.3, 3.6, -3, -7.6],
    320, [7, 11], [0.85, 0.68], [0.38, 0.48], [4, 75]],
  ["saltmarsh-quay", "Saltmarsh Quay", "mild maritime, humid summers", [52.5, 1], [-4, 0.88, 6], [28, 8, 0.62, 4, 0.42, 2.2],
    5.2, [4.4, 4.6, 6.4, 8.7, 12, 15, 17.4, 17.5, 15.2, 11.7, 7.8, 5.2],
    3, [4.5, 7], [0.88, 0.77], [0.32, 0.46], [55, 52]],
  ["varnfell", "Varnfell", "snowy upland", [46.9, 10.4], [-18, 0.75, 3], [25, 13, 0.42, 3, 0.33, 2.5],
    2.6, [-6.1, -5.2, -1.4, 2.9, 7.7, 11.2, 13.4, 13, 9.7, 5.2, -1, -4.9],
    1640, [8, 11], [0.78, 0.72], [0.48, 0.5], [8, 125]],
  ["callow-plain", "Callow Plain", "hot dry summers, frosty winters", [39.2, -3.4], [-6, 0.75, 2.5], [38, 18, 0.18, 4, 0.35, 2.3],
    3.4, [5.2, 7, 10.4, 12.8, 17.4, 23.1, 27, 26.4, 21.7, 15.4, 9.2, 5.9],
    690, [8.5, 16], [0.8, 0.4], [0.48, 0.68], [45, 8]],
  ["tollen-ice", "Tollen Ice", "subarctic", [68.5, 24], [-36, 0.75, 1.5], [24, 10, 0.45, 3, 0.33, 2.5],
    2.4, [-14.6, -13.4, -8.9, -2.4, 4, 10.6, 13.9, 11.4, 6, -0.8, -7.9, -12.5],
    210, [7, 10], [0.84, 0.67], [0.36, 0.46], [0, 70]],
  ["brackwater", "Brackwater", "cold coast, wind", [57.1, -2.1], [-6, 0.88, 7], [22, 7, 0.62, 5, 0.4, 2.3],
    6.1, [3.6, 3.8, 5.2, 7.1, 9.6, 12.3, 14.3, 14.2, 12.1, 9.1, 6, 4],
    24, [4.5, 6], [0.86, 0.8], [0.31, 0.42], [62, 66]],
  ["linden-vale", "Linden Vale", "temperate inland", [50.6, 9.8], [-12, 0.83, 3], [31, 12, 0.4, 3.2, 0.4, 2.2],
    3.2, [0.2, 1, 4.7, 9, 13.5, 16.8, 18.7, 18.2, 13.9, 9.2, 4.3, 1.2],
    180, [5, 10.5], [0.86, 0.7], [0.3, 0.48], [40, 78]],
  ["prairie-elbow", "Prairie Elbow", "great swings, windy", [45.3, -97], [-26, 0.75, 5.5], [33, 13, 0.45, 5.5, 0.42, 2.2],
    5, [-10.4, -7.8, -0.9, 7, 14, 19.6, 22.4, 21.2, 16.1, 8.3, -0.6, -8],
    410, [10, 12.5], [0.74, 0.66], [0.5, 0.58], [3, 88]],
  ["mesquite-flat", "Mesquite Flat", "hot desert", [33, -111.5], [3, 0.45, 2], [43, 14, 0.14, 4, 0.4, 2.1],
    2.9, [12.8, 14.6, 17.9, 22, 27.1, 31.9, 34.3, 33.6, 30.6, 24.2, 17.2, 12.4],
    340, [13, 13.5], [0.52, 0.26], [0.58, 0.68], [22, 20]],
  ["heron-delta", "Heron Delta", "humid subtropical", [30, -90.5], [0, 0.75, 4], [34, 9, 0.58, 3.5, 0.48, 2.1],
    3.6, [11.6, 13.4, 16.9, 20.4, 24.6, 27.6, 28.6, 28.5, 26.5, 21.7, 16.2, 12.8],
    2, [10, 8.5], [0.75, 0.78], [0.45, 0.5], [125, 165]],
  ["mangrove-head", "Mangrove Head", "humid tropical", [6.5, 101], [22, 0.85, 2], [34, 8, 0.62, 3, 0.5, 2],
    2.7, [26.6, 27.1, 27.8, 28.4, 28.3, 27.9, 27.6, 27.6, 27.4, 27.2, 26.8, 26.4],
    8, [7.5, 7.5], [0.83, 0.79], [0.44, 0.5], [110, 190]],
]

/** What goes from one figure in a place's coldest month to another in its warmest, by temperature. */
export function climateBetween(monthlyTemperature: readonly number[]) {
  const [coldest, warmest] = [Math.min(...monthlyTemperature), Math.max(...monthlyTemperature)]
  return (temperature: number, cold: number, warm: number): number =>
    warmest > coldest ? cold + ((warm - cold) * (temperature - coldest)) / (warmest - coldest) : (cold + warm) / 2
}

/** Built-in stations. All are invented; a place's own design data come from the local code or weather service. */
export const CLIMATE_STATIONS: Readonly<Record<string, ClimateStation>> = Object.fromEntries(
  ROWS.map(([id, name, words, [latitude, longitude], winter, summer, meanWindSpeed, monthlyTemperature, elevation, ...months]) => {
    const [night, nightHumidity, nightWind] = winter
    const [temperature, dailyRange, relativeHumidity, windSpeed, beamDepth, diffuseDepth] = summer
    const between = climateBetween(monthlyTemperature)
    return [
      id,
      {
        ...{ name, words, latitude, longitude },
        winter: { temperature: night, relativeHumidity: nightHumidity, windSpeed: nightWind },
        summer: { temperature, dailyRange, relativeHumidity, windSpeed, beamDepth, diffuseDepth },
        ...{ monthlyTemperature, meanWindSpeed, elevation },
        monthlyRelativeHumidity: monthlyTemperature.map((mean) => between(mean, ...months[1])),
        months: { dailySwing: months[0], clearness: months[2], rain: months[3] },
      },
    ]
  }),
)

/** The hours that a clock is before UTC where it follows the sun. @param longitude degrees, east positive */
export const solarTimeZone = (longitude: number): number => Math.round(longitude / 15)

/** @throws InputError `unknown-reference` */
export function climateStationOf(id: string): ClimateStation {
  const station = Object.hasOwn(CLIMATE_STATIONS, id) ? CLIMATE_STATIONS[id] : undefined
  if (!station) throw new InputError("unknown-reference", ["station"], `There is no climate station "${id}".`)
  return station
}
