import type { Form } from "../../schema/job/form"
import type { FaceId, Shell } from "../../schema/job/shell"
import { plainTransmittance, layerStack } from "../conduction/member-detail"
import { sameAir } from "./adjacent"
import { sum } from "../numeric/sum"
import { memoised } from "../memoised"
import { cornerBetween, edgesOf } from "../shell/edges"
import type { Point } from "../shell/face"
import { polygonCentre } from "../shell/polygon"
import { partsOfFaces, type Surface, surfaceAt, type SurfaceId } from "./surface"
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
export function vertexPaths(shell: Shell, edges: readonly LineBridge[], surfaces: readonly SurfaceFigures[]): HeatPath[] {
  const named = new Map(surfaces.map((surface) => [surface.id, surface]))
  const joining = new Map(edges.flatMap((line) => (line.between ? [[pairOf(...line.between), line] as const] : [])))
  const byAir = new Map<SurfaceFigures, number[]>()
  for (const ids of verticesOf(shell)) {
    const [a, b, c] = ids.map((id) => named.get(id)!) as [SurfaceFigures, SurfaceFigures, SurfaceFigures]
    const joined = [joining.get(pairOf(a, b)), joining.get(pairOf(b, c)), joining.get(pairOf(c, a))]
    const [ab, bc, ca] = joined
    if (!ab || !bc || !ca || [a, b, c].some((one) => one.ground || !sameAir(one.adjacent, a.adjacent))) continue
    const known = [...byAir.keys()].find((face) => sameAir(face.adjacent, a.adjacent)) ?? a
    byAir.set(known, [
      ...(byAir.get(known) ?? []),
      (CORNER_SHAPE * sum([a, b, c].map((face) => conductivityByThickness(face))) * ab.angleFactor * bc.angleFactor * ca.angleFactor) / 3,
    ])
  }
  return [...byAir].map(([face, conductances]) => ({
    place: place.corners(face.id),
    name: "Corners where three faces meet",
    face,
    other: face,
    conductance: sum(conductances),
  }))
}

/** Names the edge between the faces of two surfaces: all its stretches turn by one angle. */
const pairOf = (a: Pick<Surface, "face">, b: Pick<Surface, "face">): string => [a.face.id, b.face.id].sort().join()

/** λ·t of a face as an even stuff: U·t². */
const conductivityByThickness = memoised((face: SurfaceFigures): number => {
  const films = face.lineFilms
  const sheets = layerStack(face.governing, films.direction)
  return plainTransmittance(sheets, films) * sheets.height ** 2
})

/** The surfaces in each corner where three faces meet. */
const verticesOf = ({ form, azimuth, zones, boxes }: Shell): SurfaceId[][] => met(form, azimuth, zones, boxes)

const met = memoised((form: Form, azimuth: number, zones: Shell["zones"], boxes: Shell["boxes"]): SurfaceId[][] => {
  const parts = partsOfFaces({ form, azimuth, zones, boxes })
  const edges = edgesOf({ form })
  const faces = [...new Set(edges.flatMap((edge) => edge.faces))]
  const meet = (a: FaceId, b: FaceId) => edges.some((edge) => edge.faces.includes(a) && edge.faces.includes(b))
  const inCorner = (id: FaceId, b: FaceId, c: FaceId) => {
    const own = parts.filter(({ face }) => face.id === id)
    if (own.length === 1) return own[0]!.id
    const { outline } = own[0]!.face
    const [centre, corner] = [polygonCentre(outline), cornerBetween({ id, outline }, b, c, form)]
    return surfaceAt(own, id, corner ? inward(corner, centre) : centre).id
  }
  return faces.flatMap((a, i) =>
    faces
      .slice(i + 1)
      .flatMap((b, j) =>
        faces
          .slice(i + j + 2)
          .flatMap((c) => (meet(a, b) && meet(b, c) && meet(c, a) ? [[inCorner(a, b, c), inCorner(b, c, a), inCorner(c, a, b)]] : [])),
      ),
  )
})

/** A point just within a face at one of its corners. */
const inward = ([x, y]: Point, [toX, toY]: Point): Point => [x + (toX - x) / 1000, y + (toY - y) / 1000]
