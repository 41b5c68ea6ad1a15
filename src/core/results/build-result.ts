import type { BuildOutcome } from "../section/likely-builds"
import type { SectionModel } from "../section/section-model"
import type { Calculation } from "./calculation"
import { sectionKey } from "./section-result"

/** One of the likely builds of a section. */
export interface BuildAsked {
  model: SectionModel
  index: number
}

/** A likely build followed through some years. */
export const BUILD: Calculation<BuildAsked, BuildOutcome> = {
  kind: "build",
  key: ({ model, index }) => `${index} ${sectionKey(model)}`,
}
