import type { BreakMeasure } from "../core/trials/thermal-break"
import { addLayer, setBreak, setSlabEdge } from "./assembly-edits"
import { type Edit, edit } from "./edit"
import { addVariant } from "./variant-edits"

/** What a measure changes in a job. @param layer id of the layer that it adds, if it adds one */
export function addBreakMeasure(measure: BreakMeasure, layer: string): Edit {
  if (measure.kind === "strip") return setBreak(measure.list, measure.id, measure.thickness)
  if (measure.kind === "rim") return setSlabEdge(measure.assembly, measure.edge)
  return addLayer(measure.assembly, layer, measure.material, measure.at, measure.thickness)
}

/** The same in a variant of its own. */
export function tryBreakMeasure(measure: BreakMeasure, variant: string, layer: string): Edit {
  const added = addVariant(variant, "with a break")
  return edit("Try a break in a variant", (job) => {
    added.recipe(job)
    addBreakMeasure(measure, layer).recipe(job)
  })
}
