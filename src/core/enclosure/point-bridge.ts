import type { Penetration } from "../../schema/job/shell"
import type { BuiltLayer } from "../assembly/build-up"
import { barOf, barThrough, type PointFigures, type Spreader } from "../conduction/penetration"
import { SOIL_CONDUCTIVITY } from "../ground/slab"
import { type Materials, materialOf } from "../material/catalogue"
import { sum } from "../numeric/sum"
import type { SurfaceFigures } from "./surface-figures"
import type { HeatPath } from "./heat-path"
import type { JobState } from "./job-state"
import { place } from "./place"
import { surfaceAt } from "./surface"

/** What runs through a face, as a point of the enclosure that passes heat beside it. */
export interface PointBridge extends HeatPath, PointFigures {
  kind: "point"
  id: string
  penetration: Penetration
}

/** Beams, pipes, cables and fixings through faces, each with its χ. */
export function pointBridges(
  { shell: { penetrations }, variant: { breaks } }: JobState,
  surfaces: readonly SurfaceFigures[],
  materials: Materials,
): PointBridge[] {
  return Object.entries(penetrations).map(([id, penetration]): PointBridge => {
    const surface = surfaceAt(surfaces, penetration.face, [penetration.x, penetration.y])
    const figures = barThrough(
      barOf(penetration, materialOf(penetration.material, materials).conductivity.declared, breaks.penetrations[id] ?? 0),
      sum(surface.governing.map(({ layer }) => layer.thickness)),
      surface.winter.uValue,
      surface.lineFilms,
      { inner: spreader(surface.governing.at(-1)!), outer: spreader(surface.governing[0]!) },
      surface.ground ? SOIL_CONDUCTIVITY : null,
    )
    const { name, count } = penetration
    const conductance = figures.pointTransmittance * count
    return { kind: "point", place: place.point(id), id, name, face: surface, other: surface, conductance, penetration, ...figures }
  })
}

const spreader = ({ layer, material, conductivity, members }: BuiltLayer): Spreader | null =>
  material.class === "air" || members.length > 0 ? null : { conductivity, thickness: layer.thickness }
