import { weatherName } from "../climate/weather-key"
import type { YearFigures } from "../hourly/year"
import type { YearModel } from "../hourly/year-model"
import { memoised } from "../memoised"
import type { Calculation } from "./calculation"

/** A year stepped through by hours; it tells no progress. */
export const YEAR: Calculation<YearModel, YearFigures> = {
  kind: "year",
  key: memoised(({ weather, ...model }: YearModel) => JSON.stringify({ ...model, weather: weatherName(weather) })),
}
