import type { Shell } from "../../schema/job/shell"
import type { Face } from "./face"
import { boundsOf, type Rectangle } from "./polygon"
import type { Overhang } from "./shading"

/**
 * The roof's overhang over a part of an upright wall, as a level board: where the roof slopes along it, at its highest over that part, and
 * its drop past the wall left out, so that it shades no more than it does.
 * @param part of the wall, m from its lower left corner as seen from inside
 * @returns null where nothing reaches out, and over what is no upright wall
 */
export function roofOver(face: Face, part: Rectangle, { eaves, ends }: Shell["overhang"]): Overhang | null {
  const alongside = face.id === "left" || face.id === "right"
  const depth = alongside ? eaves : ends
  if (face.part !== "wall" || face.tilt !== 90 || face.strips.length > 1 || depth === 0) return null
  const { left, right } = boundsOf(face.outline)
  const beyond = alongside ? ends : eaves
  return {
    depth,
    above: Math.max(0, highestOver(face.outline, part.x, part.x + part.width) - (part.y + part.height)),
    // The viewer of a shade stands outside, where the left is what is right from inside.
    extendLeft: Math.max(0, right - (part.x + part.width) + beyond),
    extendRight: Math.max(0, part.x - left + beyond),
  }
}

/** How high an outline reaches between two places along it, m. */
function highestOver(outline: Face["outline"], from: number, to: number): number {
  let highest = -Infinity
  outline.forEach(([x, y], i) => {
    const [toX, toY] = outline[(i + 1) % outline.length]!
    if (x >= from && x <= to) highest = Math.max(highest, y)
    if (x === toX) return
    for (const at of [from, to])
      if (at >= Math.min(x, toX) && at <= Math.max(x, toX)) highest = Math.max(highest, y + ((toY - y) * (at - x)) / (toX - x))
  })
  return highest
}
