import { weatherName } from "../climate/weather-key"
import type { SunInput, SunYear } from "../hourly/sun-year"
import { memoised } from "../memoised"
import type { Calculation } from "./calculation"

/** The sun of a year on faces and through glass; it tells no progress. */
export const SUN: Calculation<SunInput, SunYear> = {
  kind: "sun",
  key: memoised(({ weather, ...input }: SunInput) => JSON.stringify({ ...input, weather: weatherName(weather) })),
}
