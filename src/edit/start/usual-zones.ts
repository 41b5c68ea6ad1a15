import type { UnitSystem } from "../../core/quantity/unit-system"
import type { Face } from "../../core/shell/face"
import { freePlace } from "../../core/shell/opening-fit"
import { boundsOf, type Rectangle } from "../../core/shell/polygon"
import type { Shell, Zone } from "../../schema/job/shell"
import { roundedSize } from "./rounded-size"

/** Zones that a face often has, ready to be added. */
export interface UsualZone {
  label: string
  zones: Zone[]
}

/** Height of a strip along a wall's foot, width of one along a slab's edge, and where a cupboard stands, m. */
const FOOT = 0.3
const RIM = 0.6
const CUPBOARD = { y: 0, width: 0.8, height: 1.2 }

/** What a face is often divided by: the skin of a wheel box, a strip along the foot, what a cupboard hides, the edge of a slab. */
export function usualZones(face: Face, shell: Shell, units: UnitSystem): UsualZone[] {
  const { left, right, high } = boundsOf(face.outline)
  const width = right - left
  const rectangle = (name: string, at: Rectangle): Zone => ({ kind: "rectangle", name, face: face.id, ...at })
  const { foot, rim } = roundedSize({ foot: FOOT, rim: RIM }, units)
  const boxed = Object.values(shell.zones).map((zone) => (zone.kind === "box" ? zone.box : null))
  const boxes = Object.entries(shell.boxes).flatMap(([id, { name, side }]): UsualZone[] =>
    boxed.includes(id) || (face.part !== "floor" && side !== face.id)
      ? []
      : [{ label: `Skin of ${name}`, zones: [{ kind: "box", name, box: id }] }],
  )
  if (face.part === "wall") {
    const openings = Object.values(shell.openings).filter((opening) => opening.face === face.id)
    const cupboard = freePlace(face, openings, roundedSize(CUPBOARD, units))
    return [
      ...boxes,
      { label: "Strip along its foot", zones: [rectangle("Foot", { x: 0, y: 0, width, height: Math.min(foot, high) })] },
      ...(cupboard ? [{ label: "Behind a cupboard", zones: [rectangle("Cupboard", cupboard)] }] : []),
    ]
  }
  if (face.part !== "floor" || shell.floor !== "slab" || Math.min(width, high) <= 2 * rim) return boxes
  const between = high - 2 * rim
  return [
    ...boxes,
    {
      label: "Strip along the slab’s edge",
      zones: [
        rectangle("Edge at the right", { x: 0, y: 0, width, height: rim }),
        rectangle("Edge at the left", { x: 0, y: high - rim, width, height: rim }),
        rectangle("Edge at the back", { x: 0, y: rim, width: rim, height: between }),
        rectangle("Edge at the front", { x: width - rim, y: rim, width: rim, height: between }),
      ],
    },
  ]
}

/** A zone to begin with: the middle third of a face, up to half its height. */
export function plainZone(face: Face, units: UnitSystem): Zone {
  const { right, high } = boundsOf(face.outline)
  return {
    kind: "rectangle",
    name: "Zone",
    face: face.id,
    y: 0,
    ...roundedSize({ x: right / 3, width: right / 3, height: high / 2 }, units),
  }
}
