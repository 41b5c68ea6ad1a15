import type { FaceId, Opening, Shell } from "../../schema/job/shell"
import { memoised } from "../memoised"
import { sum } from "../numeric/sum"
import type { Face } from "../shell/face"
import { boxSkin } from "../shell/floor-boxes"
import { offsetsArea } from "../shell/notch"
import { type Place, place } from "./place"

/** What closes a hole of a surface: a U of its own, m² and W/(m²·K). */
export interface Closure extends Pick<Opening, "name" | "uValue" | "solarFactor"> {
  place: Place
  area: number
}

/** What of a surface is closed otherwise, and what is left. */
export interface SurfaceGeometry {
  openings: { id: string; opening: Opening }[]
  /** What closes its openings and the pieces missing from it. */
  closures: Closure[]
  /** m², without openings and notches, with what boxes that stand against it add */
  netArea: number
}

/** Openings, notches and net area of a surface. */
export const surfaceGeometry = (face: Face, { openings, notches, boxes }: Shell): SurfaceGeometry =>
  geometryOf(face, openings, notches, boxes)

const geometryOf = memoised(
  (face: Face, openings: Shell["openings"], notches: Shell["notches"], boxes: Shell["boxes"]): SurfaceGeometry => {
    const own = partsOn(openings, face.id)
    const closures = [
      ...own.map(([id, { name, uValue, solarFactor, width, height }]): Closure => {
        return { place: place.opening(id), name, uValue, solarFactor, area: width * height }
      }),
      ...partsOn(notches, face.id).map(([id, { name, uValue, offsets }]): Closure => {
        return { place: place.notch(id), name, uValue, solarFactor: 0, area: offsetsArea(offsets) }
      }),
    ]
    const skins = sum(Object.values(boxes).map((box) => (box.side === face.id ? boxSkin(box) : 0)))
    return {
      openings: own.map(([id, opening]) => ({ id, opening })),
      closures,
      netArea: Math.max(0, face.area + skins - sum(closures.map(({ area }) => area))),
    }
  },
)

const partsOn = <T extends { face: FaceId }>(parts: Record<string, T>, face: FaceId): [string, T][] =>
  Object.entries(parts).filter(([, part]) => part.face === face)
