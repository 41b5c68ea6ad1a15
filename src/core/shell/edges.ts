import type { FaceId, Shell } from "../../schema/job/shell"
import { sum } from "../numeric/sum"
import type { Face, Strip } from "./face"
import { facesOf } from "./faces"
import { type ExtrudedForm, profileOf, type Segment, segmentLength, segmentNormals } from "./profile"

/** Where two faces meet. */
export interface Edge {
  faces: readonly [FaceId, FaceId]
  /** m */
  length: number
  /** Between the two as seen from inside, degrees; 180 would be flat. */
  angle: number
}

/** The edges of a shell, each once. */
export function edgesOf(shell: Shell): Edge[] {
  const { form } = shell
  if (form.kind === "hip") return hipEdges(facesOf(shell), form)
  return [...lengthwise(form), ...endwise(form)]
}

/** Edges as long as the enclosure: where the cross-section turns from one face to the next. */
function lengthwise(form: ExtrudedForm): Edge[] {
  const profile = profileOf(form)
  const floor: Segment = { face: "floor", from: [form.width, 0], to: [0, 0], sagitta: 0 }
  const round = [...profile, floor]
  return round.flatMap((segment, i): Edge[] => {
    const next = round[(i + 1) % round.length]!
    if (segment.face === next.face) return []
    const turn = (((headingOf(next, "first") - headingOf(segment, "last")) % 360) + 360) % 360
    return [{ faces: [segment.face, next.face], length: form.length, angle: 180 - turn }]
  })
}

/** Direction of the outward normal at one end of a piece of the cross-section, degrees. */
function headingOf(segment: Segment, end: "first" | "last"): number {
  const normals = segmentNormals(segment)
  return (end === "first" ? normals[0]! : normals.at(-1)!).angle
}

/** Front and back stand square to all faces of the cross-section. */
function endwise(form: ExtrudedForm): Edge[] {
  const profile = profileOf(form)
  const sides = [...new Set(profile.map(({ face }) => face))].map((face) => ({
    face,
    length: sum(profile.filter((segment) => segment.face === face).map(segmentLength)),
  }))
  return [...sides, { face: "floor" as const, length: form.width }].flatMap(({ face, length }) =>
    (["front", "back"] as const).map((end): Edge => ({ faces: [face, end], length, angle: 90 })),
  )
}

function hipEdges(faces: readonly Face[], form: { length: number; width: number; wallHeight: number; ridgeHeight: number }): Edge[] {
  const { length, width, wallHeight, ridgeHeight } = form
  const run = Math.min(length, width) / 2
  const hip = Math.hypot(run, run, ridgeHeight - wallHeight)
  const ridge = Math.abs(length - width)
  const [one, other] = length > width ? (["roof-left", "roof-right"] as const) : (["roof-front", "roof-back"] as const)
  const of = (id: FaceId) => faces.find((face) => face.id === id)!
  const edge = (a: FaceId, b: FaceId, long: number): Edge => ({ faces: [a, b], length: long, angle: angleBetween(of(a), of(b)) })
  const walls = { left: length, right: length, front: width, back: width } as const
  const corners = [
    ["left", "front"],
    ["front", "right"],
    ["right", "back"],
    ["back", "left"],
  ] as const
  return [
    ...(Object.keys(walls) as (keyof typeof walls)[]).flatMap((wall) => [
      edge("floor", wall, walls[wall]),
      edge(wall, `roof-${wall}`, walls[wall]),
    ]),
    ...corners.flatMap(([a, b]) => [edge(a, b, wallHeight), edge(`roof-${a}`, `roof-${b}`, hip)]),
    ...(ridge > 0 ? [edge(one, other, ridge)] : []),
  ]
}

const DEGREE = Math.PI / 180

/** Angle between two flat faces on the inside of a convex edge, degrees. */
function angleBetween(a: Strip, b: Strip): number {
  const normal = ({ tilt, azimuth }: Strip) => [
    Math.sin(tilt * DEGREE) * Math.sin(azimuth * DEGREE),
    Math.sin(tilt * DEGREE) * Math.cos(azimuth * DEGREE),
    Math.cos(tilt * DEGREE),
  ]
  const [p, q] = [normal(a), normal(b)]
  const cosine = sum(p.map((value, i) => value * q[i]!))
  return 180 - Math.acos(Math.max(-1, Math.min(1, cosine))) / DEGREE
}
