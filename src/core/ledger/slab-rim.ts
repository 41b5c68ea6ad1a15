import { materialOf, withOwnMaterials } from "../material/catalogue"
import { arealMass, arealPrice } from "../material/layer-properties"
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

/** The insulation along a slab's edge; none where the floor has none or lies on no ground. @param perimeter edge in the weather, m */
export function slabRim({ variant, materials }: JobState, floor: FaceFigures, perimeter: number): SlabRim | null {
  const { edge } = variant.assemblies[floor.assembly]!
  if (!edge || !floor.ground) return null
  const material = materialOf(edge.material, withOwnMaterials(materials))
  const [mass, price] = [arealMass(material, edge.thickness), arealPrice(material, edge.thickness)]
  return { name: "Along the slab's edge", area: perimeter * edge.reach, mass, price }
}
