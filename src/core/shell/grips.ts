import type { Dimension, Form } from "../../schema/job/form"
import { type Face, type Point, onPelt } from "./face"
import { boundsOf } from "./polygon"

/** A place on the pelt where a measure of the form can be taken hold of, and the way on the pelt in which it grows. */
export interface Grip {
  dimension: Dimension
  at: Point
  way: Point
  /** What a metre of that way adds to the measure, m: a corner that moves in takes from both sides. */
  step: number
}

/** The grips of a form, one for each of its measures: along the floor's front and left edge, on the walls' tops, on the highest point of the front. */
export function gripsOf(form: Form, faces: readonly Face[]): Grip[] {
  const on = (id: Face["id"], u: number, v: number): Point => {
    const face = faces.find((candidate) => candidate.id === id)!
    const { left, right, low, high } = boundsOf(face.outline)
    return onPelt(face.place, [left + u * (right - left), low + v * (high - low)])
  }
  const [front, left, right]: [Point, Point, Point] = [
    [1, 0],
    [0, 1],
    [0, -1],
  ]
  const wall = WALL[form.kind]
  const top = TOP[form.kind]
  return [
    { dimension: "length", at: on("floor", 1, 0.25), way: front, step: 1 },
    { dimension: "width", at: on("floor", 0.75, 1), way: left, step: 1 },
    { dimension: wall, at: on("left", 0.75, 1), way: left, step: 1 },
    ...(form.kind === "shed" ? [{ dimension: "rightHeight" as const, at: on("right", 0.25, 1), way: right, step: 1 }] : []),
    ...(top ? [{ dimension: top, at: form.kind === "hip" ? on("roof-front", 0.5, 1) : on("front", 0.5, 1), way: front, step: 1 }] : []),
    ...(form.kind === "van"
      ? vanGrips(
          form,
          faces.find(({ id }) => id === "front")!,
        )
      : []),
  ]
}

/** The waist and the shoulder of a van, on the corners of its front, and the bow of the wall between them. */
function vanGrips(form: Extract<Form, { kind: "van" }>, { place }: Face): Grip[] {
  const { width, waistHeight, shoulderWidth, shoulderHeight, wallBow } = form
  const [lean, rise] = [(width - shoulderWidth) / 2, shoulderHeight - waistHeight]
  const chord = Math.hypot(lean, rise)
  const out: Point = [-rise / chord, lean / chord]
  const top: Point = [lean / 2 + out[0] * wallBow, waistHeight + rise / 2 + out[1] * wallBow]
  return [
    { dimension: "waistHeight", at: onPelt(place, [0, waistHeight]), way: place.v, step: 1 },
    { dimension: "shoulderWidth", at: onPelt(place, [lean, shoulderHeight]), way: [-place.u[0], -place.u[1]], step: 2 },
    { dimension: "wallBow", at: onPelt(place, top), way: onPelt({ ...place, origin: [0, 0] }, out), step: 1 },
  ]
}

const WALL: Record<Form["kind"], Dimension> = {
  box: "height",
  shed: "leftHeight",
  gable: "wallHeight",
  hip: "wallHeight",
  arch: "wallHeight",
  van: "shoulderHeight",
}

const TOP: Record<Form["kind"], Dimension | null> = {
  box: null,
  shed: null,
  gable: "ridgeHeight",
  hip: "ridgeHeight",
  arch: "crownHeight",
  van: "crownHeight",
}
