import type { Form } from "../../schema/job/form"
import type { FaceId, Shell } from "../../schema/job/shell"
import { memoised } from "../memoised"
import { sum } from "../numeric/sum"
import { type Face, partOf, type Placement, type Point, type Strip } from "./face"
import { polygonArea } from "./polygon"
import { type ExtrudedForm, profileArea, profileOf, profilePoints, segmentLength, segmentNormals } from "./profile"

const RIGHT: Point = [1, 0]
const LEFT: Point = [-1, 0]
const UP: Point = [0, 1]
const DOWN: Point = [0, -1]

/**
 * The faces of a shell: their outlines, directions and places on the pelt.
 * The pelt shows the inside: floor in the middle, walls folded out from its edges, roof hinged from the wall tops.
 */
export const facesOf = ({ form, azimuth }: Pick<Shell, "form" | "azimuth">): Face[] => turnedFaces(facesOfForm(form), azimuth)

/** Faces of a form whose front looks north. */
const facesOfForm = memoised((form: Form): Face[] => (form.kind === "hip" ? hipFaces(form) : extrudedFaces(form)))

/** The same with the front turned; outlines stay as they are. */
const turnedFaces = memoised((faces: Face[], azimuth: number): Face[] => {
  const turn = <T extends Strip>(strip: T): T => ({ ...strip, azimuth: turned(strip.azimuth + azimuth) })
  // A round roof whose two sides cancel looks nowhere.
  const level = ({ tilt, strips }: Face) => tilt === 0 && strips.length > 1
  return faces.map((face) => ({ ...(level(face) ? face : turn(face)), strips: face.strips.map(turn) }))
})

function extrudedFaces(form: ExtrudedForm): Face[] {
  const { length, width } = form
  const profile = profileOf(form)
  const developed = (id: FaceId, place: Placement): Face => {
    const strips = profile
      .filter((segment) => segment.face === id)
      .flatMap(segmentNormals)
      .map((part): Strip => ({ area: part.length * length, ...lookingAlong(part.angle) }))
    return { ...face(id, rectangle(length, sum(strips.map(({ area }) => area)) / length), strips, place) }
  }
  const height = (id: FaceId) => sum(profile.filter((segment) => segment.face === id).map(segmentLength))
  const [left, right] = [height("left"), height("right")]
  const ridged = profile.some((segment) => segment.face === "roof-left")
  const overLeft: Placement = { origin: [0, width + left], u: RIGHT, v: UP }
  const roofs = ridged
    ? [developed("roof-left", overLeft), developed("roof-right", { origin: [length, -right], u: LEFT, v: DOWN })]
    : [developed("roof", overLeft)]
  return [
    floor(length, width),
    developed("left", { origin: [0, width], u: RIGHT, v: UP }),
    ...roofs,
    developed("right", { origin: [length, 0], u: LEFT, v: DOWN }),
    ...ends(form),
  ]
}

/** Front and back: the cross-section itself, seen from inside. */
function ends(form: ExtrudedForm): Face[] {
  const { length, width } = form
  const profile = profileOf(form)
  const [foot, ...over] = profilePoints(profile)
  const outline = [foot!, ...over.reverse()]
  // Whoever turns round sees the section mirrored.
  const mirrored = [...outline].map(([u, v]): Point => [width - u, v])
  const behind = [mirrored[1]!, mirrored[0]!, ...mirrored.slice(2).reverse()]
  const area = profileArea(profile)
  return [
    face("front", outline, [{ area, tilt: 90, azimuth: 0 }], frontPlace(length, width, 0)),
    face("back", behind, [{ area, tilt: 90, azimuth: 180 }], backPlace(0)),
  ]
}

function hipFaces(form: Extract<Form, { kind: "hip" }>): Face[] {
  const { length, width, wallHeight, ridgeHeight } = form
  const rise = ridgeHeight - wallHeight
  // All four slopes are alike, so the ridge lies over the middle of the shorter side.
  const run = Math.min(length, width) / 2
  const slope = Math.hypot(run, rise)
  const tilt = (Math.atan2(rise, run) * 180) / Math.PI
  const wall = (id: FaceId, side: number, turn: number, place: Placement) =>
    face(id, rectangle(side, wallHeight), [{ area: side * wallHeight, tilt: 90, azimuth: turn }], place)
  const roof = (id: FaceId, side: number, turn: number, place: Placement) => {
    const outline = trapezoid(side, run, slope)
    return face(id, outline, [{ area: polygonArea(outline), tilt, azimuth: turn }], place)
  }
  const leftPlace = (height: number): Placement => ({ origin: [0, width + height], u: RIGHT, v: UP })
  const rightPlace = (height: number): Placement => ({ origin: [length, -height], u: LEFT, v: DOWN })
  return [
    floor(length, width),
    wall("left", length, 270, leftPlace(0)),
    roof("roof-left", length, 270, leftPlace(wallHeight)),
    wall("right", length, 90, rightPlace(0)),
    roof("roof-right", length, 90, rightPlace(wallHeight)),
    wall("front", width, 0, frontPlace(length, width, 0)),
    roof("roof-front", width, 0, frontPlace(length, width, wallHeight)),
    wall("back", width, 180, backPlace(0)),
    roof("roof-back", width, 180, backPlace(wallHeight)),
  ]
}

const frontPlace = (length: number, width: number, height: number): Placement => ({ origin: [length + height, width], u: DOWN, v: RIGHT })
const backPlace = (height: number): Placement => ({ origin: [-height, 0], u: UP, v: LEFT })

function floor(length: number, width: number): Face {
  return face("floor", rectangle(length, width), [{ area: length * width, tilt: 180, azimuth: 0 }], { origin: [0, 0], u: RIGHT, v: UP })
}

/** A face from its parts; it looks where the sum of their normals does. */
function face(id: FaceId, outline: Point[], strips: Strip[], place: Placement): Face {
  return { id, part: partOf(id), outline, strips, place, area: sum(strips.map(({ area }) => area)), ...meanDirection(strips) }
}

function meanDirection(strips: readonly Strip[]): { tilt: number; azimuth: number } {
  if (strips.length === 1) return { tilt: strips[0]!.tilt, azimuth: strips[0]!.azimuth }
  let [east, north, up] = [0, 0, 0]
  for (const { area, tilt, azimuth } of strips) {
    const [t, a] = [tilt * DEGREE, azimuth * DEGREE]
    east += area * Math.sin(t) * Math.sin(a)
    north += area * Math.sin(t) * Math.cos(a)
    up += area * Math.cos(t)
  }
  const level = Math.hypot(east, north)
  // The two sides of a round roof cancel but for the last digit, which is no direction.
  if (level < 1e-9 * Math.abs(up)) return { tilt: 0, azimuth: 0 }
  return { tilt: Math.atan2(level, up) / DEGREE, azimuth: turned(Math.atan2(east, north) / DEGREE) }
}

/** Direction of a normal in the cross-section: 0 to the left, 90 up, 180 to the right. */
function lookingAlong(angle: number): { tilt: number; azimuth: number } {
  return { tilt: Math.abs(90 - angle), azimuth: angle < 90 ? 270 : 90 }
}

const DEGREE = Math.PI / 180
const turned = (azimuth: number) => ((azimuth % 360) + 360) % 360

const rectangle = (width: number, height: number): Point[] => [
  [0, 0],
  [width, 0],
  [width, height],
  [0, height],
]

/** A slope of a hip roof: a triangle where its side is the shorter one. */
function trapezoid(side: number, run: number, slope: number): Point[] {
  const top = side - 2 * run
  if (top < 1e-9)
    return [
      [0, 0],
      [side, 0],
      [side / 2, slope],
    ]
  return [
    [0, 0],
    [side, 0],
    [side - run, slope],
    [run, slope],
  ]
}
