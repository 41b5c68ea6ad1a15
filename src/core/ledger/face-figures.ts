import type { AssemblyOutput } from "../../schema/assembly"
import type { FaceId, Opening, Shell } from "../../schema/job/job"
import type { GroundOutput } from "../../schema/ground"
import type { AirState } from "../../schema/quantity"
import { builtLayers, type BuiltLayer, labelResistance, transmittanceInput } from "../assembly/build-up"
import { heatFlowDirection, INDOOR_RESISTANCE, OUTDOOR_RESISTANCE, SUMMER_OUTDOOR_RESISTANCE } from "../assembly/surface-resistance"
import { thermalTransmittance } from "../assembly/thermal-transmittance"
import { slabOnGround } from "../ground/slab"
import { type Conditions } from "../heat/conditions"
import { type DampLook, dampLook } from "../moisture/damp-look"
import { dampVerdict, type DampVerdict } from "../moisture/damp-verdict"
import { sum } from "../numeric/sum"
import type { Face } from "../shell/face"
import { faceName } from "../shell/face-name"
import type { JobState } from "./state"

/** What the build-up of one face is and does, before any weather. */
export interface FaceFigures {
  id: FaceId
  face: Face
  name: string
  assembly: string
  layers: BuiltLayer[]
  openings: { id: string; opening: Opening; area: number }[]
  /** m², without openings, with the ends of boxes that stand against it */
  netArea: number
  /** Sum of the labels, centre of the cavity air to air, and whole face with members and corrections, m²·K/W. */
  label: number
  centre: number
  whole: number
  winter: AssemblyOutput
  /** Transmittance with heat flowing inward past the lighter film of a hot afternoon, W/(m²·K). */
  summerTransmittance: number
  /** Outdoor film of the hot afternoon, m²·K/W. */
  summerFilm: number
  ground: GroundOutput | null
  absorptance: number
  /** kg/m² and €/m² that the build-up adds */
  mass: number
  price: number
  damp: { winter: DampLook; summer: DampLook; verdict: DampVerdict }
}

/**
 * Figures of one face.
 * @param perimeter of the floor, m, and wall thickness, m: what the ground under a slab depends on
 */
export function faceFigures(
  state: JobState,
  face: Face,
  conditions: Conditions,
  slab: { perimeter: number; wallThickness: number },
): FaceFigures {
  const { brief, shell, variant } = state
  const assemblyId = variant.wears[face.id]!
  const assembly = variant.assemblies[assemblyId]!
  const layers = builtLayers(assembly, face.outline[1]![0])
  const outward = heatFlowDirection(face.tilt, true)
  const inward = heatFlowDirection(face.tilt, false)
  const sheltered = shell.setting === "indoors"
  const winterFilm = sheltered ? INDOOR_RESISTANCE[outward] : OUTDOOR_RESISTANCE
  const summerFilm = sheltered ? INDOOR_RESISTANCE[inward] : SUMMER_OUTDOOR_RESISTANCE
  const winter = thermalTransmittance(transmittanceInput(layers, outward, winterFilm))
  const onGround = face.id === "floor" && shell.floor === "ground"
  // The floor's own resistance, members included, is what lies between its two faces.
  const floorResistance = 1 / winter.uValue - INDOOR_RESISTANCE[outward] - winterFilm
  const ground = onGround
    ? slabOnGround({ area: face.area, ...slab, soilConductivity: 2, floorResistance: Math.max(0, floorResistance), rsi: 0.17, rse: 0.04 })
    : null
  const openings = Object.entries(shell.openings)
    .filter(([, opening]) => opening.face === face.id)
    .map(([id, opening]) => ({ id, opening, area: opening.width * opening.height }))
  return {
    id: face.id,
    face,
    name: faceName(face.id, brief.kind, shell.form.kind),
    assembly: assemblyId,
    layers,
    openings,
    netArea: Math.max(0, face.area + boxEnds(shell, face.id) - sum(openings.map(({ area }) => area))),
    label: labelResistance(layers),
    centre: winter.centreResistance,
    whole: 1 / winter.uValue,
    winter,
    summerTransmittance: thermalTransmittance(transmittanceInput(layers, inward, summerFilm)).uValue,
    summerFilm,
    ground,
    absorptance: assembly.absorptance ?? layers[0]!.material.face.absorptance,
    mass: sum(layers.map((layer) => layer.mass)),
    price: sum(layers.map((layer) => layer.price)),
    damp: dampOf(layers, face, conditions, ground, sheltered),
  }
}

/** A box's top and side stand in for the floor and the wall behind it; its two ends are skin that would not be there without it. */
function boxEnds({ boxes }: Shell, side: FaceId): number {
  return sum(Object.values(boxes).map((box) => (box.side === side ? 2 * box.width * box.height : 0)))
}

function dampOf(
  layers: BuiltLayer[],
  face: Face,
  conditions: Conditions,
  ground: GroundOutput | null,
  sheltered: boolean,
): FaceFigures["damp"] {
  const look = (season: "winter" | "summer") => {
    const { inside, outside } = conditions[season]
    const direction = heatFlowDirection(face.tilt, inside.temperature >= outside.temperature)
    if (ground) return dampOnSoil(layers, ground, inside, conditions.annualMean)
    return dampLook(layers, direction, sheltered ? INDOOR_RESISTANCE[direction] : OUTDOOR_RESISTANCE, inside, outside)
  }
  const [winter, summer] = [look("winter"), look("summer")]
  return { winter, summer, verdict: dampVerdict(winter, summer) }
}

/** Soil is damp all year, and as warm as the year's mean at the far end of the ground's resistance; it is wet anyway, so only what lies above it counts. */
function dampOnSoil(layers: readonly BuiltLayer[], ground: GroundOutput, inside: AirState, annualMean: number): DampLook {
  const look = dampLook(layers, "down", groundResistance(ground, layers), inside, { temperature: annualMean, relativeHumidity: 1 })
  return look.wetSide === "outside" ? { ...look, faceSweats: false, leakWets: null } : look
}

/** What the ground adds to the floor's own resistance, m²·K/W. */
function groundResistance(ground: GroundOutput, layers: readonly BuiltLayer[]): number {
  const own = thermalTransmittance(transmittanceInput(layers, "down", 0)).centreResistance
  return Math.max(0.04, 1 / ground.uValue - own)
}
