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
  const estimate = yearOfEnergy(enclosure).months.map(({ heating, cooling }): MonthEnergy => {
    return { heating: model.heater ? heating : 0, cooling: model.cooler ? cooling : 0 }
  })
  const figures = year?.(model) ?? null
  const months = figures?.months ?? about(estimate, yearBefore?.())
  return { total: sum(months.map(({ heating, cooling }) => heating + cooling)), months, model, figures, estimate }
}

function about(estimate: readonly MonthEnergy[], before: SettledYear | undefined): readonly MonthEnergy[] {
  if (!before) return estimate
  return estimate.map((now, i) => {
    const [then, stepped] = [before.estimate[i]!, before.figures.months[i]!]
    return {
      heating: Math.max(0, stepped.heating + now.heating - then.heating),
      cooling: Math.max(0, stepped.cooling + now.cooling - then.cooling),
    }
  })
}
