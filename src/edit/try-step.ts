import type { Step } from "../core/trials/what-if"
import { setAbsorptance, setLeakage, setThickness } from "./assembly-edits"
import { type Edit, edit } from "./edit"
import { addVariant } from "./variant-edits"

function stepEdit(step: Step): Edit {
  if (step.kind === "thickness") return setThickness(step.assembly, step.layer, step.thickness)
  if (step.kind === "white") return setAbsorptance(step.assembly, step.absorptance)
  return setLeakage({ ach50: step.ach50 })
}

/** Takes a step in a variant of its own. */
export function tryStep(step: Step, variant: string, name: string): Edit {
  const added = addVariant(variant, name)
  return edit("Try a change in a variant", (job) => {
    added.recipe(job)
    stepEdit(step).recipe(job)
  })
}
