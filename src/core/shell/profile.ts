import type { Form } from "../../schema/job/form"
import type { FaceId } from "../../schema/job/shell"
import { sum } from "../numeric/sum"
import type { Point } from "./face"
import { polygonArea } from "./polygon"

/** A straight or round piece of a cross-section; points are (from the left wall, above the floor), m. */
export interface Segment {
  face: FaceId
  from: Point
  to: Point
  /** Height of the arc over its chord, outward; 0 is straight. */
  sagitta: number
}

/** Forms that are one cross-section drawn out along the length. */
export type ExtrudedForm = Exclude<Form, { kind: "hip" }>

/** The cross-section from the left foot up, over the roof, and down to the right foot. */
export function profileOf(form: ExtrudedForm): Segment[] {
  const { width } = form
  const straight = (face: FaceId, from: Point, to: Point): Segment => ({ face, from, to, sagitta: 0 })
  switch (form.kind) {
    case "box":
      return roofed(width, form.height, form.height, 0)
    case "shed":
      return roofed(width, form.leftHeight, form.rightHeight, 0)
    case "arch":
      return roofed(width, form.wallHeight, form.wallHeight, form.crownHeight - form.wallHeight)
    case "gable": {
      const [eaves, ridge]: number[] = [form.wallHeight, form.ridgeHeight]
      return [
        straight("left", [0, 0], [0, eaves!]),
        straight("roof-left", [0, eaves!], [width / 2, ridge!]),
        straight("roof-right", [width / 2, ridge!], [width, eaves!]),
        straight("right", [width, eaves!], [width, 0]),
      ]
    }
    case "van": {
      const lean = (width - form.shoulderWidth) / 2
      const [waist, shoulder] = [form.waistHeight, form.shoulderHeight]
      return [
        straight("left", [0, 0], [0, waist]),
        { face: "left", from: [0, waist], to: [lean, shoulder], sagitta: form.wallBow },
        { face: "roof", from: [lean, shoulder], to: [width - lean, shoulder], sagitta: form.crownHeight - shoulder },
        { face: "right", from: [width - lean, shoulder], to: [width, waist], sagitta: form.wallBow },
        straight("right", [width, waist], [width, 0]),
      ]
    }
  }
}

function roofed(width: number, left: number, right: number, sagitta: number): Segment[] {
  return [
    { face: "left", from: [0, 0], to: [0, left], sagitta: 0 },
    { face: "roof", from: [0, left], to: [width, right], sagitta },
    { face: "right", from: [width, right], to: [width, 0], sagitta: 0 },
  ]
}

interface Arc {
  radius: number
  /** Whole angle, radians. */
  angle: number
}

/** The circle of a round segment; up to a half circle. */
function arcOf({ from, to, sagitta }: Segment): Arc {
  const chord = Math.hypot(to[0] - from[0], to[1] - from[1])
  return { radius: (chord ** 2 / 4 + sagitta ** 2) / (2 * sagitta), angle: 4 * Math.atan((2 * sagitta) / chord) }
}

/** Length along a segment, m. */
export function segmentLength(segment: Segment): number {
  const { from, to, sagitta } = segment
  if (sagitta <= 0) return Math.hypot(to[0] - from[0], to[1] - from[1])
  const { radius, angle } = arcOf(segment)
  return radius * angle
}

/**
 * Directions along a segment.
 * @returns its parts: length m, and the angle of the outward normal from the horizontal left, clockwise in degrees (0 left, 90 up, 180 right)
 */
export function segmentNormals(segment: Segment): { length: number; angle: number }[] {
  const { from, to, sagitta } = segment
  const chord = (Math.atan2(to[1] - from[1], to[0] - from[0]) * 180) / Math.PI
  const middle = 90 - chord
  if (sagitta <= 0) return [{ length: segmentLength(segment), angle: middle }]
  const turn = (arcOf(segment).angle * 180) / Math.PI
  return Array.from({ length: PARTS }, (_, i) => ({
    length: segmentLength(segment) / PARTS,
    angle: middle + ((i + 0.5) / PARTS - 0.5) * turn,
  }))
}

/** Parts that an arc is cut into for the sun on it: 32 see its sum within a thousandth. */
const PARTS = 32

/** Points along the whole cross-section for drawing, left foot first; arcs as fine chords. */
export function profilePoints(profile: readonly Segment[]): Point[] {
  const points: Point[] = [profile[0]!.from]
  for (const segment of profile) {
    if (segment.sagitta > 0) points.push(...arcPoints(segment))
    points.push(segment.to)
  }
  return points
}

function arcPoints(segment: Segment): Point[] {
  const { from, to, sagitta } = segment
  const { radius, angle } = arcOf(segment)
  const chord = Math.hypot(to[0] - from[0], to[1] - from[1])
  const along: Point = [(to[0] - from[0]) / chord, (to[1] - from[1]) / chord]
  const outward: Point = [-along[1], along[0]]
  return Array.from({ length: PARTS - 1 }, (_, i) => {
    const turn = ((i + 1) / PARTS - 0.5) * angle
    const [a, o] = [chord / 2 + radius * Math.sin(turn), sagitta - radius * (1 - Math.cos(turn))]
    return [from[0] + along[0] * a + outward[0] * o, from[1] + along[1] * a + outward[1] * o] as const
  })
}

/** Area of the cross-section, m²: the polygon of its corners and the circular segments over its chords. */
export function profileArea(profile: readonly Segment[]): number {
  const rounds = profile.map((segment) => {
    if (segment.sagitta <= 0) return 0
    const { radius, angle } = arcOf(segment)
    return (radius ** 2 / 2) * (angle - Math.sin(angle))
  })
  return polygonArea([profile[0]!.from, ...profile.map(({ to }) => to)]) + sum(rounds)
}

/**
 * Roof and its slope over a point of the floor.
 * @param y from the left wall, m, within the width
 * @returns height above the floor, m, and slope as rise over run
 */
export function roofOver(profile: readonly Segment[], y: number): { height: number; slope: number } {
  const points = profilePoints(profile)
  let best = { height: -Infinity, slope: 0 }
  for (let i = 1; i < points.length; i++) {
    const [[ay, az], [by, bz]] = [points[i - 1]!, points[i]!]
    if (by - ay < 1e-9 || y < ay - 1e-9 || y > by + 1e-9) continue
    const height = az + ((y - ay) / (by - ay)) * (bz - az)
    if (height > best.height) best = { height, slope: (bz - az) / (by - ay) }
  }
  return best
}
