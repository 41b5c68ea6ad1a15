import { faceName } from "../shell/face-name"
import { sum } from "../numeric/sum"
import type { Season } from "../../schema/quantity"
import { type Adjacent, adjacentTemperature } from "./adjacent"
import { type Construction, constructionOf } from "./construction"
import type { JobState } from "./job-state"
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
export function surfacesFigures(state: JobState, slab: SlabSurroundings, solved: SolvedDetails): SurfaceFigures[] {
  const built = surfacesOf(state.shell, state.variant).map((surface) => builtFigures(surface, state, slab, solved))
  return built.map((figures) => ({ ...figures, transferFromInside: transferInto(figures.adjacent, built) }))
}

type BuiltFigures = Omit<SurfaceFigures, "transferFromInside">

function builtFigures(surface: Surface, state: JobState, slab: SlabSurroundings, solved: SolvedDetails): BuiltFigures {
  const { brief, shell, variant, materials } = state
  const assembly = variant.assemblies[surface.assembly]!
  const construction = constructionOf(surface, state)
  return {
    ...surface,
    ...surfaceGeometry(surface.face, shell),
    ...construction,
    ...surfaceTransmittance(surface, construction, slab, assembly.edge, materials, solved),
    name: faceName(surface.face.id, brief.kind, shell.form.kind),
    absorptance: assembly.absorptance ?? construction.layers[0]!.material.face.absorptance,
  }
}

/** The floor of an enclosure: where it has several surfaces, the first. */
export const floorOf = <S extends Surface>(surfaces: readonly S[]): S => surfaces.find(({ face }) => face.part === "floor")!

/** Conductance of all surfaces and openings that stand against one unheated space, W/K. */
function transferInto(adjacent: Adjacent, surfaces: readonly BuiltFigures[]): number {
  if (adjacent.kind !== "space") return 0
  const beside = surfaces.filter((figures) => figures.adjacent.kind === "space" && figures.adjacent.id === adjacent.id)
  return sum(
    beside.map(({ netArea, transmittance, closures }) => netArea * transmittance + sum(closures.map(({ area, uValue }) => area * uValue))),
  )
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
