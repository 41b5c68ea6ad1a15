import { membersOf } from "../../core/assembly/build-up"
import type { SurfaceFigures } from "../../core/enclosure/surface-figures"
import type { Point } from "../../core/shell/face"
import { framingOn } from "../../core/shell/framing"
import { gripsOf } from "../../core/shell/grips"
import { boundsOf } from "../../core/shell/polygon"
import { rectanglesOn } from "../../core/shell/zones"
import { type Lines, snapped, snappedLength, STEPS } from "../../core/shell/snapping"
import type { Edit } from "../../edit/edit"
import { setDimension, setPart } from "../../edit/shell-edits"
import { measureOf, type Dimension } from "../../schema/job/form"
import type { Job } from "../../schema/job/job"
import type { Shell } from "../../schema/job/shell"
import { wayOn } from "./pelt-view"

/** What of the shell can be taken hold of on the pelt. */
export type Held = { kind: "opening" | "zone" | "corner" | "box"; id: string } | { kind: "measure"; dimension: Dimension }

/** A zone is drawn no smaller by hand, m. */
const SMALLEST = 0.05
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
    case "zone":
    case "corner": {
      const zone = shell.zones[held.id]
      const figures =
        surfaces.find(({ id }) => id === held.id) ?? surfaces.find(({ face }) => zone?.kind === "rectangle" && face.id === zone.face)
      if (!zone || zone.kind !== "rectangle" || !figures) return null
      const [du, dv] = wayOn(figures.face.place, moved, scale)
      const { x, y, width, height } = zone
      const lines = linesOn(shell, figures, held.id)
      if (held.kind === "zone") {
        const to = snapped({ x: Math.max(0, x + du), y: Math.max(0, y + dv), width, height }, lines, hold)
        return setPart("zones", held.id, { x: to.x, y: to.y })
      }
      // Its upper right corner.
      const far = [x + width + du, y + height + dv].map((length, axis) => snappedLength(length, axis === 0 ? lines.x : lines.y, hold))
      return setPart("zones", held.id, { width: Math.max(SMALLEST, far[0]! - x), height: Math.max(SMALLEST, far[1]! - y) })
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

/** Lines that the edges of an opening or a zone may be held by: those of its face, of its neighbours, and of the members beside it. */
function linesOn(shell: Shell, { face, region, layers }: SurfaceFigures, moving: string): Lines {
  const { left, right, low, high } = boundsOf(face.outline)
  const others = [...Object.entries(shell.openings), ...rectanglesOn(face, shell.zones)].flatMap(([id, one]) =>
    id !== moving && one.face === face.id ? [one] : [],
  )
  const lines = { x: [left, right], y: [low, high] }
  for (const { x, y, width, height } of others) {
    lines.x.push(x, x + width)
    lines.y.push(y, y + height)
  }
  for (const { set } of membersOf(layers))
    for (const { role, outline } of framingOn(shell, { face, region }, set).members) {
      if (role !== "member") continue
      const edges = boundsOf(outline)
      if (set.direction === "up") lines.x.push(edges.left, edges.right)
      else lines.y.push(edges.low, edges.high)
    }
  return lines
}
