import { type Dimension, type Form, measureOf } from "../../schema/job/form"
import type { FloorBox, Shell } from "../../schema/job/shell"
import { sum } from "../numeric/sum"
import type { Face } from "./face"
import { clearSection, topOver } from "./clear-section"
import type { Linings } from "./linings"
import { boxVolume } from "./floor-boxes"
import { profileArea, profileOf, roofOver } from "./profile"

/**
 * Volume within the shell's own measures, m³; what boxes take from the floor is taken off.
 * @see hip roof: a prism under the ridge and two half pyramids, rise·a·(3b − a)/6 with a the shorter side
 */
export function volumeOf(form: Form, boxes: readonly FloorBox[] = []): number {
  // Boxes that reach out of the shell are told as such; no figure may turn over meanwhile.
  return Math.max(0.001, bareVolume(form) - sum(boxes.map(boxVolume)))
}

function bareVolume(form: Form): number {
  if (form.kind !== "hip") return profileArea(profileOf(form)) * form.length
  const [shorter, longer] = [Math.min(form.length, form.width), Math.max(form.length, form.width)]
  return form.length * form.width * form.wallHeight + ((form.ridgeHeight - form.wallHeight) * shorter * (3 * longer - shorter)) / 6
}

/** Height from the lowest to the highest point, m. */
export function greatestHeight(form: Form): number {
  switch (form.kind) {
    case "box":
      return form.height
    case "shed":
      return Math.max(form.leftHeight, form.rightHeight)
    case "gable":
    case "hip":
      return form.ridgeHeight
    case "arch":
    case "van":
      return form.crownHeight
  }
}

/** @returns how many times the skin of a cube of the same volume this skin is */
export function skinAgainstCube(faces: readonly Face[], volume: number): number {
  return sum(faces.map((face) => face.area)) / (6 * volume ** (2 / 3))
}

/** What is left inside once the build-ups stand in the shell, m; negative where they meet. */
export interface ClearInside {
  length: number
  /** At the floor, between the wall linings. */
  width: number
  /** Between the boxes on the floor, where there are any. */
  widthBetweenBoxes: number
  /** Under the highest point. */
  height: number
  /** At the lined side walls: the least. */
  heightAtWalls: number
  /** Where a person stands: in the middle of a van, else wherever it is least. */
  standing: number
}

/**
 * Clear sizes inside; the shell's measures are taken over the build-ups.
 * @param rise how far the floor's highest point stands over its zero, m: heights are given at the worst place
 */
export function clearInside(form: Form, linings: Linings, boxes: readonly FloorBox[] = [], rise = 0): ClearInside {
  const length = form.length - linings.front - linings.back
  const width = form.width - linings.left - linings.right
  const under = clearHeights(form, linings)
  const [left, right] = wallsAt(form, linings).map((y) => under(y) - rise)
  const highest = Math.max(left!, right!, under(form.width / 2) - rise)
  const heightAtWalls = Math.min(left!, right!)
  const taken = (side: FloorBox["side"], lining: number) =>
    Math.max(0, ...boxes.filter((box) => box.side === side).map((box) => box.width - lining))
  return {
    length,
    width,
    widthBetweenBoxes: width - taken("left", linings.left) - taken("right", linings.right),
    height: highest,
    heightAtWalls,
    standing: form.kind === "van" ? highest : heightAtWalls,
  }
}

/** Where the side linings end, across the width: under the shoulders of a van, beside the walls of all else. */
export function wallsAt(form: Form, linings: Linings): [number, number] {
  const lean = form.kind === "van" ? Math.max(0, (form.width - form.shoulderWidth) / 2) : 0
  return [Math.min(form.width / 2, lean + linings.left), Math.max(form.width / 2, form.width - lean - linings.right)]
}

/** @returns how far the highest point of a floor stands over its zero, m */
export const floorRise = ({ levels }: Shell): number => Math.max(0, ...Object.values(levels).map(({ rise }) => rise))

/**
 * What a tape held between linings says of a measure of the form.
 * @returns m; the measure itself where linings do not change it
 */
export function measureInside(form: Form, dimension: Dimension, linings: Linings): number {
  const clear = clearInside(form, linings)
  const under = clearHeights(form, linings)
  switch (dimension) {
    case "length":
      return clear.length
    case "width":
      return clear.width
    case "height":
    case "ridgeHeight":
    case "crownHeight":
      return under(form.width / 2)
    case "wallHeight":
      return clear.heightAtWalls
    case "leftHeight":
      return under(linings.left)
    case "rightHeight":
      return under(form.width - linings.right)
    case "shoulderHeight":
      return clear.heightAtWalls
    case "waistHeight":
      return measureOf(form, "waistHeight")! - linings.floor
    case "wallBow":
      return measureOf(form, "wallBow")!
    case "shoulderWidth":
      return measureOf(form, "shoulderWidth")! - linings.left - linings.right
  }
}

/**
 * The measure over all that a reading between linings asks for.
 * @returns m
 */
export function measureOverAll(form: Form, dimension: Dimension, linings: Linings, reading: number): number {
  // A bow is the same on either side of a lining.
  if (dimension === "wallBow") return reading
  const missing = (value: number) => reading - measureInside({ ...form, [dimension]: value }, dimension, linings)
  let value = measureOf(form, dimension)!
  let error = missing(value)
  // A ridge that is moved tilts the roof, and its lining with it: a few rounds settle that. Near a half circle, where an arch springs
  // upright, the lining moves far more than the measure: a step that makes it worse is halved.
  let step = 1
  for (let round = 0; round < 200 && Math.abs(error) > 1e-12 && step > 1e-9; round++) {
    const next = Math.max(0.01, value + step * error)
    const left = missing(next)
    if (Math.abs(left) < Math.abs(error)) [value, error, step] = [next, left, Math.min(1, 2 * step)]
    else step /= 2
  }
  return value
}

/**
 * Heights between the floor's and the roof's build-ups, over places across the width;
 * on a hip the roof's own thickness is measured plumb, over the cosine of its slope.
 */
export function clearHeights(form: Form, linings: Linings): (y: number) => number {
  const section = form.kind === "hip" ? null : clearSection(form, linings)
  return (y) => {
    const top = section && topOver(section, y)
    if (top !== null) return top - linings.floor
    const { height, slope } = form.kind === "hip" ? hipOver(form, y) : roofOver(profileOf(form), y)
    return height - linings.floor - linings.roof * Math.hypot(1, slope)
  }
}

function hipOver(form: Extract<Form, { kind: "hip" }>, y: number): { height: number; slope: number } {
  const slope = (form.ridgeHeight - form.wallHeight) / (Math.min(form.length, form.width) / 2)
  const height = Math.min(form.ridgeHeight, form.wallHeight + slope * Math.min(y, form.width - y))
  return { height, slope }
}
