import type { FaceId } from "../../schema/job/shell"
import { plainTransmittance, layerStack } from "../conduction/member-detail"
import { sameAir } from "./adjacent"
import { sum } from "../numeric/sum"
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
export function vertexPaths(edges: readonly LineBridge[]): HeatPath[] {
  const byAir = new Map<SurfaceFigures, number[]>()
  const joined = (a: FaceId, b: FaceId) => edges.find(({ between }) => between?.includes(a) && between.includes(b))
  const shapes = new Map<SurfaceFigures, number>()
  const faces = [...new Map(edges.flatMap(({ face, other }) => [face, other]).map((face) => [face.id, face] as const)).values()]
  for (const face of faces) shapes.set(face, conductivityByThickness(face))
  faces.forEach((a, i) =>
    faces.slice(i + 1).forEach((b, j) =>
      faces.slice(i + j + 2).forEach((c) => {
        const [ab, bc, ca] = [joined(a.id, b.id), joined(b.id, c.id), joined(c.id, a.id)]
        if (!ab || !bc || !ca || a.ground || !sameAir(a.adjacent, b.adjacent) || !sameAir(a.adjacent, c.adjacent)) return
        const known = [...byAir.keys()].find((face) => sameAir(face.adjacent, a.adjacent)) ?? a
        byAir.set(known, [
          ...(byAir.get(known) ?? []),
          (CORNER_SHAPE * sum([a, b, c].map((face) => shapes.get(face)!)) * ab.angleFactor * bc.angleFactor * ca.angleFactor) / 3,
        ])
      }),
    ),
  )
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
