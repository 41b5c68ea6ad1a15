import * as z from "./zod"
import { Assembly } from "./job/build-up"
import { JobKind, OwnMaterials } from "./job/job"
import { Material } from "./material"

/** What a file of one build-up says that it is. */
export const BUILD_UP_FORMAT = "pelzhaus-build-up"
/** What a file of one material says that it is. */
export const MATERIAL_FORMAT = "pelzhaus-material"

/** Version of what is kept on the shelf; each older one has a step in `kept-steps.ts`. */
export const KEPT_VERSION = 10

const version = z.literal(KEPT_VERSION).describe("version of kept things")

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

/** Anything that is kept beside the jobs. */
export type KeptThing = KeptBuildUp | KeptMaterial

/** What is kept on the shelf beside jobs, the newest first. */
export interface Kept {
  things: { id: string; document: KeptThing }[]
  unreadable: { id: string; message: string }[]
}
