import type { FaceId, Form, Shell } from "../../schema/job/job"
import { type Face, type Placement, type Point, polygonArea } from "./face"

const RIGHT: Point = [1, 0]
const LEFT: Point = [-1, 0]
const UP: Point = [0, 1]
const DOWN: Point = [0, -1]

/**
 * The faces of a shell: their outlines, directions and places on the pelt.
 * The pelt shows the inside: floor in the middle, walls folded out from its edges, roof hinged from the wall tops.
 */
export function facesOf(shell: Shell): Face[] {
  return shell.form.kind === "box" ? boxFaces(shell.form, shell.azimuth) : gableFaces(shell.form, shell.azimuth)
}

function boxFaces(form: Extract<Form, { kind: "box" }>, azimuth: number): Face[] {
  const { length, width, height } = form
  return [
    ...floorAndSides(length, width, height, azimuth),
    face("roof", rectangle(length, width), 0, azimuth, { origin: [0, width + height], u: RIGHT, v: UP }),
    ...ends(rectangle(width, height), length, width, azimuth),
  ]
}

function gableFaces(form: Extract<Form, { kind: "gable" }>, azimuth: number): Face[] {
  const { length, width, wallHeight, ridgeHeight } = form
  const rise = ridgeHeight - wallHeight
  const slope = Math.hypot(width / 2, rise)
  const tilt = (Math.atan2(rise, width / 2) * 180) / Math.PI
  const gable: Point[] = [
    [0, 0],
    [width, 0],
    [width, wallHeight],
    [width / 2, ridgeHeight],
    [0, wallHeight],
  ]
  return [
    ...floorAndSides(length, width, wallHeight, azimuth),
    face("roof-left", rectangle(length, slope), tilt, azimuth + 270, { origin: [0, width + wallHeight], u: RIGHT, v: UP }),
    face("roof-right", rectangle(length, slope), tilt, azimuth + 90, { origin: [length, -wallHeight], u: LEFT, v: DOWN }),
    ...ends(gable, length, width, azimuth),
  ]
}

function floorAndSides(length: number, width: number, height: number, azimuth: number): Face[] {
  return [
    face("floor", rectangle(length, width), 180, azimuth, { origin: [0, 0], u: RIGHT, v: UP }),
    face("left", rectangle(length, height), 90, azimuth + 270, { origin: [0, width], u: RIGHT, v: UP }),
    face("right", rectangle(length, height), 90, azimuth + 90, { origin: [length, 0], u: LEFT, v: DOWN }),
  ]
}

function ends(outline: Point[], length: number, width: number, azimuth: number): Face[] {
  return [
    face("front", outline, 90, azimuth, { origin: [length, width], u: DOWN, v: RIGHT }),
    face("back", outline, 90, azimuth + 180, { origin: [0, 0], u: UP, v: LEFT }),
  ]
}

function face(id: FaceId, outline: Point[], tilt: number, azimuth: number, place: Placement): Face {
  return { id, outline, area: polygonArea(outline), tilt, azimuth: ((azimuth % 360) + 360) % 360, place }
}

const rectangle = (width: number, height: number): Point[] => [
  [0, 0],
  [width, 0],
  [width, height],
  [0, height],
]
