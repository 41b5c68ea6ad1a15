import type { SlabEdge } from "../../schema/job/build-up"
import { materialOf, withOwnMaterials } from "../material/catalogue"
import type { Material } from "../../schema/material"
import type { Shell } from "../../schema/job/shell"
import { adjacentTo } from "./adjacent"
import { exposedPerimeter } from "./exposed-perimeter"
import type { JobState } from "./job-state"
import type { Surface } from "./surface"

/** Perimeter insulation of a slab, all round. @see ISO 13370:2017, annex B */
export interface PerimeterInsulation {
  name: string
  edge: SlabEdge
  material: Material
  /** m² */
  area: number
}

/** What is laid along a slab's edge where nothing else is said: boards down beside it, as deep as frost goes in mild ground. */
export const FIRST_EDGE: SlabEdge = { kind: "vertical", reach: 0.6, thickness: 0.05, material: "xps" }

/** The surface whose build-up says what lies along the slab's edge: the first that lies on the ground; null where none does. */
export function slabOwner(shell: Shell, surfaces: readonly Surface[]): Surface | null {
  return surfaces.find((surface) => adjacentTo(shell, surface).kind === "ground") ?? null
}

/** What lies along a slab's edge, all round. */
export function slabEdgeOf({ shell, variant }: JobState, surfaces: readonly Surface[]): SlabEdge | null {
  const owner = slabOwner(shell, surfaces)
  return owner && variant.assemblies[owner.assembly]!.edge
}

/** The insulation along a slab's edge; none where the floor has none or lies on no ground. */
export function perimeterInsulation(state: JobState, surfaces: readonly Surface[]): PerimeterInsulation | null {
  const edge = slabEdgeOf(state, surfaces)
  return edge && alongSlab(edge, state)
}

/** So much insulation along the edge of a slab in the weather. */
export const alongSlab = (edge: SlabEdge, { shell, materials }: JobState): PerimeterInsulation => ({
  name: "Along the slab's edge",
  edge,
  material: materialOf(edge.material, withOwnMaterials(materials)),
  area: exposedPerimeter(shell) * edge.reach,
})
