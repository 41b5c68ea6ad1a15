"use client"
import { type Materials, withOwnMaterials } from "../../core/material/catalogue"
import type { MaterialClass } from "../../schema/material"
import { useJob } from "../job/job-store"

/** The catalogue with the open job's own materials. */
export const useMaterials = (): Materials => withOwnMaterials(useJob().materials)

/** Choices of materials of some classes. */
export function materialChoices(materials: Materials, classes: readonly MaterialClass[]): { value: string; name: string }[] {
  return Object.entries(materials).flatMap(([value, { name, class: kind }]) => (classes.includes(kind) ? [{ value, name }] : []))
}
