import type { Bridge, LinearTransmittance, SolvedDetails } from "../enclosure/solved-details"
import type { SettledYear, YearResults } from "../hourly/year-energy"
import { DETAIL } from "./detail-result"
import { type GrowingResults, growingResults } from "./results"
import { YEAR } from "./year-result"

/** What a job's figures stand on among the results, and what stood of it when all was worked out last. */
export interface JobResults extends SolvedDetails, YearResults {
  results: GrowingResults
  /** Remembers what stands solved at each place. */
  settle: (bridges: readonly Bridge[]) => void
  /** Remembers the year that stands. */
  settleYear: (year: SettledYear) => void
}

/** What one job stands on, taken from results. */
export function jobResults(results: GrowingResults = growingResults()): JobResults {
  const places = new Map<string, LinearTransmittance>()
  let settled: SettledYear | undefined
  return {
    results,
    of: (detail) => results.of(DETAIL, detail),
    before: (place) => places.get(place),
    year: (model) => results.of(YEAR, model),
    yearBefore: () => settled,
    settle: (bridges) => {
      for (const { place, solved, estimate } of bridges)
        if (solved) places.set(place, { linearTransmittance: solved.linearTransmittance, estimate })
    },
    settleYear: (year) => (settled = year),
  }
}
