import type { Form } from "../../schema/job/form"
import type { FaceId, FloorBox } from "../../schema/job/shell"
import type { Face, Point } from "./face"
import { boxProfile } from "./floor-boxes"
import { clipHalf } from "./polygon"
import { type ExtrudedForm, profileOf, profilePoints, segmentLength } from "./profile"

/** A point in space, m: x to the front, y to the left, z up; the floor's back right corner is the origin. */
export type SpacePoint = readonly [x: number, y: number, z: number]

/**
 * An outline on a face as it stands in space once the pelt is folded up.
 * @param outline convex, counter-clockwise in the face's own coordinates as seen from inside
 * @returns flat pieces in the same sense: one on a flat face, one for each chord on a round one
 */
export function foldedUp(form: Form, { id, part }: Pick<Face, "id" | "part">, outline: readonly Point[]): SpacePoint[][] {
  if (part === "floor") return [outline.map(([u, v]) => [u, v, 0])]
  if (id === "front") return [outline.map(([u, v]) => [form.length, form.width - u, v])]
  if (id === "back") return [outline.map(([u, v]) => [0, u, v])]
  return form.kind === "hip" ? [onHip(form, id, outline)] : onProfile(form, id, outline)
}

/** What of a box on the floor stands into the room, as flat pieces: its side and its top by strips, and its ends. */
export function boxInSpace(box: FloorBox, form: Form): SpacePoint[][] {
  const [wall, side] = box.side === "left" ? [form.width, form.width - box.width] : [0, box.width]
  const [near, far, ...over] = boxProfile(box)
  const top = [far!, ...over, near!]
  const at = ([along, z]: Point, y: number): SpacePoint => [box.x + along, y, z]
  return top.slice(1).flatMap((to, i) => {
    const from = top[i]!
    const strip: Point[] = [[to[0], 0], [from[0], 0], from, to]
    return [strip.map((corner) => at(corner, side)), [at(to, side), at(from, side), at(from, wall), at(to, wall)]]
  })
}

/** A place along a cross-section: how far along it, and where that is, m. */
interface CrossCut {
  along: number
  at: Point
}

function onProfile(form: ExtrudedForm, id: FaceId, outline: readonly Point[]): SpacePoint[][] {
  const fromRight = id === "right" || id === "roof-right"
  const path = pathOf(form, id, fromRight)
  return path.slice(1).flatMap((to, i) => {
    const from = path[i]!
    const band = clipHalf(clipHalf(outline, [0, from.along], [0, 1]), [0, to.along], [0, -1])
    if (band.length < 3) return []
    return [
      band.map(([u, v]): SpacePoint => {
        const share = (v - from.along) / (to.along - from.along)
        const [fromLeft, z] = [from.at[0] + share * (to.at[0] - from.at[0]), from.at[1] + share * (to.at[1] - from.at[1])]
        return [fromRight ? form.length - u : u, form.width - fromLeft, z]
      }),
    ]
  })
}

/** The cross-section of a face from its lower edge on; round pieces by their chords. */
function pathOf(form: ExtrudedForm, id: FaceId, fromRight: boolean): CrossCut[] {
  const segments = profileOf(form).filter((segment) => segment.face === id)
  const path: CrossCut[] = [{ along: 0, at: segments[0]!.from }]
  for (const segment of segments) {
    const points = profilePoints([segment]).slice(1)
    for (const at of points) path.push({ along: path.at(-1)!.along + segmentLength(segment) / points.length, at })
  }
  if (!fromRight) return path
  const whole = path.at(-1)!.along
  return path.reverse().map(({ along, at }) => ({ along: whole - along, at }))
}

function onHip(form: Extract<Form, { kind: "hip" }>, id: FaceId, outline: readonly Point[]): SpacePoint[] {
  const { length, width, wallHeight, ridgeHeight } = form
  const run = Math.min(length, width) / 2
  const slope = Math.hypot(run, ridgeHeight - wallHeight)
  // On a wall the way up is plumb; on a slope it leads inward as well.
  const roof = id.startsWith("roof")
  const [inward, up] = roof ? [run / slope, (ridgeHeight - wallHeight) / slope] : [0, 1]
  const foot = roof ? wallHeight : 0
  return outline.map(([u, v]): SpacePoint => {
    const [off, z] = [v * inward, foot + v * up]
    switch (id) {
      case "left":
      case "roof-left":
        return [u, width - off, z]
      case "right":
      case "roof-right":
        return [length - u, off, z]
      case "roof-front":
        return [length - off, width - u, z]
      default:
        return [off, u, z]
    }
  })
}
