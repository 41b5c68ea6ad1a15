import type { Assembly } from "../../schema/job/build-up"
import type { FaceId, Reading } from "../../schema/job/shell"
import { FACES } from "../../schema/job/references"
import { beyond } from "../heat/beyond"
import { sum } from "../numeric/sum"
import type { Linings } from "../shell/linings"
import type { JobState } from "./state"

/** How far build-ups reach into the shell as seen from where a tape is held; m. */
export function liningsOf(state: JobState, held: Reading["held"] = "lined"): Linings {
  const { shell, variant } = state
  const reach = (face: FaceId): number => {
    const assembly = variant.assemblies[variant.wears[face]!]!
    // A slab that is there already lies below the floor line.
    const onSlab = beyond(shell, face).kind === "ground"
    return depthOf(assembly, held, onSlab)
  }
  const roofs = FACES[shell.form.kind].filter((face) => face.startsWith("roof"))
  return {
    floor: reach("floor"),
    left: reach("left"),
    right: reach("right"),
    front: reach("front"),
    back: reach("back"),
    roof: Math.max(...roofs.map(reach)),
  }
}

function depthOf({ order, layers, members }: Assembly, held: Reading["held"], onSlab: boolean): number {
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
