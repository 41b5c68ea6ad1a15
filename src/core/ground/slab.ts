import type { GroundInput, GroundOutput } from "../../schema/ground"
import { type Noted, noteIf } from "../../schema/note"

/** Soil where no more is known of it, W/(m·K). @see ISO 13370:2017, table 7 (sand or gravel) */
export const SOIL_CONDUCTIVITY = 2

/**
 * Steady transmittance of a slab on the ground, with insulation along its edge.
 * @param floor m², m, W/(m·K), m²·K/W
 * @see ISO 13370:2017, 7.2 (slab on ground), eq. 3 and 4; annex B (edge insulation), eq. B.3 and B.4
 */
export function slabOnGround(floor: GroundInput): Noted<GroundOutput> {
  const { soilConductivity: soil } = floor
  const characteristicDimension = floor.area / (floor.perimeter / 2)
  const equivalentThickness = floor.wallThickness + soil * (floor.rsi + floor.floorResistance + floor.rse)
  const uValue = groundTransmittance(characteristicDimension, equivalentThickness, soil)
  const edgeTransmittance = floor.edge ? edge(floor.edge, equivalentThickness, soil) : 0
  const edgeIsWorse = edgeTransmittance === 0 && floor.edge !== undefined
  return {
    uValue,
    characteristicDimension,
    equivalentThickness,
    edgeTransmittance,
    heatTransferCoefficient: floor.area * uValue + floor.perimeter * edgeTransmittance,
    notes: noteIf(edgeIsWorse, "idle-edge", "The edge insulation conducts no better than the ground it replaces and counts nothing."),
  }
}

function groundTransmittance(dimension: number, equivalent: number, soil: number): number {
  // A well insulated floor hardly feels the ground; the two formulas meet where dt = B'.
  if (equivalent >= dimension) return soil / (0.457 * dimension + equivalent)
  return ((2 * soil) / (Math.PI * dimension + equivalent)) * Math.log((Math.PI * dimension) / equivalent + 1)
}

function edge(insulation: NonNullable<GroundInput["edge"]>, equivalent: number, soil: number): number {
  const additional = soil * (insulation.thickness / insulation.conductivity - insulation.thickness / soil)
  const reach = insulation.kind === "vertical" ? 2 * insulation.depthOrWidth : insulation.depthOrWidth
  const psi = (-soil / Math.PI) * (Math.log(reach / equivalent + 1) - Math.log(reach / (equivalent + additional) + 1))
  return Math.min(0, psi)
}
