"use client"
import { activeState, stockOf } from "../../core/enclosure/job-state"
import type { Materials } from "../../core/material/catalogue"
import type { MaterialClass } from "../../schema/material"
import { useJob } from "../job/job-store"

/** The catalogue with the open job's own materials, as they are sold where it is built. */
export const useMaterials = (): Materials => stockOf(activeState(useJob()))

/** Choices of materials of some classes. */
export function materialChoices(materials: Materials, classes: readonly MaterialClass[]): { value: string; name: string }[] {
  return Object.entries(materials).flatMap(([value, { name, class: kind }]) => (classes.includes(kind) ? [{ value, name }] : []))
}
