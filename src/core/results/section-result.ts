import { weatherName } from "../climate/weather-key"
import { memoised } from "../memoised"
import type { SectionModel } from "../section/section-model"
import type { BuiltIn, SectionYears } from "../section/section-years"
import type { Calculation } from "./calculation"

/** A section to be followed through the years, and how damp it is built in. */
export interface SectionAsked {
  model: SectionModel
  builtIn: BuiltIn
}

/** Names a section by all that its years hang on. */
export const sectionKey = memoised(({ weather, ...model }: SectionModel) => JSON.stringify({ ...model, weather: weatherName(weather) }))

/** A section followed until its years are alike; its progress is the years that are done. */
export const SECTION: Calculation<SectionAsked, SectionYears> = {
  kind: "section",
  key: ({ model, builtIn }) => `${builtIn} ${sectionKey(model)}`,
  heavy: true,
}
