import type { Detail, DetailFigures } from "../conduction/detail"

/** ψ of a detail and what the simple method says of it, W/(m·K). */
export interface Linear {
  linear: number
  estimate: number
}

/** What has been solved in two dimensions so far. */
export interface Solutions {
  of: (detail: Detail) => DetailFigures | undefined
  /** What was last solved at a place of the job, for its details as they were then. */
  before: (place: string) => Linear | undefined
}

/** Nothing is solved yet. */
export const UNSOLVED: Solutions = { of: () => undefined, before: () => undefined }

/** A detail at its place in a job with the ψ that the ledger counts. */
export interface Bridge extends Linear {
  /** Names the place in the job. */
  place: string
  detail: Detail
  /** Null until the detail is solved. */
  solved: DetailFigures | null
}

/**
 * A detail with its ψ as solved. Until then what was solved before at its place, changed in step with the simple method; and where
 * nothing was, the simple method alone: figures that are compared with one another are then all of one kind.
 */
export function bridgeAt(place: string, detail: Detail, estimate: number, solutions: Solutions): Bridge {
  const solved = solutions.of(detail) ?? null
  if (solved) return { place, detail, estimate, solved, linear: solved.linear }
  const before = solutions.before(place)
  if (!before) return { place, detail, estimate, solved, linear: estimate }
  const step = Math.abs(before.estimate) > 1e-9 ? estimate / before.estimate : 1
  return { place, detail, estimate, solved, linear: before.linear * Math.max(0, step) }
}

/** Solutions that grow as details are solved. */
export interface KeptSolutions extends Solutions {
  keep: (detail: Detail, figures: DetailFigures) => void
  /** Remembers what stands solved at each place. */
  settle: (bridges: readonly Bridge[]) => void
  /** Forgets what stood at the places: those of another job are other places. */
  leave: () => void
}

/** More details, some hundred bytes each, are not kept. */
const MOST = 5000

/** An empty store of solutions. */
export function keptSolutions(): KeptSolutions {
  const known = new Map<string, DetailFigures>()
  const places = new Map<string, Linear>()
  return {
    of: ({ key }) => known.get(key),
    before: (place) => places.get(place),
    keep: ({ key }, figures) => {
      if (known.size >= MOST) known.clear()
      known.set(key, figures)
    },
    settle: (bridges) => {
      for (const { place, solved, estimate } of bridges) if (solved) places.set(place, { linear: solved.linear, estimate })
    },
    leave: () => places.clear(),
  }
}
