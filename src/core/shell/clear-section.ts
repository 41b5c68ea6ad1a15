import type { Point } from "./face"
import { inset } from "./polygon"
import { type ExtrudedForm, profileOf, profilePoints } from "./profile"
import type { Linings } from "./size"

/**
 * What is left of a cross-section between the linings of floor, walls and roof; round roofs by the chords that they are drawn with.
 * @returns corners counter-clockwise, (from the left wall, above the floor) in m; none where the linings meet
 */
export function clearSection(form: ExtrudedForm, linings: Linings): Point[] {
  const profile = profileOf(form)
  // From the left foot over the roof the section runs clockwise.
  const outline = profilePoints(profile).reverse()
  const middle = form.width / 2
  const walls = profile.filter(({ face }) => !face.startsWith("roof")).flatMap(({ from, to }) => [from, to])
  const isCorner = ([y, z]: Point) => walls.some((corner) => Math.hypot(corner[0] - y, corner[1] - z) < 1e-9)
  return inset(outline, (from, to) => {
    if (from[1] === 0 && to[1] === 0) return linings.floor
    const onWall = isCorner(from) && isCorner(to) && from[0] < middle === to[0] < middle
    return onWall ? (from[0] < middle ? linings.left : linings.right) : linings.roof
  })
}

/**
 * The highest point of a section over a place.
 * @returns m above the floor's skin; null where the section does not reach
 */
export function topOver(section: readonly Point[], y: number): number | null {
  let top: number | null = null
  section.forEach(([ay, az], i) => {
    const [by, bz] = section[(i + 1) % section.length]!
    if (Math.min(ay, by) > y + 1e-9 || Math.max(ay, by) < y - 1e-9) return
    const z = Math.abs(by - ay) < 1e-9 ? Math.max(az, bz) : az + ((y - ay) / (by - ay)) * (bz - az)
    top = Math.max(top ?? z, z)
  })
  return top
}
