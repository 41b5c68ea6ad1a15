import type { FaceId } from "../../schema/job/shell"
import { memoised } from "../memoised"
import type { Point } from "./face"
import { inset } from "./polygon"
import { type ExtrudedForm, profileOf, profilePoints } from "./profile"
import type { Linings } from "./linings"

/**
 * What is left of a cross-section between the linings of floor, walls and roof; round pieces by the chords that they are drawn with.
 * Cut once for each form and linings: heights at all places and openings are taken from one section.
 * @returns corners counter-clockwise, (from the left wall, above the floor) in m; none where the linings meet
 */
export const clearSection = memoised((form: ExtrudedForm, linings: Linings): readonly Point[] => {
  const profile = profileOf(form)
  const over = profile.flatMap((segment) => {
    const chords = profilePoints([segment]).length - 1
    return Array<number>(chords).fill(liningOf(segment.face, linings))
  })
  // From the left foot over the roof the section runs clockwise; the floor closes it.
  const distances = [...over.reverse(), linings.floor]
  return inset(profilePoints(profile).reverse(), (_from, _to, i) => distances[i]!)
})

const liningOf = (face: FaceId, linings: Linings): number => (face === "left" || face === "right" ? linings[face] : linings.roof)

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
