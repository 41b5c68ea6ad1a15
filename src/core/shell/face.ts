import type { FaceId } from "../../schema/job/shell"

/** Part of an enclosure that a face belongs to. */
export type FacePart = "wall" | "roof" | "floor"

/** The part of an enclosure that a face belongs to. */
export const partOf = (face: FaceId): FacePart => (face === "floor" ? "floor" : face.startsWith("roof") ? "roof" : "wall")

/** A point of a drawing or a face, m. */
export type Point = readonly [x: number, y: number]

/** Lays a face's own coordinates (u along its lower edge, v up, seen from inside) on the pelt. */
export interface Placement {
  origin: Point
  u: Point
  v: Point
}

/** A part of a face that looks one way. */
export interface Strip {
  area: number
  /** 0 faces up, 90 is a wall, 180 faces down */
  tilt: number
  /** Outward normal, from north clockwise. */
  azimuth: number
}

/** One piece of the skin, developed flat where it is curved or bent. Lengths in m, angles in degrees. */
export interface Face extends Strip {
  id: FaceId
  part: FacePart
  /** Corners in the face's own coordinates, counter-clockwise; the first two are the ends of the lower edge. */
  outline: readonly Point[]
  /** What it is made of by direction; a flat face has one. Tilt and azimuth of the face are those of its mean normal. */
  strips: readonly Strip[]
  /** On the pelt: x to the front, y to the left; the floor's back right corner is the origin. */
  place: Placement
}

/** A point of a face, on the pelt. */
export function onPelt(place: Placement, [u, v]: Point): Point {
  return [place.origin[0] + u * place.u[0] + v * place.v[0], place.origin[1] + u * place.u[1] + v * place.v[1]]
}
