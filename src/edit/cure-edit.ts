import type { Cure } from "../core/trials/thermal-break"
import { addLayer, setBreak, setSlabEdge } from "./assembly-edits"
import type { Edit } from "./edit"
import { addVariant } from "./variant-edits"

/** What a cure changes in a job. @param layer id of the layer that it adds, if it adds one */
export function cureEdit(cure: Cure, layer: string): Edit {
  if (cure.kind === "strip") return setBreak(cure.list, cure.id, cure.thickness)
  if (cure.kind === "rim") return setSlabEdge(cure.assembly, cure.edge)
  return addLayer(cure.assembly, layer, cure.material, cure.at, cure.thickness)
}

/** The same in a variant of its own. */
export function tryCure(cure: Cure, variant: string, layer: string): Edit {
  const added = addVariant(variant, "with a break")
  return {
    label: "Try a break in a variant",
    recipe: (job) => {
      added.recipe(job)
      cureEdit(cure, layer).recipe(job)
    },
  }
}
