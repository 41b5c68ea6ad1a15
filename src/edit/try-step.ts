import type { Step } from "../core/trials/what-if"
import type { CureStep } from "../core/trials/damp-cures"
import { setAbsorptance, setLeakage, setThickness, setVentilation, wearBuildUp } from "./assembly-edits"
import { type Edit, edit } from "./edit"
import { addVariant } from "./variant-edits"

function stepEdit(step: Step): Edit {
  if (step.kind === "thickness") return setThickness(step.assembly, step.layer, step.thickness)
  if (step.kind === "white") return setAbsorptance(step.assembly, step.absorptance)
  return setLeakage({ ach50: step.ach50 })
}

/** Takes a step in a variant of its own. */
export const tryStep = (step: Step, variant: string, name: string): Edit => inVariant(stepEdit(step), variant, name)

/** Takes a cure against damp in a variant of its own; the air inside is what all variants share, and stays. */
export const tryCure = ({ assembly, ach50, always }: CureStep, variant: string, name: string): Edit =>
  inVariant(
    edit(name, (job) => {
      if (assembly) wearBuildUp(assembly.id, assembly.next, {}).recipe(job)
      if (ach50 !== undefined) setLeakage({ ach50 }).recipe(job)
      if (always !== undefined) setVentilation({ always }).recipe(job)
    }),
    variant,
    name,
  )

function inVariant(change: Edit, variant: string, name: string): Edit {
  const added = addVariant(variant, name)
  return edit("Try a change in a variant", (job) => {
    added.recipe(job)
    change.recipe(job)
  })
}
