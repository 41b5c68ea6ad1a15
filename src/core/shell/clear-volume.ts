import type { Form } from "../../schema/job/form"
import type { FloorBox } from "../../schema/job/shell"
import { sum } from "../numeric/sum"
import { clearSection } from "./clear-section"
import { boxProfile } from "./floor-boxes"
import { clipHalf, polygonArea } from "./polygon"
import type { Linings } from "./linings"

/**
 * Volume left inside once the build-ups stand in the shell, m³; 0 where they meet.
 * Round roofs are taken as the chords that they are drawn with: less than a thousandth too little.
 */
export function clearVolume(form: Form, linings: Linings, boxes: readonly FloorBox[] = []): number {
  const bare =
    form.kind === "hip"
      ? clearHip(form, linings)
      : polygonArea(clearSection(form, linings)) * Math.max(0, form.length - linings.front - linings.back)
  return Math.max(0, bare - sum(boxes.map((box) => boxInside(box, linings))))
}

/** A hip by level slices: each is a rectangle whose sides stand at the walls' linings or at the roof's, whichever is further in. */
function clearHip({ length, width, wallHeight, ridgeHeight }: Extract<Form, { kind: "hip" }>, linings: Linings): number {
  const slope = (ridgeHeight - wallHeight) / (Math.min(length, width) / 2)
  const eaves = wallHeight - linings.roof * Math.hypot(1, slope)
  const roofAt = (z: number) => (z - eaves) / slope
  const slice = (z: number) => {
    const within = (a: number, b: number) => Math.max(a, roofAt(z)) + Math.max(b, roofAt(z))
    return Math.max(0, length - within(linings.front, linings.back)) * Math.max(0, width - within(linings.left, linings.right))
  }
  const top = eaves + (slope * Math.min(length, width)) / 2
  const breaks = [linings.left, linings.right, linings.front, linings.back].map((lining) => eaves + slope * lining)
  const levels = [linings.floor, ...breaks.filter((z) => z > linings.floor && z < top), top].sort((a, b) => a - b)
  // Between the breaks a slice is a quadratic in its height, which Simpson's rule sums exactly.
  return sum(levels.slice(1).map((to, i) => simpson(slice, levels[i]!, to)))
}

const simpson = (of: (x: number) => number, from: number, to: number) =>
  (Math.max(0, to - from) / 6) * (of(from) + 4 * of((from + to) / 2) + of(to))

/** What of a box stands clear of the linings of its wall and of the floor. */
function boxInside(box: FloorBox, linings: Linings): number {
  const above = polygonArea(clipHalf(boxProfile(box), [0, linings.floor], [0, 1]))
  return Math.max(0, box.width - linings[box.side]) * above
}
