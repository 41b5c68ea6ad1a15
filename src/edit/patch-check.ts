import type { Job } from "../schema/job/job"
import type { Revision } from "../schema/change"
import { applyPatches, enablePatches } from "immer"

enablePatches()

type Patch = Revision["patches"][number]

/**
 * Applies patches of a sender that may lie, one after the other, each only where its path is there: in a list at most at its end, never
 * far beyond it, so that no patch makes more of a document than it carries itself.
 * @returns the document after them, or why they do not fit
 */
export function applyChecked(document: Job, patches: readonly Patch[]): { document: Job } | { misfit: string } {
  let now: Job = document
  for (const patch of patches) {
    const misfit = misfitOf(now, patch)
    if (misfit) return { misfit }
    now = applyPatches(now, [patch])
  }
  return { document: now }
}

/** Why a patch has no place in a document; null where it has one. */
function misfitOf(document: unknown, { op, path, value }: Patch): string | null {
  const key = path.at(-1)
  if (key === undefined) return "it would take the place of the whole job"
  let parent = document
  for (const step of path.slice(0, -1)) {
    if (!isHolder(parent) || !Object.hasOwn(parent, step)) return `there is nothing at ${where(path)}`
    parent = (parent as Record<string | number, unknown>)[step]
  }
  if (!isHolder(parent)) return `there is nothing at ${where(path)}`
  if (!Array.isArray(parent)) return op === "add" || Object.hasOwn(parent, key) ? null : `there is nothing at ${where(path)}`
  // A list that gets shorter is told by its length.
  if (key === "length") return op === "replace" && isIndex(value, parent.length) ? null : "a list can only get shorter by its length"
  const last = op === "add" ? parent.length : parent.length - 1
  return isIndex(key, last) ? null : `the list at ${where(path.slice(0, -1))} has no place ${String(key)}`
}

const isHolder = (value: unknown): value is object => typeof value === "object" && value !== null
const isIndex = (value: unknown, last: number): boolean => Number.isInteger(value) && (value as number) >= 0 && (value as number) <= last
const where = (path: Patch["path"]): string => `“${path.join(".").slice(0, 120)}”`
