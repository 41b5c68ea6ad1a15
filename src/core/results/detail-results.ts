import type { Detail, DetailFigures } from "../conduction/detail"
import type { Bridge, LinearTransmittance, SolvedDetails } from "../enclosure/solved-details"
import type { Calculation } from "./calculation"
import { type GrowingResults, growingResults } from "./results"

/** A detail solved in two dimensions; its progress is the number of cells that it is at. */
export const DETAIL: Calculation<Detail, DetailFigures> = { kind: "detail", key: ({ key }) => key }

/** Details among the results, and what stands solved at each place of one job. */
export interface DetailResults extends SolvedDetails {
  results: GrowingResults
  /** Remembers what stands solved at each place. */
  settle: (bridges: readonly Bridge[]) => void
}

/** Details taken from results, for one job. */
export function detailResults(results: GrowingResults = growingResults()): DetailResults {
  const places = new Map<string, LinearTransmittance>()
  return {
    results,
    of: (detail) => results.of(DETAIL, detail),
    before: (place) => places.get(place),
    settle: (bridges) => {
      for (const { place, solved, estimate } of bridges)
        if (solved) places.set(place, { linearTransmittance: solved.linearTransmittance, estimate })
    },
  }
}
