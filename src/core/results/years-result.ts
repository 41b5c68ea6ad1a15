import type { SectionModel } from "../section/section-model"
import type { YearsOutcome } from "../section/section-years"
import type { Calculation } from "./calculation"
import { sectionKey } from "./section-result"

/** What the years of a face came to; null where no balance was found. */
export interface Followed {
  outcome: YearsOutcome | null
}

/** The years of a face as it is judged: figures alone, small enough to be kept. */
export const YEARS: Calculation<SectionModel, Followed> = { kind: "years", key: sectionKey, keeps: true }
