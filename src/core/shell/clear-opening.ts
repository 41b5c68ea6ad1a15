import type { Form } from "../../schema/job/form"
import type { FaceId, Fit, Opening, Shell } from "../../schema/job/shell"
import type { Face } from "./face"
import { facesOf } from "./faces"
import type { Misfit } from "./opening-fit"
import { boundsOf } from "./polygon"
import type { Linings } from "./linings"
import { type ClearInside, clearHeights, wallsAt } from "./size"

/** What is left of an opening between the linings around it; m. */
export interface ClearOpening {
  width: number
  height: number
  /** The floor's build-up stands above its sill by so much. */
  sill: number
  /** Why its leaf does not open as it should, in words; null when it does. */
  hindered: string | null
}

/** The faces beside a face: left and right of it, and below, seen from inside; those above are the ceiling. */
const BESIDE: Partial<Record<FaceId, Record<"left" | "right" | "low", keyof Linings | null>>> = {
  left: { left: "back", right: "front", low: "floor" },
  right: { left: "front", right: "back", low: "floor" },
  front: { left: "left", right: "right", low: "floor" },
  back: { left: "right", right: "left", low: "floor" },
  floor: { left: "back", right: "front", low: "right" },
  roof: { left: "back", right: "front", low: null },
}

/**
 * Clear size of an opening once its own jambs and the faces around it are lined.
 * A hinged leaf that swings in stands in its own way by its thickness when it is open at a right angle.
 */
export function clearOpening(form: Form, face: Pick<Face, "id" | "outline">, opening: Opening, linings: Linings): ClearOpening {
  const { left, right, low, high } = boundsOf(face.outline)
  const beside = BESIDE[face.id]
  const lining = (side: "left" | "right" | "low") => (beside?.[side] ? linings[beside[side]] : 0)
  const taken = (edge: number, within: number) => Math.max(opening.jamb, edge - within)
  const fromLeft = taken(left + lining("left"), opening.x)
  const fromRight = taken(opening.x + opening.width, right - lining("right"))
  const fromAbove = taken(opening.y + opening.height, Math.min(high, ceilingOver(form, face.id, opening, linings)))
  const sill = Math.max(0, low + lining("low") - opening.y)
  const leaf = opening.swing === "in" && opening.kind !== "window" ? opening.leaf : 0
  return {
    width: Math.max(0, opening.width - fromLeft - fromRight - leaf),
    height: Math.max(0, opening.height - fromAbove - sill),
    sill,
    hindered: hindrance(opening, sill, fromLeft, fromRight),
  }
}

/**
 * Height of the finished ceiling over the floor's skin where it meets a wall above an opening, m; none over floor and roof.
 * A roof that slopes up from the wall leaves more there than its lining is thick.
 */
function ceilingOver(form: Form, face: FaceId, { x, width }: Opening, linings: Linings): number {
  const heights = clearHeights(form, linings)
  const under = (fromLeft: number) => heights(fromLeft) + linings.floor
  const ends = form.kind === "hip" ? [linings[face as "front" | "back"]] : [x, x + width]
  switch (face) {
    case "left":
      return under(wallsAt(form, linings)[0])
    case "right":
      return under(wallsAt(form, linings)[1])
    case "front":
      return Math.min(...ends.map(under))
    case "back":
      return Math.min(...ends.map((place) => under(form.width - place)))
    default:
      return Infinity
  }
}

function hindrance({ name, kind, swing, jamb }: Opening, sill: number, fromLeft: number, fromRight: number): string | null {
  if (kind === "window" || kind === "hatch" || swing !== "in") return null
  if (sill > 0) return `${name} swings in and strikes the floor's build-up, which stands above its sill.`
  if (Math.max(fromLeft, fromRight) > jamb) return `${name} swings in against the lining of the wall beside it.`
  return null
}

/** What must find its place, and by how much it does; negative where it does not, m. */
export function fitSpare({ size, along }: Fit, { length, width, height }: ClearInside): number {
  return { length, width, height, diagonal: Math.hypot(Math.max(0, length), Math.max(0, width)) }[along] - size
}

/** Things that do not find their place, and doors that do not open. */
export function unfit(shell: Shell, linings: Linings, clear: ClearInside): Misfit[] {
  const things = Object.values(shell.fits).filter((fit) => fitSpare(fit, clear) < 0)
  const faces = facesOf(shell)
  const doors = Object.entries(shell.openings).flatMap(([id, opening]): Misfit[] => {
    const face = faces.find((candidate) => candidate.id === opening.face)
    const hindered = face ? clearOpening(shell.form, face, opening, linings).hindered : null
    return hindered === null ? [] : [{ opening: id, message: hindered }]
  })
  return [...things.map(({ name }): Misfit => ({ opening: null, message: `${name} does not fit inside.` })), ...doors]
}
