import type { Assembly } from "../../schema/job/build-up"
import type { BuiltLayer } from "../assembly/build-up"
import { evenAt, tapers } from "../assembly/taper"
import type { Reading } from "../../schema/job/shell"
import { sum } from "../numeric/sum"
import { type Linings, meanLinings, sidesLined } from "../shell/linings"
import { adjacentTo } from "./adjacent"
import type { JobState } from "./job-state"
import { surfacesOf } from "./surface"
import { surfaceGeometry } from "./surface-geometry"

/** How far build-ups reach into the shell as seen from where a tape is held, on each side where they reach furthest; m. */
export const liningsOf = (state: JobState, held: Reading["held"] = "lined"): Linings =>
  sidesLined(
    linedSurfaces(state).map(({ surface, onSlab, assembly }) => {
      const ends = tapers(assembly) ? [evenAt(assembly, -0.5), evenAt(assembly, 0.5)] : [assembly]
      return { face: surface.face.id, depth: Math.max(...ends.map((end) => depthOf(end, held, onSlab))) }
    }),
  )

/** The same in the mean of each face: what the volume is left by, m. */
export const meanLiningsOf = (state: JobState): Linings =>
  sidesLined(
    meanLinings(
      linedSurfaces(state).map(({ surface, onSlab, assembly }) => {
        const { area } = surfaceGeometry(surface, state.shell)
        return { face: surface.face.id, depth: depthOf(assembly, "lined", onSlab), area }
      }),
    ),
  )

/** What lines the faces; the skin of a box stands in the room by itself. */
const linedSurfaces = ({ shell, variant }: JobState) =>
  surfacesOf(shell, variant).flatMap((surface) =>
    surface.box === null
      ? [{ surface, onSlab: adjacentTo(shell, surface).kind === "ground", assembly: variant.assemblies[surface.assembly]! }]
      : [],
  )

/** Thickness of a floor on the ground over the line from which heights run, m: a slab that is there already lies below it. */
export const overFloorLine = (layers: readonly BuiltLayer[]): number =>
  sum(layers.map(({ layer }) => (layer.existing ? 0 : layer.thickness)))

function depthOf({ order, layers, members }: Assembly, held: Reading["held"], onSlab: boolean): number {
  // @see overFloorLine
  const all = order.map((id) => layers[id]!).filter((layer) => !(onSlab && layer.existing))
  const thickness = (some: typeof all) => sum(some.map((layer) => layer.thickness))
  switch (held) {
    case "outside":
      return 0
    case "lined":
      return thickness(all)
    case "bare":
      return thickness(all.filter((layer) => layer.existing))
    case "ribs": {
      const first = all.findIndex((layer) => layer.between !== null)
      if (first === -1) return thickness(all.filter((layer) => layer.existing))
      const set = all[first]!.between!
      const last = all.map((layer) => layer.between).lastIndexOf(set)
      return thickness(all.slice(0, first)) + (members[set]!.depth ?? thickness(all.slice(first, last + 1)))
    }
  }
}
