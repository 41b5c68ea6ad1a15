import type { Form } from "../../schema/job/job"
import { sum } from "../numeric/sum"
import type { Face } from "./face"

/** Volume within the shell's own measures, m³. */
export function volumeOf(form: Form): number {
  return form.length * form.width * meanHeight(form)
}

/** Height from the lowest to the highest point, m. */
export function greatestHeight(form: Form): number {
  return form.kind === "box" ? form.height : form.ridgeHeight
}

/** @returns how many times the skin of a cube of the same volume this skin is */
export function skinAgainstCube(faces: readonly Face[], volume: number): number {
  return sum(faces.map((face) => face.area)) / (6 * volume ** (2 / 3))
}

/** Thicknesses of the build-ups that eat into the inside, m. */
export interface Linings {
  floor: number
  left: number
  right: number
  front: number
  back: number
  /** Flat roof, or the thicker slope. */
  roof: number
}

/** What is left inside once the build-ups stand in the shell, m; negative where they meet. */
export interface ClearInside {
  length: number
  width: number
  /** Under the roof of a box, under the ridge of a gable. */
  height: number
  /** At the side walls: the same in a box. */
  heightAtEaves: number
}

/** Clear sizes inside; the shell's measures are taken over the build-ups. */
export function clearInside(form: Form, linings: Linings): ClearInside {
  const length = form.length - linings.front - linings.back
  const width = form.width - linings.left - linings.right
  if (form.kind === "box") {
    const height = form.height - linings.floor - linings.roof
    return { length, width, height, heightAtEaves: height }
  }
  // Plumb thickness of a sloping roof: its own thickness over the cosine of the slope.
  const rise = (form.ridgeHeight - form.wallHeight) / (form.width / 2)
  const plumb = linings.roof * Math.hypot(1, rise)
  const height = form.ridgeHeight - linings.floor - plumb
  return { length, width, height, heightAtEaves: height - (rise * Math.max(0, width)) / 2 }
}

function meanHeight(form: Form): number {
  return form.kind === "box" ? form.height : (form.wallHeight + form.ridgeHeight) / 2
}
