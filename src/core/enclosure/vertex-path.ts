import type { Form } from "../../schema/job/form"
import type { FaceId } from "../../schema/job/shell"
import { plainTransmittance, layerStack } from "../conduction/member-detail"
import { sameAir } from "./adjacent"
import { sum } from "../numeric/sum"
import { cornerBetween } from "../shell/edges"
import type { Point } from "../shell/face"
import { polygonCentre } from "../shell/polygon"
import { surfaceAt } from "./surface"
import type { SurfaceFigures } from "./surface-figures"
import type { HeatPath } from "./heat-path"
import { place } from "./place"
import type { LineBridge } from "./line-bridge"

/**
 * Where three square edges meet, the edges' own measures overlap: with walls of thickness t the flow is 3 − 3·(1 − 2/π·ln 2) + 0.15 times
 * λ·t more than faces and edges by measures over all say.
 * @see Incropera et al., Fundamentals of Heat and Mass Transfer, table 4.1 (corner of three walls, S = 0.15·t)
 */
const CORNER_SHAPE = 3 - 3 * (1 - (2 / Math.PI) * Math.log(2)) + 0.15

/** The corners of an enclosure where three faces against one air meet, as one path for each such air. */
export function vertexPaths(edges: readonly LineBridge[], all: readonly SurfaceFigures[], form: Form): HeatPath[] {
  const byAir = new Map<SurfaceFigures, number[]>()
  const shapes = new Map<SurfaceFigures, number>()
  const shapeOf = (surface: SurfaceFigures) => {
    const known = shapes.get(surface) ?? conductivityByThickness(surface)
    shapes.set(surface, known)
    return known
  }
  for (const { surfaces, joined } of vertices(edges, all, form)) {
    const [a] = surfaces
    if (surfaces.some((one) => one.ground || !sameAir(one.adjacent, a!.adjacent))) continue
    const known = [...byAir.keys()].find((face) => sameAir(face.adjacent, a!.adjacent)) ?? a!
    const angles = joined.reduce((product, { angleFactor }) => product * angleFactor, 1)
    byAir.set(known, [...(byAir.get(known) ?? []), (CORNER_SHAPE * sum(surfaces.map(shapeOf)) * angles) / 3])
  }
  return [...byAir].map(([face, conductances]) => ({
    place: place.corners(face.id),
    name: "Corners where three faces meet",
    face,
    other: face,
    conductance: sum(conductances),
  }))
}

/** λ·t of a face as an even stuff: U·t². */
function conductivityByThickness(face: SurfaceFigures): number {
  const films = face.lineFilms
  const sheets = layerStack(face.governing, films.direction)
  return plainTransmittance(sheets, films) * sheets.height ** 2
}

/** Three surfaces that meet, and the edges between each two of them. */
interface Vertex {
  surfaces: readonly SurfaceFigures[]
  joined: readonly LineBridge[]
}

/** Each three faces whose edges meet in a corner, with the surfaces that lie there. */
function vertices(edges: readonly LineBridge[], surfaces: readonly SurfaceFigures[], form: Form): Vertex[] {
  const faces = [...new Set(edges.flatMap(({ between }) => between?.map(({ face }) => face.id) ?? []))]
  const joining = (...pair: FaceId[]) =>
    edges.filter(({ between }) => between && pair.every((id) => between.some(({ face }) => face.id === id)))
  const inCorner = (id: FaceId, b: FaceId, c: FaceId) => {
    const { face } = surfaces.find((one) => one.face.id === id)!
    const corner = cornerBetween(face, b, c, form)
    return surfaceAt(surfaces, id, corner ? inward(corner, polygonCentre(face.outline)) : polygonCentre(face.outline))
  }
  return faces.flatMap((a, i) =>
    faces.slice(i + 1).flatMap((b, j) =>
      faces.slice(i + j + 2).flatMap((c): Vertex[] => {
        const sides = [joining(a, b), joining(b, c), joining(c, a)]
        if (sides.some((lines) => lines.length === 0)) return []
        const met = [inCorner(a, b, c), inCorner(b, c, a), inCorner(c, a, b)]
        return [
          {
            surfaces: met,
            joined: sides.map((lines) => lines.find(({ between }) => between!.every((one) => met.includes(one))) ?? lines[0]!),
          },
        ]
      }),
    ),
  )
}

/** A point just within a face at one of its corners. */
const inward = ([x, y]: Point, [toX, toY]: Point): Point => [x + (toX - x) / 1000, y + (toY - y) / 1000]
