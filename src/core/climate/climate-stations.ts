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
  /** Mean temperatures of the months, January first, °C. */
  monthlyTemperature: readonly number[]
  /** Yearly mean wind, m/s. */
  meanWindSpeed: number
}

/** Built-in stations. All are invented; a place's own design data come from the local code or weather service. */
export const CLIMATE_STATIONS: Readonly<Record<string, ClimateStation>> = {
  norrhalde: {
    name: "Norrhalde",
    words: "cold continental",
    latitude: 61,
    longitude: 14,
    winter: { temperature: -27, relativeHumidity: 0.8, windSpeed: 2.5 },
    summer: { temperature: 28, dailyRange: 11, relativeHumidity: 0.4, windSpeed: 3.5, beamDepth: 0.36, diffuseDepth: 2.4 },
    monthlyTemperature: [-9.5, -8.5, -3.2, 2.6, 9, 13.8, 16.1, 14.4, 9.3, 3.6, -3, -7.6],
    meanWindSpeed: 2.8,
  },
  "saltmarsh-quay": {
    name: "Saltmarsh Quay",
    words: "mild maritime, humid summers",
    latitude: 52.5,
    longitude: 1,
    winter: { temperature: -4, relativeHumidity: 0.88, windSpeed: 6 },
    summer: { temperature: 28, dailyRange: 8, relativeHumidity: 0.62, windSpeed: 4, beamDepth: 0.42, diffuseDepth: 2.2 },
    monthlyTemperature: [4.4, 4.6, 6.4, 8.7, 12, 15, 17.4, 17.5, 15.2, 11.7, 7.8, 5.2],
    meanWindSpeed: 5.2,
  },
  varnfell: {
    name: "Varnfell",
    words: "snowy upland",
    latitude: 46.9,
    longitude: 10.4,
    winter: { temperature: -18, relativeHumidity: 0.75, windSpeed: 3 },
    summer: { temperature: 25, dailyRange: 13, relativeHumidity: 0.42, windSpeed: 3, beamDepth: 0.33, diffuseDepth: 2.5 },
    monthlyTemperature: [-6.1, -5.2, -1.4, 2.9, 7.7, 11.2, 13.4, 13, 9.7, 5.2, -1, -4.9],
    meanWindSpeed: 2.6,
  },
  "callow-plain": {
    name: "Callow Plain",
    words: "hot dry summers, frosty winters",
    latitude: 39.2,
    longitude: -3.4,
    winter: { temperature: -6, relativeHumidity: 0.75, windSpeed: 2.5 },
    summer: { temperature: 38, dailyRange: 18, relativeHumidity: 0.18, windSpeed: 4, beamDepth: 0.35, diffuseDepth: 2.3 },
    monthlyTemperature: [5.2, 7, 10.4, 12.8, 17.4, 23.1, 27, 26.4, 21.7, 15.4, 9.2, 5.9],
    meanWindSpeed: 3.4,
  },
  "tollen-ice": {
    name: "Tollen Ice",
    words: "subarctic",
    latitude: 68.5,
    longitude: 24,
    winter: { temperature: -36, relativeHumidity: 0.75, windSpeed: 1.5 },
    summer: { temperature: 24, dailyRange: 10, relativeHumidity: 0.45, windSpeed: 3, beamDepth: 0.33, diffuseDepth: 2.5 },
    monthlyTemperature: [-14.6, -13.4, -8.9, -2.4, 4, 10.6, 13.9, 11.4, 6, -0.8, -7.9, -12.5],
    meanWindSpeed: 2.4,
  },
  brackwater: {
    name: "Brackwater",
    words: "cold coast, wind",
    latitude: 57.1,
    longitude: -2.1,
    winter: { temperature: -6, relativeHumidity: 0.88, windSpeed: 7 },
    summer: { temperature: 22, dailyRange: 7, relativeHumidity: 0.62, windSpeed: 5, beamDepth: 0.4, diffuseDepth: 2.3 },
    monthlyTemperature: [3.6, 3.8, 5.2, 7.1, 9.6, 12.3, 14.3, 14.2, 12.1, 9.1, 6, 4],
    meanWindSpeed: 6.1,
  },
  "linden-vale": {
    name: "Linden Vale",
    words: "temperate inland",
    latitude: 50.6,
    longitude: 9.8,
    winter: { temperature: -12, relativeHumidity: 0.83, windSpeed: 3 },
    summer: { temperature: 31, dailyRange: 12, relativeHumidity: 0.4, windSpeed: 3.2, beamDepth: 0.4, diffuseDepth: 2.2 },
    monthlyTemperature: [0.2, 1, 4.7, 9, 13.5, 16.8, 18.7, 18.2, 13.9, 9.2, 4.3, 1.2],
    meanWindSpeed: 3.2,
  },
  "prairie-elbow": {
    name: "Prairie Elbow",
    words: "great swings, windy",
    latitude: 45.3,
    longitude: -97,
    winter: { temperature: -26, relativeHumidity: 0.75, windSpeed: 5.5 },
    summer: { temperature: 33, dailyRange: 13, relativeHumidity: 0.45, windSpeed: 5.5, beamDepth: 0.42, diffuseDepth: 2.2 },
    monthlyTemperature: [-10.4, -7.8, -0.9, 7, 14, 19.6, 22.4, 21.2, 16.1, 8.3, -0.6, -8],
    meanWindSpeed: 5,
  },
  "mesquite-flat": {
    name: "Mesquite Flat",
    words: "hot desert",
    latitude: 33,
    longitude: -111.5,
    winter: { temperature: 3, relativeHumidity: 0.45, windSpeed: 2 },
    summer: { temperature: 43, dailyRange: 14, relativeHumidity: 0.14, windSpeed: 4, beamDepth: 0.4, diffuseDepth: 2.1 },
    monthlyTemperature: [12.8, 14.6, 17.9, 22, 27.1, 31.9, 34.3, 33.6, 30.6, 24.2, 17.2, 12.4],
    meanWindSpeed: 2.9,
  },
  "heron-delta": {
    name: "Heron Delta",
    words: "humid subtropical",
    latitude: 30,
    longitude: -90.5,
    winter: { temperature: 0, relativeHumidity: 0.75, windSpeed: 4 },
    summer: { temperature: 34, dailyRange: 9, relativeHumidity: 0.58, windSpeed: 3.5, beamDepth: 0.48, diffuseDepth: 2.1 },
    monthlyTemperature: [11.6, 13.4, 16.9, 20.4, 24.6, 27.6, 28.6, 28.5, 26.5, 21.7, 16.2, 12.8],
    meanWindSpeed: 3.6,
  },
  "mangrove-head": {
    name: "Mangrove Head",
    words: "humid tropical",
    latitude: 6.5,
    longitude: 101,
    winter: { temperature: 22, relativeHumidity: 0.85, windSpeed: 2 },
    summer: { temperature: 34, dailyRange: 8, relativeHumidity: 0.62, windSpeed: 3, beamDepth: 0.5, diffuseDepth: 2 },
    monthlyTemperature: [26.6, 27.1, 27.8, 28.4, 28.3, 27.9, 27.6, 27.6, 27.4, 27.2, 26.8, 26.4],
    meanWindSpeed: 2.7,
  },
}

/** @throws InputError `unknown-reference` */
export function climateStationOf(id: string): ClimateStation {
  const station = Object.hasOwn(CLIMATE_STATIONS, id) ? CLIMATE_STATIONS[id] : undefined
  if (!station) throw new InputError("unknown-reference", ["station"], `There is no climate station "${id}".`)
  return station
}
