import type { MemberSet } from "../../schema/job/build-up"
import type { Material } from "../../schema/material"
import { airSpace } from "./air-space"

/** What members are of, and what fills them; null: still air. */
export interface MemberStuffs {
  stuff: Material
  filling: Material | null
}

/** Webs that cross the insulation: the two sides of a tube or hat, the one of a channel. */
const WEBS = { solid: 0, tube: 2, hat: 2, channel: 1 } as const

/** Share of a member's own width that is its material; the rest of a tube, hat or channel is air. */
export function solidShare({ shape, wall, width }: MemberSet): number {
  return wall === null ? 1 : Math.min(1, (WEBS[shape] * wall) / width)
}

/**
 * Conductivity of a member across a layer: a tube, hat or channel as its webs side by side with what is between them.
 * Its flanges spread the heat further, which only a two-dimensional calculation sees.
 * @param depth thickness of the layer, m
 * @returns W/(m·K)
 */
export function memberConductivity(set: MemberSet, { stuff, filling }: MemberStuffs, depth: number): number {
  const conductivity = stuff.conductivity.declared
  const solid = solidShare(set)
  if (solid === 1) return conductivity
  if (filling) return solid * conductivity + (1 - solid) * filling.conductivity.declared
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
