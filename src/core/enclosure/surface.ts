import type { Variant } from "../../schema/job/job"
import type { FaceId, Shell } from "../../schema/job/shell"
import { memoised } from "../memoised"
import type { Face, Point } from "../shell/face"
import { type Border, bordersBetween } from "../shell/borders"
import { facesOf } from "../shell/faces"
import type { FaceRegion } from "../shell/framing"
import { isWithin, type Region, regionArea, regionsOn } from "../shell/zones"

/** Names a surface: a face, for what of it no zone takes, or a zone. */
export type SurfaceId = string

/** What wears one build-up: a face, or so much of it as has the same layers. */
export interface Surface extends FaceRegion {
  id: SurfaceId
  /** What a zone is called; null: what of a face no zone takes. */
  zone: string | null
  /** The box on the floor whose skin it is. */
  box: string | null
  /** Id of the build-up that it wears. */
  assembly: string
}

/** A surface before it wears anything. */
export type SurfacePart = Omit<Surface, "assembly">

/** Smallest area that counts as a part of a face, m². */
const LEAST = 1e-9

/** The surfaces of a shell as a variant builds it. */
export const surfacesOf = (shell: Shell, { wears }: Pick<Variant, "wears">): Surface[] =>
  partsOfFaces(shell).map((part) => ({ ...part, assembly: wears[part.id] ?? wears[part.face.id]! }))

/** Faces and their zones, floor first, the zones of each face after it; a zone of which nothing lies on its face is no part, nor what is left of a face where nothing is. */
export const partsOfFaces = (shell: Pick<Shell, "form" | "azimuth" | "zones" | "boxes">): SurfacePart[] =>
  facesOf(shell).flatMap((face) => partsOfFace(face, shell.zones, shell.boxes, shell.form))

const partsOfFace = memoised((face: Face, zones: Shell["zones"], boxes: Shell["boxes"], form: Shell["form"]): SurfacePart[] => {
  // The skin of a box that is no zone is of what no zone takes, even where nothing else is.
  const bearsBox = Object.values(boxes).some(({ side }) => side === face.id)
  return [
    ...regionsOn(face, { zones, boxes, form })
      .filter(({ zone, region }, _, { length }) => length === 1 || regionArea(region) > LEAST || (zone === null && bearsBox))
      .map(({ zone, region }) => ({ id: zone ?? face.id, face, region, zone: zone === null ? null : zones[zone]!.name, box: null })),
    ...Object.entries(zones).flatMap(([id, zone]) =>
      zone.kind === "box" && boxes[zone.box]?.side === face.id ? [{ id, face, region: NOWHERE, zone: zone.name, box: zone.box }] : [],
    ),
  ]
})

/** Where surfaces of one face meet. */
export const bordersOf = (shell: Shell): Border<SurfacePart>[] =>
  facesOf(shell).flatMap((face) => bordersOfFace(partsOfFace(face, shell.zones, shell.boxes, shell.form)))

const bordersOfFace = memoised((parts: SurfacePart[]) => bordersBetween(parts))

/** The surface of a face that a point of it lies on: of what stands past the face, the first. */
export function surfaceAt<S extends FaceRegion>(surfaces: readonly S[], face: FaceId, at: Point): S {
  const own = surfaces.filter((surface) => surface.face.id === face)
  return own.find(({ region }) => isWithin(region, at)) ?? own[0]!
}

/** The skin of a box lies on no face. */
const NOWHERE: Region = { outline: [], own: { x: 0, y: 0, width: 0, height: 0 }, over: [], behind: [] }
