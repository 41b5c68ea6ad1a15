import type { GroundInput, GroundOutput } from "../../schema/ground"
import { type Note, type Noted, noteIf } from "../../schema/note"
import type { SlabEdge } from "../../schema/job/build-up"
import type { OwnMaterials } from "../../schema/job/job"
import { declaredResistance } from "../assembly/build-up"
import { heatFlowDirection, INDOOR_RESISTANCE } from "../assembly/surface-resistance"
import { externalPeriodicCoefficient, type GroundCoefficients } from "../ground/monthly-flow"
import { SOIL_CONDUCTIVITY, slabOnGround } from "../ground/slab"
import { materialOf, withOwnMaterials } from "../material/catalogue"
import { sum } from "../numeric/sum"
import type { Construction } from "./construction"
import { type MemberBridge, memberBridges } from "./member-bridge"
import type { SolvedDetails } from "./solved-details"
import type { Surface } from "./surface"

/** What a surface passes, members and ground included. */
export interface SurfaceTransmittance {
  /** Sum of the labels, centre of the cavity air to air, and whole surface with members and corrections, m²·K/W. */
  declaredResistance: number
  cavityResistance: number
  totalResistance: number
  /** Members that the combined method does not hold for, by what they pass in two dimensions. */
  bridges: MemberBridge[]
  /** Of the whole surface in the worst night, and past the lighter film of a hot afternoon, W/(m²·K). */
  transmittance: number
  summerTransmittance: number
  ground: (Noted<GroundOutput> & Pick<GroundInput, "edge"> & GroundCoefficients & Pick<SlabSurroundings, "direction">) | null
  notes: Note[]
}

/** What a slab's heat depends on beside its own layers: all of it on the ground, m², its edge in the weather, and the thickness of the walls on it, m. */
export interface SlabSurroundings {
  area: number
  perimeter: number
  wallThickness: number
  /** Heat goes up through a floor whose room is colder than the ground, and its film is that of a floor that heat comes up from. */
  direction: "up" | "down"
}

const VENTED = "What lies outside its vented air space counts by ISO 6946, 6.9; of the sun on it, what the warm skin radiates inward."
const INSULATING = "Members conduct less than what lies between them: with them the face loses less than beside them."

/** Transmittances of a surface by season. @param area m², of it */
export function surfaceTransmittance(
  { id, face }: Surface,
  construction: Construction,
  area: number,
  slab: SlabSurroundings,
  edge: SlabEdge | null,
  materials: OwnMaterials,
  solved: SolvedDetails,
): SurfaceTransmittance {
  const { winter, summer, layers, adjacent } = construction
  const bridges = memberBridges(id, construction, solved)
  const added = sum(bridges.map(({ linearTransmittance: linear, fraction, set }) => (linear * fraction) / set.width))
  const transmittance = winter.uValue + added
  const bare = 1 / winter.centreResistance + winter.corrections.voids + winter.corrections.fasteners
  return {
    declaredResistance: declaredResistance(layers),
    cavityResistance: winter.centreResistance,
    totalResistance: 1 / transmittance,
    bridges,
    transmittance,
    summerTransmittance: summer.uValue + added,
    ground: adjacent.kind === "ground" ? onGround(face.tilt, construction, area, slab, edge, materials) : null,
    notes: [
      ...winter.notes,
      ...noteIf(transmittance < bare * (1 - 1e-9), "insulating-members", INSULATING),
      ...noteIf(layers[0]!.effectiveShare < 1, "vented", VENTED),
    ],
  }
}

/** A part of a slab passes its share of what the whole would with its layers: parts lie side by side. @see ISO 13370:2017, 7.1 */
function onGround(
  tilt: number,
  { winter, winterFilm }: Construction,
  area: number,
  slab: SlabSurroundings,
  slabEdge: SlabEdge | null,
  materials: OwnMaterials,
): SurfaceTransmittance["ground"] {
  // The floor's own resistance, members included, is what lies between its two faces.
  const floorResistance = Math.max(0, 1 / winter.uValue - INDOOR_RESISTANCE[heatFlowDirection(tilt, true)] - winterFilm)
  const edge = slabEdge ? { edge: edgeOf(slabEdge, materials) } : {}
  const { direction, ...around } = slab
  const films = { rsi: INDOOR_RESISTANCE[direction], rse: 0.04 }
  const floor = { ...around, soilConductivity: SOIL_CONDUCTIVITY, floorResistance, ...films, ...edge }
  const slabFigures = slabOnGround(floor)
  const share = area / slab.area
  return {
    ...{ ...slabFigures, ...edge, direction },
    heatTransferCoefficient: share * slabFigures.heatTransferCoefficient,
    periodicCoefficient: share * externalPeriodicCoefficient(floor, slabFigures.equivalentThickness),
  }
}

function edgeOf({ kind, reach, thickness, material }: SlabEdge, materials: OwnMaterials): NonNullable<GroundInput["edge"]> {
  const { declared } = materialOf(material, withOwnMaterials(materials)).conductivity
  return { kind, depthOrWidth: reach, thickness, conductivity: declared }
}
