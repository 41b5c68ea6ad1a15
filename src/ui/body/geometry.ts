import { BufferAttribute, BufferGeometry, EdgesGeometry } from "three"
import { LineSegmentsGeometry } from "three/examples/jsm/lines/LineSegmentsGeometry.js"
import type { SpacePoint } from "../../core/shell/body"

/** Our z is up, the drawing's y is: the front stays to the right, the left side goes away. */
const drawn = ([x, y, z]: SpacePoint): [number, number, number] => [x, z, -y]

/** Hatching repeats so many times in a metre. */
export const TILES_PER_METRE = 9

/** Flat convex pieces as triangles; hatching runs along their own planes. */
export function piecesGeometry(pieces: readonly (readonly SpacePoint[])[]): BufferGeometry {
  const places: number[] = []
  const hatch: number[] = []
  for (const piece of pieces)
    for (let i = 2; i < piece.length; i++)
      for (const corner of [piece[0]!, piece[i - 1]!, piece[i]!]) {
        places.push(...drawn(corner))
        hatch.push(...onPlane(piece, corner).map((length) => length * TILES_PER_METRE))
      }
  const geometry = new BufferGeometry()
  geometry.setAttribute("position", new BufferAttribute(new Float32Array(places), 3))
  geometry.setAttribute("uv", new BufferAttribute(new Float32Array(hatch), 2))
  return geometry
}

/** A corner in the piece's own plane: along its first edge, and square to it; m. */
function onPlane(piece: readonly SpacePoint[], corner: SpacePoint): [number, number] {
  const [origin, next] = [piece[0]!, piece[1]!]
  const edge = [next[0] - origin[0], next[1] - origin[1], next[2] - origin[2]] as const
  const long = Math.hypot(...edge) || 1
  const way = [corner[0] - origin[0], corner[1] - origin[1], corner[2] - origin[2]] as const
  const along = (way[0] * edge[0] + way[1] * edge[1] + way[2] * edge[2]) / long
  return [along, Math.sqrt(Math.max(0, way[0] ** 2 + way[1] ** 2 + way[2] ** 2 - along ** 2))]
}

/** Edges of a shape as lines that can be drawn thick; those between the chords of a round face are none. */
export function edgesOf(geometry: BufferGeometry): LineSegmentsGeometry {
  const edges = new EdgesGeometry(geometry, 25)
  const lines = new LineSegmentsGeometry().fromEdgesGeometry(edges)
  edges.dispose()
  return lines
}
