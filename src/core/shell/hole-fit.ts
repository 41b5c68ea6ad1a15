import type { Opening, Penetration } from "../../schema/job/shell"
import type { Face, Point } from "./face"
import type { MemberLayout } from "./members"
import { clipConvex, isInside, polygonArea, type Rectangle, rectangleCorners } from "./polygon"

/** What stands in a hole's way, and the nearest place where nothing does. */
export interface HoleFit {
  /** Names of the sets of members and of the openings that it meets. */
  meets: string[]
  /** m, of its middle; null where none is found within reach. */
  free: { x: number; y: number } | null
}

/** A set of members as it stands on the face. */
export interface Standing {
  name: string
  layout: MemberLayout
}

/** How far a free place is looked for, m, and in which steps: straight beside it, else all around. */
const [REACH, STEP, AROUND] = [0.8, 0.01, 0.05] as const

/**
 * Whether a hole through a face is free of members and openings. Square to the face, as wide as it is high.
 * @param hole its middle from the face's left and lower edge, and its width, m
 */
export function holeFit(
  face: Face,
  members: readonly Standing[],
  openings: readonly Opening[],
  hole: Pick<Penetration, "x" | "y" | "width">,
): HoleFit {
  const holes = openings.filter((opening) => opening.face === face.id)
  const meetsAt = (x: number, y: number): string[] => {
    const square = rectangleCorners(around(x, y, hole.width))
    const touches = (outline: readonly Point[]) => polygonArea(clipConvex(outline, square)) > 1e-9
    const crosses = ({ layout: { rim, members } }: Standing) =>
      members.some(({ outline }) => outline.length > 2 && touches(outline)) ||
      (rim !== null && !square.every((corner) => isInside(rim.inner, corner)))
    return [
      ...new Set([
        ...members.filter(crosses).map(({ name }) => name),
        ...holes.filter((opening) => touches(rectangleCorners(opening))).map(({ name }) => name),
      ]),
    ]
  }
  const within = (x: number, y: number) => rectangleCorners(around(x, y, hole.width)).every((corner) => isInside(face.outline, corner))
  const meets = meetsAt(hole.x, hole.y)
  if (meets.length === 0) return { meets, free: null }
  const free = places(hole).find(({ x, y }) => within(x, y) && meetsAt(x, y).length === 0)
  return { meets, free: free ?? null }
}

const around = (x: number, y: number, width: number): Rectangle => ({ x: x - width / 2, y: y - width / 2, width, height: width })

/** Places to try, nearest first. */
function places({ x, y }: { x: number; y: number }): { x: number; y: number }[] {
  const steps = (step: number) => Array.from({ length: Math.round(REACH / step) }, (_, i) => (i + 1) * step)
  const straight = steps(STEP).flatMap((by) => [
    { x: x - by, y },
    { x: x + by, y },
    { x, y: y - by },
    { x, y: y + by },
  ])
  const aside = steps(AROUND).flatMap((dx) =>
    steps(AROUND).flatMap((dy) => [-1, 1].flatMap((a) => [-1, 1].map((b) => ({ x: x + a * dx, y: y + b * dy })))),
  )
  const far = (place: { x: number; y: number }) => Math.hypot(place.x - x, place.y - y)
  return [...straight, ...aside.sort((a, b) => far(a) - far(b))]
}
