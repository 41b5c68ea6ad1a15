import type { Framing } from "../../schema/job/job"
import { materialOf } from "../material/catalogue"
import { airSpace } from "./air-space"

/**
 * Share of a face that members take: those at their spacing or those measured one by one, and what plates and edges add.
 * @param run length of the face's lower edge, m
 * @returns 0…1
 */
export function framingFraction(framing: Framing, run: number): number {
  const between =
    framing.positions === null ? framing.width / framing.spacing : (memberPositions(framing, run).length * framing.width) / run
  return 1 - (1 - Math.min(1, between)) * (1 - framing.plates)
}

/**
 * Where the members of a face stand: as measured, else at the spacing from its left edge.
 * @param run length of the face's lower edge, m
 * @returns middles of the members, m, seen from inside
 */
export function memberPositions({ positions, spacing, width }: Framing, run: number): number[] {
  if (positions !== null) return positions.filter((position) => position <= run)
  const at: number[] = []
  for (let position = spacing; position < run - width; position += spacing) at.push(position)
  return at
}

/** Share of a member's own width that is its material; the rest of a tube or channel is air. */
export function solidShare(framing: Framing): number {
  return framing.wall === null ? 1 : Math.min(1, (2 * framing.wall) / framing.width)
}

/**
 * Conductivity of a member across a layer: a tube or channel as its two webs side by side with the air between them.
 * Its flanges spread the heat further, which only a two-dimensional calculation sees.
 * @param depth thickness of the layer, m
 * @returns W/(m·K)
 */
export function memberConductivity(framing: Framing, depth: number): number {
  const conductivity = materialOf(framing.material).conductivity.declared
  const solid = solidShare(framing)
  if (solid === 1) return conductivity
  const air = airSpace({
    thickness: depth,
    direction: "horizontal",
    emissivity1: 0.9,
    emissivity2: 0.9,
    meanTemperature: 10,
    temperatureDifference: 5,
  })
  return solid * conductivity + (1 - solid) * (depth / air.resistance)
}
