import type { SlabEdge } from "../../schema/job/build-up"
import type { Shell } from "../../schema/job/shell"
import { beyond } from "../heat/beyond"
import { materialOf, withOwnMaterials } from "../material/catalogue"
import { arealMass, arealPrice } from "../material/layer-properties"
import { sum } from "../numeric/sum"
import type { FaceFigures } from "./face-figures"
import type { JobState } from "./state"

/** Insulation along the edge of a slab, all round. */
export interface SlabRim {
  name: string
  /** m² */
  area: number
  /** kg/m² and €/m² */
  mass: number
  price: number
}

/** What is laid along a slab's edge where nothing else is said: boards down beside it, as deep as frost goes in mild ground. */
export const FIRST_EDGE: SlabEdge = { kind: "vertical", reach: 0.6, thickness: 0.05, material: "xps" }

/** The insulation along a slab's edge; none where the floor has none or lies on no ground. */
export function slabRim(state: JobState, floor: FaceFigures): SlabRim | null {
  const { edge } = state.variant.assemblies[floor.assembly]!
  return edge && floor.ground ? rimOf(edge, state) : null
}

/** So much insulation along the edge of a slab in the weather. */
export function rimOf(edge: SlabEdge, { shell, materials }: JobState): SlabRim {
  const material = materialOf(edge.material, withOwnMaterials(materials))
  const [mass, price] = [arealMass(material, edge.thickness), arealPrice(material, edge.thickness)]
  return { name: "Along the slab's edge", area: exposedPerimeter(shell) * edge.reach, mass, price }
}

/** Edges of the floor that the weather outdoors reaches: those under walls against a room that is held are not among them, m. */
export function exposedPerimeter(shell: Shell): number {
  const { length, width } = shell.form
  const edges = { left: length, right: length, front: width, back: width } as const
  const all = 2 * (length + width)
  const exposed = sum(
    (Object.keys(edges) as (keyof typeof edges)[]).map((face) => {
      const far = beyond(shell, face)
      return far.kind === "space" && far.space.kind === "held" ? 0 : edges[face]
    }),
  )
  // A slab wholly inside a held building has no edge in the weather; the standard has no case for it, the whole edge is on the safe side.
  return exposed || all
}
