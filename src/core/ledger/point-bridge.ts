import type { Penetration } from "../../schema/job/shell"
import type { BuiltLayer } from "../assembly/build-up"
import { barOf, barThrough, type PointFigures, type Spreader } from "../conduction/penetration"
import { type Materials, materialOf } from "../material/catalogue"
import { sum } from "../numeric/sum"
import type { FaceFigures } from "./face-figures"
import type { HeatPath } from "./heat-path"
import type { JobState } from "./state"

/** Soil below a slab, W/(m·K). @see ISO 13370:2017, table 1 (sand or gravel) */
const SOIL = 2

/** What runs through a face, as a point of the enclosure that passes heat beside it. */
export interface PointBridge extends HeatPath, PointFigures {
  kind: "point"
  id: string
  penetration: Penetration
}

/** Beams, pipes, cables and fixings through faces, each with its χ. */
export function pointBridges(
  { shell: { penetrations }, variant: { breaks } }: JobState,
  faces: readonly FaceFigures[],
  materials: Materials,
): PointBridge[] {
  return Object.entries(penetrations).map(([id, penetration]): PointBridge => {
    const face = faces.find((figures) => figures.id === penetration.face)!
    const figures = barThrough(
      barOf(penetration, materialOf(penetration.material, materials).conductivity.declared, breaks.penetrations[id] ?? 0),
      sum(face.driven.map(({ layer }) => layer.thickness)),
      face.winter.uValue,
      face.lineFilms,
      { inner: spreader(face.driven.at(-1)!), outer: spreader(face.driven[0]!) },
      face.ground ? SOIL : null,
    )
    const { name, count } = penetration
    const conductance = figures.point * count
    return { kind: "point", place: `point ${id}`, id, name, face, other: face, conductance, penetration, ...figures }
  })
}

const spreader = ({ layer, material, conductivity }: BuiltLayer): Spreader | null =>
  material.class === "air" || layer.between !== null ? null : { conductivity, thickness: layer.thickness }
