import type { FaceId, Opening, Shell } from "../../schema/job/shell"
import { memoised } from "../memoised"
import { sum } from "../numeric/sum"
import type { Face } from "../shell/face"
import { boxSkin } from "../shell/floor-boxes"
import { offsetsArea } from "../shell/notch"
import { boundsOf } from "../shell/polygon"
import { roofOver } from "../shell/roof-overhang"
import { BOARD, type Overhang, type Shades } from "../shell/shading"
import { type Place, place } from "./place"

/** What closes a hole of a surface: a U of its own, m² and W/(m²·K). */
export interface Closure extends Pick<Opening, "name" | "uValue" | "solarFactor"> {
  place: Place
  area: number
  /** m; of a cut-out, which no sun comes through, 0 */
  width: number
  height: number
  /** The roof that reaches out over it and its own boards; null: nothing that shades it. */
  shades: Shades | null
}

/** What of a surface is closed otherwise, and what is left. */
export interface SurfaceGeometry {
  openings: { id: string; opening: Opening }[]
  /** What closes its openings and the pieces missing from it. */
  closures: Closure[]
  /** m², without openings and notches, with what boxes that stand against it add */
  netArea: number
  /** The roof that reaches out over an upright wall with four corners; null: none. */
  shades: Shades | null
}

/** Openings, notches and net area of a surface. */
export const surfaceGeometry = (face: Face, { openings, notches, boxes, overhang }: Shell): SurfaceGeometry =>
  geometryOf(face, openings, notches, boxes, overhang)

const geometryOf = memoised(
  (
    face: Face,
    openings: Shell["openings"],
    notches: Shell["notches"],
    boxes: Shell["boxes"],
    overhang: Shell["overhang"],
  ): SurfaceGeometry => {
    const own = partsOn(openings, face.id)
    const closures = [
      ...own.map(([id, opening]): Closure => {
        const { name, uValue, solarFactor, width, height } = opening
        return {
          ...{ place: place.opening(id), name, uValue, solarFactor, width, height },
          area: width * height,
          shades: shadesOf(face, opening, overhang),
        }
      }),
      ...partsOn(notches, face.id).map(([id, { name, uValue, offsets }]): Closure => {
        return { place: place.notch(id), name, uValue, solarFactor: 0, width: 0, height: 0, area: offsetsArea(offsets), shades: null }
      }),
    ]
    const { left, right, low, high } = boundsOf(face.outline)
    const whole = { x: left, y: low, width: right - left, height: high - low }
    const skins = sum(Object.values(boxes).map((box) => (box.side === face.id ? boxSkin(box) : 0)))
    return {
      openings: own.map(([id, opening]) => ({ id, opening })),
      closures,
      netArea: Math.max(0, face.area + skins - sum(closures.map(({ area }) => area))),
      shades: face.outline.length === 4 ? underRoof(roofOver(face, whole, overhang)) : null,
    }
  },
)

const underRoof = (overhang: Overhang | null): Shades | null => overhang && { overhang, left: null, right: null }

/** What shades an opening: boards of its own, and the roof where none of them lies over it; of two over each other the lower counts alone. */
function shadesOf(face: Face, opening: Opening, roof: Shell["overhang"]): Shades | null {
  const { over, beside } = opening.shade
  if (face.tilt !== 90 || (over === 0 && beside === 0)) return underRoof(roofOver(face, opening, roof))
  const fin = beside > 0 ? { depth: beside, gap: 0 } : null
  return { overhang: over > 0 ? { depth: over, ...BOARD } : roofOver(face, opening, roof), left: fin, right: fin }
}

const partsOn = <T extends { face: FaceId }>(parts: Record<string, T>, face: FaceId): [string, T][] =>
  Object.entries(parts).filter(([, part]) => part.face === face)
