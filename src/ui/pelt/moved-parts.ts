import { membersOf } from "../../core/assembly/build-up"
import type { SurfaceFigures } from "../../core/enclosure/surface-figures"
import type { Point } from "../../core/shell/face"
import { framingOn } from "../../core/shell/framing"
import { gripsOf } from "../../core/shell/grips"
import { boundsOf } from "../../core/shell/polygon"
import { type Lines, snapped, snappedLength, STEPS } from "../../core/shell/snapping"
import type { Edit } from "../../edit/edit"
import { setDimension, setPart } from "../../edit/shell-edits"
import { measureOf, type Dimension } from "../../schema/job/form"
import type { Job } from "../../schema/job/job"
import type { Shell } from "../../schema/job/shell"
import { wayOn } from "./pelt-view"

/** What of the shell can be taken hold of on the pelt. */
export type Held = { kind: "opening"; id: string } | { kind: "box"; id: string } | { kind: "measure"; dimension: Dimension }

/** How near a line must be to hold an edge, px. */
const HOLDS = 8

/**
 * The edit that moving a part of the pelt by a way on the screen asks for.
 * @param moved px from where it was taken hold of
 * @param scale px in a metre
 * @param free lets go of all lines
 * @returns null where there is nothing to move
 */
export function movedPart(
  { shell, units }: Pick<Job, "shell" | "units">,
  surfaces: readonly SurfaceFigures[],
  held: Held,
  moved: Point,
  scale: number,
  free: boolean,
): Edit | null {
  const { hand, fine } = STEPS[units]
  const hold = free ? { reach: 0, step: fine } : { reach: HOLDS / scale, step: hand }
  switch (held.kind) {
    case "opening": {
      const opening = shell.openings[held.id]
      const figures = surfaces.find(({ face }) => face.id === opening?.face)
      if (!opening || !figures) return null
      const [du, dv] = wayOn(figures.face.place, moved, scale)
      const { x, y, width, height } = opening
      const to = snapped({ x: Math.max(0, x + du), y: Math.max(0, y + dv), width, height }, linesOn(shell, figures, held.id), hold)
      return setPart("openings", held.id, { x: to.x, y: to.y })
    }
    case "box": {
      const box = shell.boxes[held.id]
      if (!box) return null
      // On floor and side walls alike the way from back to front is to the right.
      const lines = [0, shell.form.length - box.length, ...Object.values(shell.boxes).map((other) => other.x)]
      return setPart("boxes", held.id, { x: snappedLength(Math.max(0, box.x + moved[0] / scale), lines, hold) })
    }
    case "measure": {
      const faceList = surfaces.map(({ face }) => face)
      const grip = gripsOf(shell.form, faceList).find(({ dimension }) => dimension === held.dimension)
      const value = measureOf(shell.form, held.dimension)
      if (!grip || value === undefined) return null
      const way = (grip.step * (moved[0] * grip.way[0] - moved[1] * grip.way[1])) / scale
      return setDimension(held.dimension, snappedLength(Math.max(0.05, value + way), [], hold))
    }
  }
}

/** Lines that an opening's edges may be held by: those of its face, of its neighbours, and of the members beside it. */
function linesOn(shell: Shell, { face, openings, layers }: SurfaceFigures, moving: string): Lines {
  const { left, right, low, high } = boundsOf(face.outline)
  const others = openings.filter(({ id }) => id !== moving).map(({ opening }) => opening)
  const lines = { x: [left, right], y: [low, high] }
  for (const { x, y, width, height } of others) {
    lines.x.push(x, x + width)
    lines.y.push(y, y + height)
  }
  for (const { set } of membersOf(layers))
    for (const { role, outline } of framingOn(shell, face, set).members) {
      if (role !== "member") continue
      const edges = boundsOf(outline)
      if (set.direction === "up") lines.x.push(edges.left, edges.right)
      else lines.y.push(edges.low, edges.high)
    }
  return lines
}
