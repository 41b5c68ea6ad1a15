import type { Detail, DetailFigures } from "../conduction/detail"
import type { Place } from "./place"

/** ψ of a detail and what the simple method says of it, W/(m·K). */
export interface LinearTransmittance {
  linearTransmittance: number
  estimate: number
}

/** What is solved in two dimensions so far. */
export interface SolvedDetails {
  of: (detail: Detail) => DetailFigures | undefined
  /** What was last solved at a place, for its detail as it was then. */
  before: (place: Place) => LinearTransmittance | undefined
}

/** Nothing is solved yet. */
export const UNSOLVED: SolvedDetails = { of: () => undefined, before: () => undefined }

/** A detail at its place with the ψ that counts. */
export interface Bridge extends LinearTransmittance {
  place: Place
  detail: Detail
  /** Null until the detail is solved. */
  solved: DetailFigures | null
}

/**
 * A detail with its ψ as solved. Until then what was solved before at its place, changed in step with the simple method; and where
 * nothing was, the simple method alone: figures that are compared with one another are then all of one kind.
 */
export function bridgeAt(place: Place, detail: Detail, estimate: number, details: SolvedDetails): Bridge {
  const solved = details.of(detail) ?? null
  if (solved) return { place, detail, estimate, solved, linearTransmittance: solved.linearTransmittance }
  const before = details.before(place)
  if (!before) return { place, detail, estimate, solved, linearTransmittance: estimate }
  const step = Math.abs(before.estimate) > 1e-9 ? estimate / before.estimate : 1
  return { place, detail, estimate, solved, linearTransmittance: before.linearTransmittance * Math.max(0, step) }
}
