import type { Dimension, Form } from "../../schema/job/form"
import type { Face, Point } from "./face"
import { onPelt } from "./face"
import { boundsOf } from "./polygon"

/** A place on the pelt where a measure of the form can be taken hold of, and the way on the pelt in which it grows. */
export interface Grip {
  dimension: Dimension
  at: Point
  way: Point
}

/** The grips of a form: along the floor's front and left edge, on the walls' tops, on the highest point of the front. */
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
    { dimension: "length", at: on("floor", 1, 0.25), way: front },
    { dimension: "width", at: on("floor", 0.75, 1), way: left },
    { dimension: wall, at: on("left", 0.75, 1), way: left },
    ...(form.kind === "shed" ? [{ dimension: "rightHeight" as const, at: on("right", 0.25, 1), way: right }] : []),
    ...(top ? [{ dimension: top, at: form.kind === "hip" ? on("roof-front", 0.5, 1) : on("front", 0.5, 1), way: front }] : []),
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
