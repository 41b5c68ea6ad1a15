import * as z from "zod"
import { Assembly } from "./job/build-up"
import { JOB_VERSION, JobKind, OwnMaterials } from "./job/job"
import { migrate } from "./job/migrate"
import { type Known, keptFault } from "./job/references"
import { Material } from "./material"
import { check, type Fault } from "./parse"

export const BUILD_UP_FORMAT = "pelzhaus-build-up"
export const MATERIAL_FORMAT = "pelzhaus-material"

const version = z.literal(JOB_VERSION).describe("of the job format that its parts are written in")

/** A build-up on the shelf, with the materials of its own that it is made of. */
export const KeptBuildUp = z.strictObject({
  format: z.literal(BUILD_UP_FORMAT),
  version,
  kind: JobKind.describe("kind of enclosure that it was made for"),
  assembly: Assembly,
  materials: OwnMaterials,
})
export type KeptBuildUp = z.output<typeof KeptBuildUp>

/** A material of one's own on the shelf. */
export const KeptMaterial = z.strictObject({ format: z.literal(MATERIAL_FORMAT), version, material: Material })
export type KeptMaterial = z.output<typeof KeptMaterial>

export type KeptThing = KeptBuildUp | KeptMaterial

/** What is kept on the shelf beside jobs, the newest first. */
export interface Kept {
  things: { id: string; document: KeptThing }[]
  unreadable: { id: string; message: string }[]
}

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
