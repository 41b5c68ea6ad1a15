import type { FloorBox, Notch, Opening, Penetration, Shell, Zone } from "../../schema/job/shell"
import type { Face } from "./face"
import { notchOutline, notchStrips } from "./notch"
import { boundsOf, clipConvex, isInside, polygonArea, type Rectangle, rectangleCorners } from "./polygon"
import { greatestHeight } from "./size"

/** An opening's or a box's place that cannot be, in words. */
export interface Misfit {
  /** null for what is no opening */
  opening: string | null
  message: string
}

/** Openings, zones and notches that reach over their face's edge or over each other, boxes that reach out of the shell, bars that find no room. */
export function misfits(shell: Shell, faces: readonly Face[]): Misfit[] {
  const found: Misfit[] = Object.values(shell.boxes).flatMap((box) => boxMisfit(box, shell))
  for (const notch of Object.values(shell.notches)) {
    const face = faces.find(({ id }) => id === notch.face)
    if (face && !notchOutline(face, notch).every((corner) => isInside(face.outline, corner)))
      found.push({ opening: null, message: `${notch.name} reaches over the edge of its face; make it smaller or move it.` })
  }
  for (const zone of Object.values(shell.zones)) found.push(...zoneMisfit(zone, faces))
  for (const bar of Object.values(shell.penetrations)) found.push(...barMisfit(bar, faces))
  const entries = Object.entries(shell.openings)
  entries.forEach(([id, opening], i) => {
    const face = faces.find((candidate) => candidate.id === opening.face)
    if (!face) return
    if (!rectangleCorners(opening).every((corner) => isInside(face.outline, corner)))
      found.push({ opening: id, message: `${opening.name} reaches over the edge of its face; make it smaller or move it.` })
    const other = entries.slice(0, i).find(([, before]) => before.face === opening.face && overlap(before, opening))
    const missing = Object.values(shell.notches).find((notch) => notch.face === opening.face && meets(face, notch, opening))
    for (const name of [other?.[1].name, missing?.name])
      if (name) found.push({ opening: id, message: `${opening.name} and ${name} overlap; move one of them.` })
  })
  return found
}

const meets = (face: Face, notch: Notch, opening: Opening) =>
  notchStrips(face, notch).some((strip) => polygonArea(clipConvex(strip, rectangleCorners(opening))) > 1e-6)

/** What runs through a face lies within it, and all that are alike find room there. */
function barMisfit({ name, face: on, x, y, width, count }: Penetration, faces: readonly Face[]): Misfit[] {
  const face = faces.find(({ id }) => id === on)
  if (!face) return []
  const corners = rectangleCorners({ x: x - width / 2, y: y - width / 2, width, height: width })
  if (!corners.every((corner) => isInside(face.outline, corner)))
    return [{ opening: null, message: `${name} reaches over the edge of its face; move it or make it smaller.` }]
  return count * width ** 2 > face.area
    ? [{ opening: null, message: `There is no room in the face for ${count} of ${name}; fewer or smaller ones.` }]
    : []
}

/** A zone need not lie wholly on its face, but must not miss it. */
function zoneMisfit(zone: Zone, faces: readonly Face[]): Misfit[] {
  if (zone.kind === "box") return []
  const { outline } = faces.find(({ id }) => id === zone.face)!
  const corners = rectangleCorners(zone)
  if (corners.every((corner) => isInside(outline, corner))) return []
  const message =
    clipConvex(corners, outline).length > 2 ? "reaches over the edge of its face: only what lies on it counts" : "misses its face; move it"
  return [{ opening: null, message: `${zone.name} ${message}.` }]
}

function boxMisfit({ name, x, length, width, height, outline }: FloorBox, { form }: Shell): Misfit[] {
  const fits =
    x + (outline ? outline.at(-1)![0] : length) <= form.length + 0.001 && width <= form.width + 0.001 && height <= greatestHeight(form)
  return fits ? [] : [{ opening: null, message: `${name} reaches out of the shell; make it smaller or move it.` }]
}

/** Whether two openings of one face take the same place; edges may touch. */
export function overlap(a: Rectangle, b: Rectangle): boolean {
  return a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height
}

/** Steps in which a free place is looked for, m. */
const STEP = 0.05

/**
 * The first free place for an opening along a face, from its left; lower down where it is too high for the face.
 * @returns null where there is none
 */
export function freePlace({ outline }: Face, taken: readonly Rectangle[], wanted: Omit<Rectangle, "x">): Rectangle | null {
  const { left, right } = boundsOf(outline)
  for (const y of [wanted.y, STEP, 0])
    for (let x = left + 0.3; x <= right; x += STEP) {
      const place = { ...wanted, x: Math.round(x * 1000) / 1000, y }
      const free = rectangleCorners(place).every((corner) => isInside(outline, corner)) && !taken.some((other) => overlap(place, other))
      if (free) return place
    }
  return null
}
