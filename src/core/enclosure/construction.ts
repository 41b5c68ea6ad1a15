import type { Assembly } from "../../schema/job/build-up"
import type { OwnMaterials, Service } from "../../schema/job/job"
import type { HeatFlowDirection, Season } from "../../schema/quantity"
import { builtLayers, type BuiltLayer, transmittanceInput, withoutMembers } from "../assembly/build-up"
import { setsBeyondCombined } from "../assembly/combined-method"
import { inService } from "../assembly/in-service"
import { type Films, heatFlowDirection, INDOOR_RESISTANCE } from "../assembly/surface-resistance"
import { thermalTransmittance, type Transmittance } from "../assembly/thermal-transmittance"
import { evenAt, meanTransmittance, taperPlaces, tapers } from "../assembly/taper"
import { withOwnMaterials } from "../material/catalogue"
import { memoised } from "../memoised"
import { memberShare } from "../shell/framing"
import { type Adjacent, adjacentTo, roughAdjacentTemperature } from "./adjacent"
import { type Conditions, conditionsOf, governedTemperature, governingSeason } from "./conditions"
import { farFilm, filmsOf } from "./films"
import type { JobState } from "./job-state"
import type { Surface } from "./surface"

/** A build-up as a surface wears it: all that no other surface and nothing solved changes. */
export interface Construction {
  adjacent: Adjacent
  /** As they are in winter; in summer; and those that count, in that of both that drives most heat. */
  layers: readonly BuiltLayer[]
  summerLayers: readonly BuiltLayer[]
  governing: readonly BuiltLayer[]
  /** Films along its edges and reveals: what is level and what stands have one air. @see ISO 10211:2017, 7.1 */
  lineFilms: Films
  /** Films across its members in the governing season, m²·K/W. */
  governingFilms: Films
  /** Film of the worst night and of the hot afternoon on its far side, m²·K/W. */
  winterFilm: number
  summerFilm: number
  /** Sets of members that the combined method does not hold for. */
  sets: readonly string[]
  /** By the combined method, without those members. */
  winter: Transmittance
  summer: Transmittance
  /** As it is at both ends of layers that taper, the thinner first; null where all are even. */
  ends: readonly [Construction, Construction] | null
}

/** A build-up as a surface wears it; one whose surroundings and build-up were not touched is not worked out again. */
export function constructionOf(surface: Surface, { brief, shell, variant, materials }: JobState): Construction {
  const assembly = variant.assemblies[surface.assembly]!
  const shares = Object.entries(assembly.members).map(([set, members]): Share => [set, memberShare(shell, surface, members)])
  return exposed(
    assembly,
    materials,
    surface.face.tilt,
    adjacentTo(shell, surface),
    conditionsOf(brief, shell),
    brief.service,
    JSON.stringify(shares),
  )
}

/** A set of members and what share of the surface it takes. */
type Share = [set: string, share: number]

/** What a build-up is exposed to, and what its members take of the surface, as a text. */
type Exposure = [materials: OwnMaterials, tilt: number, adjacent: Adjacent, conditions: Conditions, service: Service | null, shares: string]

/**
 * Layers that taper stand with their mean thickness and pass the mean of what they pass along the fall; details are drawn where they are
 * thinnest, which is the safe side of both what they lose and how cold they are.
 */
const exposed = memoised((assembly: Assembly, ...exposure: Exposure): Construction => {
  const mean = evenConstruction(assembly, null, exposure)
  if (!tapers(assembly)) return mean
  const [first, last] = [-0.5, 0.5].map((at) => evenConstruction(evenAt(assembly, at), null, exposure)) as [Construction, Construction]
  const ends = first.winter.centreResistance <= last.winter.centreResistance ? ([first, last] as const) : ([last, first] as const)
  const [{ governing, governingFilms, sets }] = ends
  const along = taperPlaces(first.winter.centreResistance, last.winter.centreResistance).map(({ at, weight }) => ({
    weight,
    of: evenConstruction(evenAt(assembly, at), sets, exposure),
  }))
  const passed = (season: Season) => meanTransmittance(along.map(({ weight, of }) => ({ weight, of: of[season] })))
  return { ...mean, governing, governingFilms, sets, winter: passed("winter"), summer: passed("summer"), ends }
})

/** @param known sets of members that the combined method is not asked for; null: those that it does not hold for */
function evenConstruction(
  assembly: Assembly,
  known: readonly string[] | null,
  [materials, tilt, adjacent, conditions, service, shares]: Exposure,
): Construction {
  const outward = heatFlowDirection(tilt, true)
  const inward = heatFlowDirection(tilt, false)
  const winterFilm = farFilm(adjacent, outward)
  const summerFilm = farFilm(adjacent, inward, "summer")
  const share = Object.fromEntries(JSON.parse(shares) as Share[])
  const declared = builtLayers(assembly, (set) => share[set]!, withOwnMaterials(materials))
  const served = (season: Season, films: Films) => {
    const { inside, outside } = conditions[season]
    const far = roughAdjacentTemperature(adjacent, season, inside.temperature, outside.temperature, conditions.annualMean)
    return inService(declared, service, { inside: inside.temperature, outside: far }, films)
  }
  const films = (direction: HeatFlowDirection, outside: number): Films => ({ inside: INDOOR_RESISTANCE[direction], outside, direction })
  const layers = served("winter", films(outward, winterFilm))
  const summerLayers = served("summer", films(inward, summerFilm))
  const combined = (some: readonly BuiltLayer[], direction: HeatFlowDirection, film: number) =>
    thermalTransmittance(transmittanceInput(some, direction, film))
  const all = combined(layers, outward, winterFilm)
  const season = governingSeason(conditions, adjacent)
  const governing = (season === "summer" ? summerLayers : layers).filter(({ effectiveShare }) => effectiveShare > 0)
  // Under a slab the ground spreads the heat; the combined method serves there.
  const sets = known ?? (adjacent.kind === "ground" ? [] : setsBeyondCombined(governing))
  const counted = (some: readonly BuiltLayer[]) => withoutMembers(some, ({ id }) => sets.includes(id))
  const { effectiveShare } = layers[0]!
  return {
    adjacent,
    layers,
    summerLayers,
    governing,
    lineFilms: filmsOf(adjacent, effectiveShare, "horizontal"),
    governingFilms: filmsOf(adjacent, effectiveShare, heatFlowDirection(tilt, isOutward(season, adjacent, conditions))),
    winterFilm,
    summerFilm,
    sets,
    winter: sets.length === 0 ? all : combined(counted(layers), outward, winterFilm),
    summer: combined(counted(summerLayers), inward, summerFilm),
    ends: null,
  }
}

/** Whether heat leaves in a season. */
function isOutward(season: Season, adjacent: Adjacent, conditions: Conditions): boolean {
  const { inside, outside } = conditions[season]
  return inside.temperature >= governedTemperature(adjacent, season, outside.temperature)
}
