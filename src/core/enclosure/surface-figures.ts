import { faceName } from "../shell/face-name"
import { sum } from "../numeric/sum"
import type { Season } from "../../schema/quantity"
import type { Shell } from "../../schema/job/shell"
import { type Adjacent, adjacentTemperature, adjacentTo, sameAir } from "./adjacent"
import { type Conditions, conditionsOf } from "./conditions"
import { type Construction, constructionOf } from "./construction"
import type { JobState } from "./job-state"
import { exposedPerimeter } from "./exposed-perimeter"
import { slabEdgeOf } from "./perimeter-insulation"
import type { SolvedDetails } from "./solved-details"
import { type Surface, surfacesOf } from "./surface"
import { type SurfaceGeometry, surfaceGeometry } from "./surface-geometry"
import { type SlabSurroundings, type SurfaceTransmittance, surfaceTransmittance } from "./surface-transmittance"

/** What a surface and its build-up are and do, before any weather: each part is of the file that makes it. */
export interface SurfaceFigures extends Surface, SurfaceGeometry, Construction, SurfaceTransmittance {
  name: string
  /** H_iu: conductance from the inside into the space beyond, by way of this surface and all others against it, W/K; 0 without one. */
  transferFromInside: number
  /** Share of the sun that its outdoor face takes up. */
  absorptance: number
}

/** Figures of all surfaces; an unheated space beyond some of them is as warm as they together make it. */
export function surfacesFigures(state: JobState, wallThickness: number, solved: SolvedDetails): SurfaceFigures[] {
  const { brief, shell, variant, materials } = state
  const surfaces = surfacesOf(shell, variant)
  const slab = slabOf(shell, surfaces, wallThickness, conditionsOf(brief, shell))
  const slabEdge = slabEdgeOf(state, surfaces)
  const built = surfaces.map((surface): BuiltSurface => {
    const construction = constructionOf(surface, state)
    const geometry = surfaceGeometry(surface, shell)
    const transmittance = surfaceTransmittance(surface, construction, geometry.area, slab, slabEdge, materials, solved)
    return { surface, geometry, construction, transmittance }
  })
  return built.map(({ surface, geometry, construction, transmittance }) => {
    // Laid together so, dozens of fields take half the time that spreading takes.
    const figures = Object.assign({}, surface, geometry, construction)
    return Object.assign(figures, transmittance, {
      name: surfaceName(surface, faceName(surface.face.id, brief.kind, shell.form.kind)),
      transferFromInside: transferInto(construction.adjacent, built),
      absorptance: variant.assemblies[surface.assembly]!.absorptance ?? construction.layers[0]!.material.face.absorptance,
    })
  })
}

/** What a surface is called: a zone after its face. */
const surfaceName = ({ zone }: Surface, face: string): string => (zone === null ? face : `${face}: ${zone}`)

/** All of the floor that lies on the ground, as one slab: what each part of it passes follows from the whole. @see ISO 13370:2017, 7.1 */
function slabOf(
  shell: Shell,
  surfaces: readonly Surface[],
  wallThickness: number,
  { winter, summer, annualMean }: Conditions,
): SlabSurroundings {
  const onGround = surfaces.filter((surface) => adjacentTo(shell, surface).kind === "ground")
  const area = sum(onGround.map((surface) => surfaceGeometry(surface, shell).area))
  const cold = (winter.inside.temperature + summer.inside.temperature) / 2 < annualMean
  return { area, perimeter: exposedPerimeter(shell), wallThickness, direction: cold ? "up" : "down" }
}

/** The parts of a surface's figures, each of its own file. */
interface BuiltSurface {
  surface: Surface
  geometry: SurfaceGeometry
  construction: Construction
  transmittance: SurfaceTransmittance
}

/** The floor of an enclosure: where it has several surfaces, the first. */
export const floorOf = <S extends Surface>(surfaces: readonly S[]): S => surfaces.find(({ face }) => face.part === "floor")!

/** Conductance of all surfaces and openings that stand against one unheated space, W/K. */
function transferInto(adjacent: Adjacent, surfaces: readonly BuiltSurface[]): number {
  if (adjacent.kind !== "space") return 0
  const beside = surfaces.filter(({ construction }) => sameAir(construction.adjacent, adjacent))
  return sum(
    beside.map(
      ({ geometry: { netArea, closures }, transmittance: { transmittance } }) =>
        netArea * transmittance + sum(closures.map(({ area, uValue }) => area * uValue)),
    ),
  )
}

/** How the sun warms the space beyond a surface: K for each W/m² on a plane that looks so, degrees; null where none comes in. */
export interface SpaceSun {
  tilt: number
  azimuth: number
  warmth: number
}

/** Glass of a space slants as a windscreen does, or lies level over a ceiling. */
const SLANT = 60

/** The sun in the unheated space beyond a surface, which warms it by what its glass lets in over all that it loses. */
export function spaceSun({
  adjacent,
  transferFromInside,
  face,
}: Pick<SurfaceFigures, "adjacent" | "transferFromInside" | "face">): SpaceSun | null {
  if (adjacent.kind !== "space" || adjacent.space.kind !== "unheated" || adjacent.space.glass === 0 || face.tilt > 90) return null
  const { glass, conductance } = adjacent.space
  return { tilt: face.tilt === 90 ? SLANT : face.tilt, azimuth: face.azimuth, warmth: glass / (transferFromInside + conductance) }
}

/**
 * Temperature beyond a surface when it is so warm outdoors.
 * @returns °C
 */
export function temperatureBeyond(
  { adjacent, transferFromInside }: Pick<SurfaceFigures, "adjacent" | "transferFromInside">,
  season: Season,
  inside: number,
  outdoors: number,
): number {
  return adjacentTemperature(adjacent, season, transferFromInside, inside, outdoors)
}
