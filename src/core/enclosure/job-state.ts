import type { Assembly, Layer } from "../../schema/job/build-up"
import type { Brief, Job, OwnMaterials, Variant } from "../../schema/job/job"
import type { Shell } from "../../schema/job/shell"
import { memoised } from "../memoised"

/** Everything that the figures of one way to build a job rest on. */
export interface JobState {
  brief: Brief
  shell: Shell
  variant: Variant
  /** Materials beside the catalogue's. */
  materials: OwnMaterials
}

/** The state that is being worked on. */
export const activeState = memoised(({ brief, shell, variants, active, materials }: Job): JobState => ({
  brief,
  shell,
  variant: variants[active]!,
  materials,
}))

/** The state with one of its build-ups in another form. */
export const withAssembly = (state: JobState, id: string, assembly: Assembly): JobState => ({
  ...state,
  variant: { ...state.variant, assemblies: { ...state.variant.assemblies, [id]: assembly } },
})

/** The state with one layer changed. */
export function withLayer(state: JobState, assembly: string, layer: string, change: Partial<Layer>): JobState {
  const changed = state.variant.assemblies[assembly]!
  return withAssembly(state, assembly, { ...changed, layers: { ...changed.layers, [layer]: { ...changed.layers[layer]!, ...change } } })
}
