import type { AssemblyOutput } from "../../schema/assembly"
import type { Assembly } from "../../schema/job/build-up"
import type { Brief, OwnMaterials } from "../../schema/job/job"
import type { FaceId, Opening, Shell, SlabEdge } from "../../schema/job/shell"
import type { GroundInput, GroundOutput } from "../../schema/ground"
import type { AirState, HeatFlowDirection } from "../../schema/quantity"
import { builtLayers, type BuiltLayer, labelResistance, outdoorFilm, setsOf, transmittanceInput } from "../assembly/build-up"
import { inService } from "../assembly/in-service"
import { heatFlowDirection, INDOOR_RESISTANCE, OUTDOOR_RESISTANCE, SUMMER_OUTDOOR_RESISTANCE } from "../assembly/surface-resistance"
import { thermalTransmittance } from "../assembly/thermal-transmittance"
import { filmOutside } from "../assembly/ventilated"
import type { Films } from "../conduction/detail"
import { slabOnGround } from "../ground/slab"
import { airBeyond, beyond, type Beyond, roughBeyond, type Season, temperatureBeyond } from "../heat/beyond"
import { type Conditions, conditionsOf } from "../heat/conditions"
import { kept } from "../kept"
import { materialOf, withOwnMaterials } from "../material/catalogue"
import { type DampLook, dampLook } from "../moisture/damp-look"
import { dampVerdict, type DampVerdict } from "../moisture/damp-verdict"
import { sum } from "../numeric/sum"
import type { Face } from "../shell/face"
import { faceName } from "../shell/face-name"
import { boxSkin } from "../shell/floor-boxes"
import { memberShare } from "../shell/framing"
import { offsetsArea } from "../shell/notch"
import { drivingSeason, type MemberBridge, memberBridges, setsBeyondCombined, type Standing, withoutSets } from "./member-bridge"
import type { Solutions } from "./solutions"
import type { JobState } from "./state"

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
  ground: GroundOutput | null
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
    return { ...figures, fromInside, damp: dampOf(figures, fromInside, conditions) }
  })
}

const VENTED =
  "What lies outside its vented air space counts by ISO 6946, 6.9; the sun on it is counted as if it lay on what is behind, on the safe side."
const INSULATING = "Members conduct less than what lies between them: with them the face loses less than beside them."

/** What a face is, before it is known how warm it is beyond it. */
type BuiltFigures = Omit<FaceFigures, "fromInside" | "damp">

/** Face, layers and conductivities: all that no other face and nothing solved changes. */
type Wear = Pick<FaceFigures, "beyond" | "layers" | "summerLayers" | "driven" | "lineFilms" | "winter" | "summerFilm"> & {
  /** Sets of members that the combined method does not hold for. */
  sets: string[]
  outward: HeatFlowDirection
  winterFilm: number
  /** Without those sets, W/(m²·K). */
  summerTransmittance: number
}

/** An assembly as a face wears it; a face whose build-up was not touched is not worked out again. */
const wearOf = kept((assembly: Assembly, shell: Shell, brief: Brief, materials: OwnMaterials, face: Face): Wear => {
  const conditions = conditionsOf(brief, shell)
  const outward = heatFlowDirection(face.tilt, true)
  const inward = heatFlowDirection(face.tilt, false)
  const far = beyond(shell, face.id)
  const sheltered = far.kind === "space"
  const winterFilm = sheltered ? INDOOR_RESISTANCE[outward] : OUTDOOR_RESISTANCE
  const summerFilm = sheltered ? INDOOR_RESISTANCE[inward] : SUMMER_OUTDOOR_RESISTANCE
  const declared = builtLayers(assembly, (set) => memberShare(shell, face, set), withOwnMaterials(materials))
  const served = (season: Season) => {
    const { inside, outside } = conditions[season]
    const [direction, film] = season === "winter" ? [outward, winterFilm] : [inward, summerFilm]
    const airs = {
      inside: inside.temperature,
      outside: roughBeyond(far, season, inside.temperature, outside.temperature, conditions.annualMean),
    }
    return inService(declared, brief.service, airs, { inside: INDOOR_RESISTANCE[direction], outside: film, direction })
  }
  const [layers, summerLayers] = [served("winter"), served("summer")]
  const combined = (some: readonly BuiltLayer[], direction: HeatFlowDirection, film: number) =>
    thermalTransmittance(transmittanceInput(some, direction, film), setsOf(some))
  const all = combined(layers, outward, winterFilm)
  const driven = (drivingSeason(conditions, far) === "summer" ? summerLayers : layers).filter(({ counted }) => counted > 0)
  // Under a slab the ground spreads the heat; the combined method serves there.
  const sets = far.kind === "ground" ? [] : setsBeyondCombined(driven, all)
  return {
    beyond: far,
    layers,
    summerLayers,
    driven,
    lineFilms: {
      inside: INDOOR_RESISTANCE.horizontal,
      outside: filmOutside(layers[0]!.counted, sheltered ? INDOOR_RESISTANCE.horizontal : OUTDOOR_RESISTANCE, "horizontal"),
      direction: "horizontal",
    },
    sets,
    outward,
    winterFilm,
    winter: sets.length === 0 ? all : combined(withoutSets(layers, sets), outward, winterFilm),
    summerFilm,
    summerTransmittance: combined(withoutSets(summerLayers, sets), inward, summerFilm).uValue,
  }
})

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
  const ground =
    far.kind === "ground"
      ? slabOnGround({
          area: face.area,
          ...slab,
          soilConductivity: 2,
          floorResistance: Math.max(0, floorResistance),
          rsi: 0.17,
          rse: 0.04,
          ...(shell.slabEdge ? { edge: edgeOf(shell.slabEdge, materials) } : {}),
        })
      : null
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
    notes: notes,
    summerTransmittance: wear.summerTransmittance + added,
    summerFilm: wear.summerFilm,
    ground,
    absorptance: assembly.absorptance ?? layers[0]!.material.face.absorptance,
    mass: sum(layers.map((layer) => layer.mass)),
    price: sum(layers.map((layer) => layer.price)),
  }
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

function dampOf({ layers, summerLayers, face, ground, beyond: far }: BuiltFigures, fromInside: number, conditions: Conditions): Damp {
  if (ground) {
    const look = (season: Season) =>
      dampOnSoil(season === "winter" ? layers : summerLayers, ground, conditions[season].inside, conditions.annualMean)
    return verdictOn(look)
  }
  // Only the air of an unheated space depends on other faces.
  if (far.kind === "space" && far.space.kind === "unheated") return dampBetween(layers, summerLayers, face, far, conditions, fromInside)
  return keptDamp(layers, summerLayers, face, far, conditions)
}

type Damp = FaceFigures["damp"]

const keptDamp = kept(
  (layers: readonly BuiltLayer[], summerLayers: readonly BuiltLayer[], face: Face, far: Beyond, conditions: Conditions) =>
    dampBetween(layers, summerLayers, face, far, conditions, 0),
)

function dampBetween(
  winterLayers: readonly BuiltLayer[],
  summerLayers: readonly BuiltLayer[],
  face: Face,
  far: Beyond,
  conditions: Conditions,
  fromInside: number,
): Damp {
  return verdictOn((season) => {
    const { inside } = conditions[season]
    const layers = season === "winter" ? winterLayers : summerLayers
    const outside = airBeyond(far, season, fromInside, inside, conditions[season].outside)
    const direction = heatFlowDirection(face.tilt, inside.temperature >= outside.temperature)
    const film = outdoorFilm(layers, far.kind === "space" ? INDOOR_RESISTANCE[direction] : OUTDOOR_RESISTANCE, direction)
    return dampLook(layers, direction, film, inside, outside)
  })
}

function verdictOn(look: (season: Season) => DampLook): Damp {
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
