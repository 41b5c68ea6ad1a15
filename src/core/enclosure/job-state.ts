import type { Assembly, Layer } from "../../schema/job/build-up"
import type { Brief, Job, OwnMaterials, Variant } from "../../schema/job/job"
import type { Shell } from "../../schema/job/shell"
import { type Materials, materialsSold } from "../material/catalogue"
import { memoised } from "../memoised"
import type { UnitSystem } from "../quantity/unit-system"

/** Everything that the figures of one way to build a job rest on. */
export interface JobState {
  brief: Brief
  shell: Shell
  variant: Variant
  /** Materials beside the catalogue's. */
  materials: OwnMaterials
  /** Units of the market that it is built from; left out: metric. No figure rests on it. */
  units?: UnitSystem
}

/** Materials as they are sold where a job is built. */
export const stockOf = ({ materials, units = "metric" }: JobState): Materials => materialsSold(materials, units)

/** The state that is being worked on. */
export const activeState = memoised(({ brief, shell, variants, active, materials, units }: Job): JobState => ({
  brief,
  shell,
  variant: variants[active]!,
  materials,
  units,
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
