import type { Bridge, LinearTransmittance, SolvedDetails } from "../enclosure/solved-details"
import type { SettledYear, YearResults } from "../hourly/year-energy"
import type { SlabAsked } from "../moisture/slab-sweats"
import type { FollowedYears } from "../verdict/face-verdict"
import { DETAIL } from "./detail-result"
import { type GrowingResults, growingResults, type Results } from "./results"
import { SLAB } from "./slab-result"
import { YEAR } from "./year-result"
import { YEARS } from "./years-result"

/** What a job's figures stand on among the results, and what stood of it when all was worked out last. */
export interface JobResults extends SolvedDetails, YearResults, JudgedResults {
  results: GrowingResults
  /** Remembers what stands solved at each place. */
  settle: (bridges: readonly Bridge[]) => void
  /** Remembers the year that stands. */
  settleYear: (year: SettledYear) => void
}

/** What the verdicts on damp stand on, as far as it is worked out. */
export interface JudgedResults {
  /** Years of a face: null where no balance was found, undefined while they are not followed. */
  years: FollowedYears
  /** Hours of each month in which outdoor air sweats on a slab. */
  sweats: (asked: SlabAsked) => readonly number[] | undefined
}

/** What verdicts stand on, taken from results. */
export const judgedFrom = (results: Results): JudgedResults => ({
  years: (model) => results.of(YEARS, model)?.outcome,
  sweats: (asked) => results.of(SLAB, asked),
})

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
    ...judgedFrom(results),
    settle: (bridges) => {
      for (const { place, solved, estimate } of bridges)
        if (solved) places.set(place, { linearTransmittance: solved.linearTransmittance, estimate })
    },
    settleYear: (year) => (settled = year),
  }
}
