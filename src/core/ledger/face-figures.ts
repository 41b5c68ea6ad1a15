import type { AssemblyOutput } from "../../schema/assembly"
import type { OwnMaterials } from "../../schema/job/job"
import type { SlabEdge } from "../../schema/job/build-up"
import type { FaceId, Opening, Shell } from "../../schema/job/shell"
import type { GroundInput, GroundOutput } from "../../schema/ground"
import { type BuiltLayer, labelResistance } from "../assembly/build-up"
import { INDOOR_RESISTANCE } from "../assembly/surface-resistance"
import type { Films } from "../conduction/detail"
import { slabOnGround } from "../ground/slab"
import { type Beyond, type Season, temperatureBeyond } from "../heat/beyond"
import type { Conditions } from "../heat/conditions"
import { materialOf, withOwnMaterials } from "../material/catalogue"
import type { DampLook } from "../moisture/damp-look"
import type { DampVerdict } from "../moisture/damp-verdict"
import { sum } from "../numeric/sum"
import type { Face } from "../shell/face"
import { faceName } from "../shell/face-name"
import { boxSkin } from "../shell/floor-boxes"
import { offsetsArea } from "../shell/notch"
import { faceDamp } from "./face-damp"
import { type MemberBridge, memberBridges, type Standing } from "./member-bridge"
import type { Solutions } from "./solutions"
import type { JobState } from "./state"
import { wearOf } from "./wear"

/** What closes a hole of a face. */
export type Closure = Pick<Opening, "name" | "uValue" | "solarFactor"> & { id: string; area: number }

/** What the build-up of one face is and does, before any weather. */
export interface FaceFigures {
  id: FaceId
  face: Face
  name: string
  beyond: Beyond
  /** Conductance from the inside into the space beyond, by way of this face and all others against it, W/K; 0 without one. */
  fromInside: number
  assembly: string
  /** As they are in winter; in summer; and those that count, in that of both that drives most heat. */
  layers: readonly BuiltLayer[]
  summerLayers: readonly BuiltLayer[]
  driven: readonly BuiltLayer[]
  standing: Standing
  /** Films along its edges and reveals: what is level and what stands have one air. @see ISO 10211:2017, 7.1 */
  lineFilms: Films
  openings: { id: string; opening: Opening }[]
  /** What closes its openings and the pieces missing from it: a U of its own each, m² and W/(m²·K). */
  closures: Closure[]
  /** m², without openings and notches, with what boxes that stand against it add */
  netArea: number
  /** Sum of the labels, centre of the cavity air to air, and whole face with members and corrections, m²·K/W. */
  label: number
  centre: number
  whole: number
  /** By the combined method, without the members that it does not hold for. */
  winter: AssemblyOutput
  notes: string[]
  /** Those members, by what they pass in two dimensions. */
  bridges: MemberBridge[]
  /** Of the whole face in the worst night, W/(m²·K). */
  transmittance: number
  /** Transmittance with heat flowing inward past the lighter film of a hot afternoon, W/(m²·K). */
  summerTransmittance: number
  /** Outdoor film of the hot afternoon, m²·K/W. */
  summerFilm: number
  ground: (GroundOutput & Pick<GroundInput, "edge">) | null
  absorptance: number
  /** kg/m² and €/m² that the build-up adds */
  mass: number
  price: number
  damp: { winter: DampLook; summer: DampLook; verdict: DampVerdict }
}

/** Figures of all faces; an unheated space beyond some of them is as warm as they together make it. */
export function facesFigures(
  state: JobState,
  faces: readonly Face[],
  conditions: Conditions,
  slab: { perimeter: number; wallThickness: number },
  solutions: Solutions,
): FaceFigures[] {
  const built = faces.map((face) => builtFigures(state, face, conditions, slab, solutions))
  return built.map((figures) => {
    const fromInside = conductanceInto(figures.beyond, built)
    return { ...figures, fromInside, damp: faceDamp(figures, fromInside, conditions) }
  })
}

const VENTED =
  "What lies outside its vented air space counts by ISO 6946, 6.9; the sun on it is counted as if it lay on what is behind, on the safe side."
const INSULATING = "Members conduct less than what lies between them: with them the face loses less than beside them."

/** What a face is, before it is known how warm it is beyond it. */
type BuiltFigures = Omit<FaceFigures, "fromInside" | "damp">

/** @param slab exposed perimeter of the floor and thickness of the walls, m: what the ground under a slab depends on */
function builtFigures(
  { brief, shell, variant, materials }: JobState,
  face: Face,
  conditions: Conditions,
  slab: { perimeter: number; wallThickness: number },
  solutions: Solutions,
): BuiltFigures {
  const assemblyId = variant.wears[face.id]!
  const assembly = variant.assemblies[assemblyId]!
  const wear = wearOf(assembly, shell, brief, materials, face)
  const { beyond: far, layers, driven, winter } = wear
  const standing = { tilt: face.tilt, beyond: far, counted: layers[0]!.counted }
  const bridges = memberBridges(face.id, driven, wear.sets, standing, conditions, solutions)
  const added = sum(bridges.map(({ linear, fraction, set }) => (linear * fraction) / set.width))
  const transmittance = winter.uValue + added
  const bare = 1 / winter.centreResistance + winter.corrections.voids + winter.corrections.fasteners
  const vented = layers[0]!.counted < 1
  const notes = [...winter.notes, ...(transmittance < bare * (1 - 1e-9) ? [INSULATING] : []), ...(vented ? [VENTED] : [])]
  // The floor's own resistance, members included, is what lies between its two faces.
  const floorResistance = 1 / winter.uValue - INDOOR_RESISTANCE[wear.outward] - wear.winterFilm
  const ground = far.kind === "ground" ? onGround(face.area, slab, Math.max(0, floorResistance), assembly.edge, materials) : null
  const openings = Object.entries(shell.openings)
    .filter(([, opening]) => opening.face === face.id)
    .map(([id, opening]) => ({ id, opening }))
  const closures = closuresOf(shell, face.id)
  return {
    id: face.id,
    face,
    name: faceName(face.id, brief.kind, shell.form.kind),
    beyond: far,
    assembly: assemblyId,
    layers,
    summerLayers: wear.summerLayers,
    driven,
    standing,
    lineFilms: wear.lineFilms,
    openings,
    closures,
    netArea: Math.max(0, face.area + boxSkins(shell, face.id) - sum(closures.map(({ area }) => area))),
    label: labelResistance(layers),
    centre: winter.centreResistance,
    whole: 1 / transmittance,
    winter,
    bridges,
    transmittance,
    notes,
    summerTransmittance: wear.summerTransmittance + added,
    summerFilm: wear.summerFilm,
    ground,
    absorptance: assembly.absorptance ?? layers[0]!.material.face.absorptance,
    mass: sum(layers.map((layer) => layer.mass)),
    price: sum(layers.map((layer) => layer.price)),
  }
}

function onGround(
  area: number,
  slab: { perimeter: number; wallThickness: number },
  floorResistance: number,
  slabEdge: SlabEdge | null,
  materials: OwnMaterials,
): FaceFigures["ground"] {
  const edge = slabEdge ? { edge: edgeOf(slabEdge, materials) } : {}
  return { ...slabOnGround({ area, ...slab, soilConductivity: 2, floorResistance, rsi: 0.17, rse: 0.04, ...edge }), ...edge }
}

function edgeOf({ kind, reach, thickness, material }: SlabEdge, materials: OwnMaterials): NonNullable<GroundInput["edge"]> {
  const { declared } = materialOf(material, withOwnMaterials(materials)).conductivity
  return { kind, depthOrWidth: reach, thickness, conductivity: declared }
}

const boxSkins = ({ boxes }: Shell, side: FaceId) => sum(Object.values(boxes).map((box) => (box.side === side ? boxSkin(box) : 0)))

function closuresOf({ openings, notches }: Shell, face: FaceId): Closure[] {
  const on = <T extends { face: FaceId }>(parts: Record<string, T>) => Object.entries(parts).filter(([, part]) => part.face === face)
  return [
    ...on(openings).map(([id, { name, uValue, solarFactor, width, height }]) => ({ id, name, uValue, solarFactor, area: width * height })),
    ...on(notches).map(([id, { name, uValue, offsets }]) => ({ id, name, uValue, solarFactor: 0, area: offsetsArea(offsets) })),
  ]
}

/** Conductance of all faces and openings that stand against one unheated space, W/K. */
function conductanceInto(far: Beyond, faces: readonly BuiltFigures[]): number {
  if (far.kind !== "space") return 0
  const beside = faces.filter((figures) => figures.beyond.kind === "space" && figures.beyond.id === far.id)
  return sum(
    beside.map(({ netArea, transmittance, closures }) => netArea * transmittance + sum(closures.map(({ area, uValue }) => area * uValue))),
  )
}

/**
 * Temperature beyond a face when it is so warm outdoors.
 * @returns °C
 */
export function temperatureBeyondFace(figures: FaceFigures, season: Season, inside: number, outdoors: number): number {
  return temperatureBeyond(figures.beyond, season, figures.fromInside, inside, outdoors)
}
