import type { Enclosure } from "../enclosure/enclosure"
import type { SurfaceId } from "../enclosure/surface"
import { floorOf } from "../enclosure/surface-figures"
import { arealMass, arealPrice } from "../material/layer-properties"
import { type Content, contentOf } from "./content"

/** One line of a bill of parts: what, how much, where. */
export interface BillLine extends Pick<Content, "what" | "thickness"> {
  role: Content["role"] | "perimeter"
  surface: SurfaceId
  /** The layer that it is in; null for what lies along a slab's edge. */
  layer: string | null
  /** m² that it takes */
  area: number
  /** kg and € */
  mass: number
  price: number
}

/** All that is added to an enclosure: layers, their members and what those hold, insulation along a slab's edge. */
export function billOf({ surfaces, perimeterInsulation }: Pick<Enclosure, "surfaces" | "perimeterInsulation">): BillLine[] {
  const lines = surfaces.flatMap(({ id, layers, netArea }) =>
    layers.flatMap((layer) =>
      contentOf(layer).map((content) => lineOf({ ...content, surface: id, layer: layer.id, area: content.share * netArea })),
    ),
  )
  if (!perimeterInsulation) return lines
  const { edge, material, area } = perimeterInsulation
  const known = { role: "perimeter", what: edge.material, thickness: edge.thickness, layer: null } as const
  return [...lines, lineOf({ ...known, material, area, surface: floorOf(surfaces).id })]
}

function lineOf({
  material,
  role,
  what,
  thickness,
  surface,
  layer,
  area,
}: Pick<BillLine, "role" | "what" | "thickness" | "surface" | "layer" | "area"> & Pick<Content, "material">): BillLine {
  const [mass, price] = [area * arealMass(material, thickness), area * arealPrice(material, thickness)]
  return { role, what, thickness, surface, layer, area, mass, price }
}
