import type { GroundInput } from "../../schema/ground"

/** How deep the year's swing reaches into sand or gravel, m: √(3.15·10⁷ s · λ / (π·ρc)) with λ = 2 W/(m·K), ρc = 2·10⁶ J/(m³·K). */
const PENETRATION = Math.sqrt((3.15e7 * 2) / (Math.PI * 2e6))

/**
 * What a slab's edge passes of the swing of the outdoor temperature about its yearly mean.
 * @param equivalentThickness d_t of the floor, m
 * @returns H_pe, W/K
 * @see ISO 13370:2017, annex on periodic heat flow: external periodic coefficient of a slab, with edge insulation level or upright
 */
export function externalPeriodicCoefficient(
  { perimeter, soilConductivity: soil, edge }: Pick<GroundInput, "perimeter" | "soilConductivity" | "edge">,
  equivalentThickness: number,
): number {
  const swing = (equivalent: number) => Math.log(PENETRATION / equivalent + 1)
  const bare = swing(equivalentThickness)
  if (!edge) return 0.37 * perimeter * soil * bare
  const additional = Math.max(0, soil * (edge.thickness / edge.conductivity - edge.thickness / soil))
  const reach = edge.kind === "vertical" ? 2 * edge.depthOrWidth : edge.depthOrWidth
  const beyond = Math.exp(-reach / PENETRATION)
  return 0.37 * perimeter * soil * ((1 - beyond) * swing(equivalentThickness + additional) + beyond * bare)
}

/** What of a floor on the ground its heat depends on, W/K. */
export interface GroundCoefficients {
  heatTransferCoefficient: number
  periodicCoefficient: number
}

/**
 * Heat that a floor passes into the ground in a month; negative where it takes heat in.
 * @param indoors held all year, °C
 * @param annualMean of the outdoor air, °C
 * @param monthMean of the outdoor air in that month, °C
 * @returns W
 * @see ISO 13370:2017, annex on monthly rates: Φ = H_g (θ̄i − θ̄e) + H_pe (θ̄e − θe,m), the inside temperature steady
 */
export const groundFlow = (
  { heatTransferCoefficient, periodicCoefficient }: GroundCoefficients,
  indoors: number,
  annualMean: number,
  monthMean: number,
): number => heatTransferCoefficient * (indoors - annualMean) + periodicCoefficient * (annualMean - monthMean)
