import type { SlabEdge } from "../../schema/job/build-up"
import type { Shell } from "../../schema/job/shell"
import { materialOf, withOwnMaterials } from "../material/catalogue"
import type { Material } from "../../schema/material"
import { sum } from "../numeric/sum"
import { adjacentTo } from "./adjacent"
import type { JobState } from "./job-state"
import type { SurfaceFigures } from "./surface-figures"

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

/** The insulation along a slab's edge; none where the floor has none or lies on no ground. */
export function perimeterInsulation(state: JobState, floor: SurfaceFigures): PerimeterInsulation | null {
  const { edge } = state.variant.assemblies[floor.assembly]!
  return edge && floor.ground ? alongSlab(edge, state) : null
}

/** So much insulation along the edge of a slab in the weather. */
export const alongSlab = (edge: SlabEdge, { shell, materials }: JobState): PerimeterInsulation => ({
  name: "Along the slab's edge",
  edge,
  material: materialOf(edge.material, withOwnMaterials(materials)),
  area: exposedPerimeter(shell) * edge.reach,
})

/** Edges of the floor that the weather outdoors reaches: those under walls against a room that is held are not among them, m. */
export function exposedPerimeter(shell: Shell): number {
  const { length, width } = shell.form
  const edges = { left: length, right: length, front: width, back: width } as const
  const all = 2 * (length + width)
  const exposed = sum(
    (Object.keys(edges) as (keyof typeof edges)[]).map((face) => {
      const far = adjacentTo(shell, face)
      return far.kind === "space" && far.space.kind === "held" ? 0 : edges[face]
    }),
  )
  // A slab wholly inside a held building has no edge in the weather; the standard has no case for it, the whole edge is on the safe side.
  return exposed || all
}
