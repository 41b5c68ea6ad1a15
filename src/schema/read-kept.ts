import { FIRST_KEPT, upToDate } from "./kept-steps"
import type { Untyped } from "./job/parts"
import { type Known, keptFault } from "./job/references"
import { BUILD_UP_FORMAT, KEPT_VERSION, KeptBuildUp, KeptMaterial, type KeptThing, MATERIAL_FORMAT } from "./kept"
import { type Outcome, refused } from "./outcome"
import { check } from "./parse"

/** Reads a kept thing of any version that had such things; a fault names the place. */
export function readKept(document: unknown, known: Known): Outcome<KeptThing> {
  const { format, version: written } = (typeof document === "object" && document !== null ? document : {}) as Record<string, unknown>
  if (format !== BUILD_UP_FORMAT && format !== MATERIAL_FORMAT)
    return refused("wrong-format", ["format"], `This is neither a build-up nor a material: its "format" must be one of theirs.`)
  if (typeof written !== "number" || !Number.isInteger(written) || written < FIRST_KEPT || written > KEPT_VERSION)
    return refused(
      "wrong-version",
      ["version"],
      `"version" must be a whole number from ${FIRST_KEPT} to ${KEPT_VERSION}; a newer one needs a newer Pelzhaus.`,
    )
  const current = upToDate(document as Untyped, written)
  if (format === MATERIAL_FORMAT) {
    const read = check(KeptMaterial, current)
    if (!read.ok) return read
    const fault = keptFault(null, { own: read.value.material }, known)
    return fault ? { ok: false, error: fault } : read
  }
  const read = check(KeptBuildUp, current)
  if (!read.ok) return read
  const fault = keptFault(read.value.assembly, read.value.materials, known)
  return fault ? { ok: false, error: fault } : read
}
