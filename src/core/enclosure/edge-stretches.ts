import type { Form } from "../../schema/job/form"
import type { FaceId, Shell } from "../../schema/job/shell"
import { memoised } from "../memoised"
import { sum } from "../numeric/sum"
import { type Edge, edgeAlong, edgesOf } from "../shell/edges"
import type { Point } from "../shell/face"
import { type Span, spansAlong } from "../shell/zones"
import { partsOfFaces, type SurfacePart } from "./surface"

/** So much of an edge as lies between the same two surfaces. */
export interface EdgeStretch {
  edge: Edge
  /** In the order of the edge's faces. */
  surfaces: readonly [SurfacePart, SurfacePart]
  /** Shares of the edge's length, the first face on the left. */
  span: Span
  /** m */
  length: number
}

/** The edges of a shell, parted where surfaces change along them; a face without zones has each edge in one piece. */
export const edgeStretches = ({ form, azimuth, zones, boxes }: Shell): EdgeStretch[] => stretched(form, azimuth, zones, boxes)

const stretched = memoised((form: Form, azimuth: number, zones: Shell["zones"], boxes: Shell["boxes"]): EdgeStretch[] => {
  const surfaces = partsOfFaces({ form, azimuth, zones, boxes })
  return edgesOf({ form }).flatMap((edge) => {
    const [a, b] = edge.faces.map((face) => alongEdge(face, edge, form, surfaces))
    return a!.flatMap(({ surface, span: [from, to] }) =>
      b!.flatMap(({ surface: other, span: [start, end] }) => {
        // The other face is on the other side of it, which is seen from the other end.
        const span: Span = [Math.max(from, 1 - end), Math.min(to, 1 - start)]
        const share = span[1] - span[0]
        return share > LEAST
          ? [{ edge, surfaces: [surface, other] as const, span, length: share === 1 ? edge.length : share * edge.length }]
          : []
      }),
    )
  })
})

/** Smallest share of an edge that counts. */
const LEAST = 1e-6

/** The surfaces along an edge on one of its faces, by shares of its length with the face on the left. */
function alongEdge(id: FaceId, { faces }: Edge, form: Form, surfaces: readonly SurfacePart[]): { surface: SurfacePart; span: Span }[] {
  const own = surfaces.filter(({ face }) => face.id === id)
  if (own.length === 1) return [{ surface: own[0]!, span: [0, 1] }]
  const run = edgeAlong(own[0]!.face, faces[0] === id ? faces[1] : faces[0], form)
  const sides = run.slice(1).map((to, i) => [run[i]!, to] as const)
  const lengths = sides.map(([from, to]) => distance(from, to))
  const whole = sum(lengths)
  // A ridge of no length is nobody's.
  if (whole === 0) return [{ surface: own[0]!, span: [0, 1] }]
  return own.flatMap((surface) =>
    sides.flatMap(([from, to], i) => {
      const before = sum(lengths.slice(0, i))
      return spansAlong(surface.region, from, to).map((span) => ({
        surface,
        span: [(before + span[0] * lengths[i]!) / whole, (before + span[1] * lengths[i]!) / whole] as const,
      }))
    }),
  )
}

const distance = (a: Point, b: Point) => Math.hypot(b[0] - a[0], b[1] - a[1])
