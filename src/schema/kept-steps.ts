import { changed, mapped, type Untyped, type Step } from "./job/parts"
import { materialOf } from "./job/v7-to-v8"
import { withEvenLayers } from "./job/v14-to-v15"
import { withBoards } from "./job/v13-to-v14"
import { KEPT_VERSION } from "./kept"

/** The first version that had things on the shelf: they began with version 6 of the job format and have counted by themselves since 8. */
export const FIRST_KEPT = 6

/** Steps of a kept thing by the version they start from. */
const STEPS: Readonly<Record<number, Step>> = {
  // What lies along a slab's edge came into the build-up; until then it had none.
  6: ({ assembly, ...thing }) => ({
    ...thing,
    ...(assembly ? { assembly: changed(assembly, (known) => ({ ...known, edge: null })) } : {}),
  }),
  7: ({ material, materials, ...thing }) => ({
    ...thing,
    ...(material ? { material: materialOf(material) } : {}),
    ...(materials ? { materials: mapped(materials, materialOf) } : {}),
  }),
  8: ({ assembly, ...thing }) => ({ ...thing, ...(assembly ? { assembly: withBoards(assembly) } : {}) }),
  9: ({ assembly, ...thing }) => ({ ...thing, ...(assembly ? { assembly: withEvenLayers(assembly) } : {}) }),
}

/** A kept thing of a version, taken up to the current one. */
export function upToDate(thing: Untyped, written: number): Untyped {
  let current = thing
  for (let version = written; version < KEPT_VERSION; version++) current = STEPS[version]!(current)
  return { ...current, version: KEPT_VERSION }
}
