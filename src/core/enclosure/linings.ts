import type { Assembly } from "../../schema/job/build-up"
import type { BuiltLayer } from "../assembly/build-up"
import type { Reading } from "../../schema/job/shell"
import { sum } from "../numeric/sum"
import { type Linings, sidesLined } from "../shell/linings"
import { adjacentTo } from "./adjacent"
import type { JobState } from "./job-state"
import { surfacesOf } from "./surface"

/** How far build-ups reach into the shell as seen from where a tape is held; m. */
export const liningsOf = ({ shell, variant }: JobState, held: Reading["held"] = "lined"): Linings =>
  sidesLined(
    surfacesOf(shell, variant).map(({ face, assembly }) => {
      const onSlab = adjacentTo(shell, face.id).kind === "ground"
      return { face: face.id, depth: depthOf(variant.assemblies[assembly]!, held, onSlab) }
    }),
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
