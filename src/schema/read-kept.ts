import { JOB_VERSION } from "./job/job"
import { migrate } from "./job/migrate"
import { type Known, keptFault } from "./job/references"
import { BUILD_UP_FORMAT, KeptBuildUp, KeptMaterial, type KeptThing, MATERIAL_FORMAT } from "./kept"
import { check, type Fault } from "./parse"

type Read = { ok: true; value: KeptThing } | { ok: false; error: Fault }

/** Reads a kept thing of any version that had such things; a fault names the place. */
export function readKept(document: unknown, known: Known): Read {
  const { format, version: written } = (typeof document === "object" && document !== null ? document : {}) as Record<string, unknown>
  if (format !== BUILD_UP_FORMAT && format !== MATERIAL_FORMAT)
    return refuse("wrong-format", ["format"], `This is neither a build-up nor a material: its "format" must be one of theirs.`)
  if (typeof written !== "number" || !Number.isInteger(written) || written < 6 || written > JOB_VERSION)
    return refuse(
      "wrong-version",
      ["version"],
      `"version" must be a whole number from 6 to ${JOB_VERSION}; a newer one needs a newer Pelzhaus.`,
    )
  if (format === MATERIAL_FORMAT) {
    const read = check(KeptMaterial, { ...(document as object), version: JOB_VERSION })
    if (!read.ok) return read
    const fault = keptFault(null, { own: read.value.material }, known)
    return fault ? { ok: false, error: fault } : read
  }
  const read = check(KeptBuildUp, upToDate(document as Record<string, unknown>, written))
  if (!read.ok) return read
  const fault = keptFault(read.value.assembly, read.value.materials, known)
  return fault ? { ok: false, error: fault } : read
}

/** A build-up takes the steps of a job that holds it. */
function upToDate({ assembly, materials, ...rest }: Record<string, unknown>, written: number): unknown {
  const job = migrate({ version: written, materials, variants: { one: { assemblies: { one: assembly } } } }) as {
    materials: unknown
    variants: { one: { assemblies: { one: unknown } } }
  }
  return { ...rest, version: JOB_VERSION, assembly: job.variants.one.assemblies.one, materials: job.materials }
}

const refuse = (code: string, path: string[], message: string): Read => ({ ok: false, error: { code, path, message } })
