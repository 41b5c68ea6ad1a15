import type { FaceId, FloorBox, Opening, Shell } from "../../schema/job/shell"
import { memoised } from "../memoised"
import { sum } from "../numeric/sum"
import type { Face, Point } from "../shell/face"
import { boxSkin, wholeBoxSkin } from "../shell/floor-boxes"
import { holesOn } from "../shell/framing"
import { notchOutline, offsetsArea } from "../shell/notch"
import { boundingRectangle, polygonArea, polygonCentre, type Rectangle } from "../shell/polygon"
import { isWithin, type Region, regionArea, regionsOn } from "../shell/zones"
import { roofOver } from "../shell/roof-overhang"
import { BOARD, type Overhang, type Shades } from "../shell/shading"
import { type Place, place } from "./place"
import type { Surface } from "./surface"

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
  /** m², openings and notches included, without what boxes that stand against it add */
  area: number
  openings: { id: string; opening: Opening }[]
  /** What closes its openings and the pieces missing from it. */
  closures: Closure[]
  /** m², without openings and notches, with what boxes that stand against it add */
  netArea: number
  /** The roof that reaches out over an upright wall with four corners; null: none. */
  shades: Shades | null
}

/** Openings, notches and net area of a surface; each opening is of that surface which its middle lies on. */
export const surfaceGeometry = ({ face, region, box }: Omit<Surface, "assembly">, shell: Shell): SurfaceGeometry =>
  box === null
    ? geometryOf(face, region, shell.openings, shell.notches, shell.boxes, shell.zones, shell.overhang, shell.form)
    : skinOf(shell.boxes[box]!)

/** The skin of a box has no openings. */
const skinOf = memoised((box: FloorBox): SurfaceGeometry => {
  const area = wholeBoxSkin(box)
  return { area, openings: [], closures: [], netArea: area, shades: null }
})

const geometryOf = memoised(
  (
    face: Face,
    region: Region,
    openings: Shell["openings"],
    notches: Shell["notches"],
    boxes: Shell["boxes"],
    zones: Shell["zones"],
    overhang: Shell["overhang"],
    form: Shell["form"],
  ): SurfaceGeometry => {
    const own = partsOn(openings, face.id, region, middleOf)
    const closures = [
      ...own.map(([id, opening]): Closure => {
        const { name, uValue, solarFactor, width, height } = opening
        return {
          ...{ place: place.opening(id), name, uValue, solarFactor, width, height },
          area: width * height,
          shades: shadesOf(face, opening, overhang),
        }
      }),
      ...partsOn(notches, face.id, region, (notch) => polygonCentre(notchOutline(face, notch))).map(
        ([id, { name, uValue, offsets }]): Closure => {
          return { place: place.notch(id), name, uValue, solarFactor: 0, width: 0, height: 0, area: offsetsArea(offsets), shades: null }
        },
      ),
    ]
    return {
      ...areasOf(face, region, { openings, notches, boxes, zones, form }),
      openings: own.map(([id, opening]) => ({ id, opening })),
      closures,
      shades: face.outline.length === 4 ? underRoof(roofOver(face, boundingRectangle(face.outline), overhang)) : null,
    }
  },
)

const middleOf = ({ x, y, width, height }: Rectangle): Point => [x + width / 2, y + height / 2]

/**
 * With and without what closes it otherwise, m². What no zone takes has what the zones of its face leave: all of them together make up the
 * face, with what boxes without a build-up of their own add to it.
 */
function areasOf(face: Face, region: Region, shell: Pick<Shell, "openings" | "notches" | "boxes" | "zones" | "form">) {
  const holes = holesOn(face, shell)
  if (region.own) return { area: regionArea(region), netArea: regionArea(region, holes) }
  const taken = regionsOn(face, shell).filter(({ zone }) => zone !== null)
  const area = Math.max(0, face.area - (polygonArea(face.outline) - regionArea(region)))
  const own = Object.values(shell.zones).map((zone) => (zone.kind === "box" ? zone.box : null))
  const skins = sum(Object.entries(shell.boxes).map(([id, box]) => (box.side === face.id && !own.includes(id) ? boxSkin(box) : 0)))
  const closed = [
    ...holes.openings.map(({ width, height }) => width * height),
    ...Object.values(shell.notches).map((notch) => (notch.face === face.id ? offsetsArea(notch.offsets) : 0)),
  ]
  const closedInZones = sum(taken.map((part) => regionArea(part.region) - regionArea(part.region, holes)))
  return { area, netArea: Math.max(0, area + skins - (sum(closed) - closedInZones)) }
}

const underRoof = (overhang: Overhang | null): Shades | null => overhang && { overhang, left: null, right: null }

/** What shades an opening: boards of its own, and the roof where none of them lies over it; of two over each other the lower counts alone. */
function shadesOf(face: Face, opening: Opening, roof: Shell["overhang"]): Shades | null {
  const { over, beside } = opening.shade
  if (face.tilt !== 90 || (over === 0 && beside === 0)) return underRoof(roofOver(face, opening, roof))
  const fin = beside > 0 ? { depth: beside, gap: 0 } : null
  return { overhang: over > 0 ? { depth: over, ...BOARD } : roofOver(face, opening, roof), left: fin, right: fin }
}

/** Parts of a face whose middle lies on a region. */
const partsOn = <T extends { face: FaceId }>(parts: Record<string, T>, face: FaceId, region: Region, middle: (part: T) => Point) =>
  Object.entries(parts).filter(([, part]) => part.face === face && isWithin(region, middle(part)))
