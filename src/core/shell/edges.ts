import type { Form } from "../../schema/job/form"
import type { FaceId, Shell } from "../../schema/job/shell"
import { memoised } from "../memoised"
import { sum } from "../numeric/sum"
import type { Face, Point, Strip } from "./face"
import { facesOf } from "./faces"
import { type ExtrudedForm, profileOf, profilePoints, type Segment, segmentLength, segmentNormals } from "./profile"

/** Where two faces meet. */
export interface Edge {
  faces: readonly [FaceId, FaceId]
  /** m */
  length: number
  /** Between the two as seen from inside, degrees; 180 would be flat. */
  angle: number
}

/** The edges of a shell, each once. */
export const edgesOf = ({ form }: Pick<Shell, "form">): Edge[] => edgesOfForm(form)

const edgesOfForm = memoised((form: Form): Edge[] =>
  form.kind === "hip" ? hipEdges(facesOf({ form, azimuth: 0 }), form) : [...lengthwise(form), ...endwise(form)],
)

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

/** What each face meets along the sides of its outline, in their order; "over" is whatever roof lies on it. */
const MEETS: Partial<Record<FaceId, readonly (FaceId | "over")[]>> = {
  floor: ["right", "front", "left", "back"],
  left: ["floor", "front", "over", "back"],
  right: ["floor", "back", "over", "front"],
  front: ["floor", "right", "over", "left"],
  back: ["floor", "left", "over", "right"],
  roof: ["left", "front", "right", "back"],
  "roof-left": ["left", "front", "roof-right", "back"],
  "roof-right": ["right", "back", "roof-left", "front"],
}

/** The same of the slopes of a hip roof; a triangle has no fourth side and meets no ridge. */
const SLOPES: typeof MEETS = {
  "roof-left": ["left", "roof-front", "roof-right", "roof-back"],
  "roof-right": ["right", "roof-back", "roof-left", "roof-front"],
  "roof-front": ["front", "roof-right", "roof-back", "roof-left"],
  "roof-back": ["back", "roof-left", "roof-front", "roof-right"],
}

/** Where an edge lies on one of its two faces: the side of that face's outline, straight there, counted from its lower one. */
export function sideOf(
  faces: Edge["faces"],
  outlines: readonly Pick<Face, "id" | "outline">[],
  hip: boolean,
): { face: FaceId; side: number } {
  // Front and back of a cross-section are bent along the roof; the roof itself has that edge straight.
  const [a, b] = faces
  const [face, other] = hip || (a !== "front" && a !== "back") ? [a, b] : [b, a]
  const meets = (hip && SLOPES[face]) || MEETS[face]!
  const found = meets.indexOf(other)
  const side = found >= 0 ? found : meets.indexOf("over")
  const sides = outlines.find(({ id }) => id === face)!.outline.length
  return { face, side: sides === 3 && side === 3 ? 2 : side }
}

/** The face beyond each side of a face's outline, counted from its lower one. */
export const facesBeyond = ({ id, outline }: Pick<Face, "id" | "outline">, form: Form): readonly FaceId[] =>
  beyond(form, id, outline.length === 3)

const beyond = memoised((form: Form, id: FaceId, isTriangle: boolean): readonly FaceId[] => {
  if (form.kind !== "hip" && (id === "front" || id === "back")) {
    // Ends are bent along the cross-section; from the front one goes round it from the right.
    const around = profileOf(form).flatMap((segment) =>
      profilePoints([segment])
        .slice(1)
        .map(() => segment.face),
    )
    return ["floor", ...(id === "front" ? around.reverse() : around)]
  }
  const meets = (form.kind === "hip" && SLOPES[id]) || MEETS[id]!
  const over = form.kind === "hip" || form.kind === "gable" ? (`roof-${id}` as FaceId) : "roof"
  // A triangle has no third side.
  const sides = isTriangle ? [meets[0]!, meets[1]!, meets[3]!] : meets
  return sides.map((face) => (face === "over" ? over : face))
})

/** An edge as it runs along one of its faces: corners with the face on the left; more than two where an end is bent along it. */
export function edgeAlong(face: Pick<Face, "id" | "outline">, other: FaceId, form: Form): Point[] {
  const sides = facesBeyond(face, form).flatMap((beyond, side) => (beyond === other ? [side] : []))
  if (sides.length === 0) return []
  return [...sides, sides.at(-1)! + 1].map((corner) => face.outline[corner % face.outline.length]!)
}

/** The corner of a face where its edges with two others meet; null where they do not. */
export function cornerBetween(face: Pick<Face, "id" | "outline">, one: FaceId, other: FaceId, form: Form): Point | null {
  const [a, b] = [edgeAlong(face, one, form), edgeAlong(face, other, form)]
  const ends = [a[0], a.at(-1)]
  return [b[0], b.at(-1)].find((corner) => corner !== undefined && ends.includes(corner)) ?? null
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
