import type { Variant } from "../../schema/job/job"
import type { FaceId, Shell } from "../../schema/job/shell"
import { memoised } from "../memoised"
import type { Face, Point } from "../shell/face"
import { facesOf } from "../shell/faces"

/** Names a surface; each face is one surface, and lends it its name. */
export type SurfaceId = FaceId

/** What wears one build-up: a face, or so much of it as has the same layers. */
export interface Surface {
  id: SurfaceId
  face: Face
  /** In the face's own coordinates, m. */
  outline: readonly Point[]
  /** Id of the build-up that it wears. */
  assembly: string
}

/** The surfaces of a shell as a variant builds it, floor first. */
export const surfacesOf = (shell: Shell, { wears }: Pick<Variant, "wears">): Surface[] =>
  facesOf(shell).map((face) => surfaceOn(face, wears[face.id]!))

const surfaceOn = memoised((face: Face, assembly: string): Surface => ({ id: face.id, face, outline: face.outline, assembly }))
