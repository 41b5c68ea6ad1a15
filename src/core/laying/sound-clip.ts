import { InputError } from "../../schema/outcome"
import type { Clipper } from "./lay-boards"

/** Grids that corners are put on when edges that nearly meet are not told apart, m. */
const GRIDS = [null, 1e-5, 1e-4] as const

/** A clipper that tries again on coarser grids where edges that nearly meet confuse it. @throws InputError `not-cut` where that does not help either */
export function soundClip(clip: Clipper): Clipper {
  type Polygons = Parameters<Clipper["difference"]>
  const onGrid = (polygon: Polygons[0], grid: number): Polygons[0] =>
    polygon.map((ring) => ring.map(([x, y]): [number, number] => [Math.round(x / grid) * grid, Math.round(y / grid) * grid]))
  const tried = <R>(work: (grid: number | null) => R): R => {
    for (const grid of GRIDS)
      try {
        return work(grid)
      } catch (error) {
        if (!(error instanceof Error)) throw error
      }
    throw new InputError(
      "not-cut",
      [],
      "This outline cannot be divided into boards: its corners or openings nearly touch. Move one a little.",
    )
  }
  const on = (polygon: Polygons[0], grid: number | null) => (grid === null ? polygon : onGrid(polygon, grid))
  return {
    intersection: (one, other) =>
      tried((grid) =>
        clip.intersection(
          on(one, grid),
          other.map((polygon) => on(polygon, grid)),
        ),
      ),
    difference: (one, ...others) => tried((grid) => clip.difference(on(one, grid), ...others.map((polygon) => on(polygon, grid)))),
  }
}
