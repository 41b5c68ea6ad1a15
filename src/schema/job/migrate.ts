import { JOB_VERSION } from "./job"

/** A step takes a document of version n to version n + 1; it sees only documents that were valid at n. */
export type Step = (document: Record<string, unknown>) => Record<string, unknown>

/** Steps by the version they start from. Version 1 is the first, so there is none yet. */
export const STEPS: Readonly<Record<number, Step>> = {}

/**
 * Takes a document up to the current version, one step at a time.
 * @param document with a whole `version` from 1 to `target`
 */
export function migrate(document: Record<string, unknown>, steps = STEPS, target: number = JOB_VERSION): Record<string, unknown> {
  let current = document
  for (let version = Number(document.version); version < target; version++) {
    const step = steps[version]
    if (!step) throw new Error(`There is no migration from version ${version}.`)
    current = { ...step(current), version: version + 1 }
  }
  return current
}
