import { DAYS_OF_WEEK, presenceOf } from "../inside/presence"
import { sum } from "../numeric/sum"
import { type MonthEnergy, yearOfEnergy } from "../steady/year"
import type { YearFigures } from "./year"
import { type YearBrief, type YearEnclosure, type YearModel, yearModel } from "./year-model"

/** Energy of a year, J. */
export interface YearEnergy {
  total: number
  months: readonly MonthEnergy[]
  /** What it is stepped through as. */
  model: YearModel
  /** As stepped through hour by hour; null until it is, then the others are about. */
  figures: YearFigures | null
  /** From the months' means, without sun and people: what tells one build-up from another until then. */
  estimate: readonly MonthEnergy[]
}

/** A year that is stepped through, with what was estimated of it. */
export interface SettledYear {
  figures: YearFigures
  estimate: readonly MonthEnergy[]
}

/** Years that are stepped through so far. */
export interface YearResults {
  year: (model: YearModel) => YearFigures | undefined
  /** That of the job as it stood last. */
  yearBefore: () => SettledYear | undefined
}

/**
 * Energy of a year as stepped through. Until it is, that of the job as it stood last with what an estimate makes of the change; and where
 * there is none, the estimate: figures that are compared with one another are then all of one kind.
 */
export function yearEnergy(enclosure: YearEnclosure, brief: YearBrief, { year, yearBefore }: Partial<YearResults>): YearEnergy {
  const model = yearModel(enclosure, brief)
  const means = enclosure.conditions.station.monthlyTemperature
  const estimate = yearOfEnergy(enclosure).months.map(({ heating, cooling }, month): MonthEnergy => {
    const held = heldShare(model, means[month]!)
    return { heating: model.heater ? held("heater") * heating : 0, cooling: model.cooler ? held("cooler") * cooling : 0 }
  })
  const figures = year?.(model) ?? null
  const months = figures?.months ?? about(estimate, yearBefore?.(), model.away !== null)
  return { total: sum(months.map(({ heating, cooling }) => heating + cooling)), months, model, figures, estimate }
}

/** About how much of a month's heat or cold is asked for where nobody is there all along: as long as it is held, and as far from outdoors. */
const heldShare =
  ({ away, coming, heater, cooler }: YearModel, outdoors: number) =>
  (way: "heater" | "cooler"): number => {
    const setpoint = (way === "heater" ? heater : cooler)?.setpoint
    if (!away || setpoint === undefined || setpoint === outdoors) return 1
    const { there } = presenceOf(coming, DAYS_OF_WEEK)
    const used = there.reduce((all, one) => all + one, 0) / there.length
    const kept = way === "heater" ? away.heating : away.cooling
    const meanwhile = kept === null ? 0 : Math.min(1, Math.max(0, (kept - outdoors) / (setpoint - outdoors)))
    return used + (1 - used) * meanwhile
  }

/** @param atTimes whether the inside is held at times only: of a change in the months' means so much then counts as of the whole */
function about(estimate: readonly MonthEnergy[], before: SettledYear | undefined, atTimes: boolean): readonly MonthEnergy[] {
  if (!before) return estimate
  return estimate.map((now, i) => {
    const [then, stepped] = [before.estimate[i]!, before.figures.months[i]!]
    const month = (way: keyof MonthEnergy) => {
      const share = atTimes && then[way] > 0 ? Math.min(1, stepped[way] / then[way]) : 1
      return Math.max(0, stepped[way] + share * (now[way] - then[way]))
    }
    return { heating: month("heating"), cooling: month("cooling") }
  })
}
