import type { Shell } from "../../schema/job/shell"
import type { Enclosure } from "../enclosure/enclosure"
import type { SurfaceId } from "../enclosure/surface"
import { floorOf } from "../enclosure/surface-figures"
import { arealMass, arealPrice } from "../material/layer-properties"
import { framingOn } from "../shell/framing"
import { type Content, contentOf } from "./content"

/** One line of a bill of parts: what, how much, where. */
export interface BillLine {
  role: Content["role"] | "perimeter"
  /** Id of the material. */
  what: string
  /** As it is bought, m, in the mean where it tapers. */
  thickness: number
  /** By how much it is thicker at one end, m. */
  taper: number
  surface: SurfaceId
  /** The layer that it is in; null for what lies along a slab's edge. */
  layer: string | null
  /** m² that it takes */
  area: number
  /** kg and € */
  mass: number
  price: number
  /** Of members, the length of each stick, m: told once, in the outermost layer that they stand in. */
  readonly pieces: readonly number[]
}

/** All that is added to an enclosure: layers, their members and what those hold, insulation along a slab's edge. */
export function billOf({ surfaces, perimeterInsulation }: Pick<Enclosure, "surfaces" | "perimeterInsulation">, shell: Shell): BillLine[] {
  const lines: BillLine[] = []
  for (const on of surfaces) {
    const { id: surface, layers, netArea } = on
    const told = new Set<string>()
    for (const layer of layers)
      for (const { role, what, thickness, share, mass, price, members } of contentOf(layer)) {
        const first = role === "members" && members && !told.has(members.id) ? members : null
        if (first) told.add(first.id)
        lines.push({
          role,
          what,
          thickness,
          taper: role === "layer" ? Math.abs(layer.layer.taper) : 0,
          surface,
          layer: layer.id,
          area: share * netArea,
          mass: mass * netArea,
          price: price * netArea,
          // Drawn when they are asked for: sums need only the area.
          get pieces() {
            return first ? framingOn(shell, on, first.set).pieces : []
          },
        })
      }
  }
  if (perimeterInsulation) {
    const { edge, material, area } = perimeterInsulation
    const { thickness } = edge
    const [mass, price] = [area * arealMass(material, thickness), area * arealPrice(material, thickness)]
    lines.push({
      role: "perimeter",
      what: edge.material,
      thickness,
      taper: 0,
      surface: floorOf(surfaces).id,
      layer: null,
      area,
      mass,
      price,
      pieces: [],
    })
  }
  return lines
}
