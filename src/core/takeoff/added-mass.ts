import type { Shell } from "../../schema/job/shell"
import type { SurfaceFigures } from "../enclosure/surface-figures"
import { sum } from "../numeric/sum"
import { clipConvex, rectangleCorners } from "../shell/polygon"
import { boxInSpace, foldedUp, type SpacePoint } from "../shell/body"
import { massOfLayers } from "./content"

/** What is added to a face, and where its middle lies in space. */
export interface FaceMass {
  face: SurfaceFigures["id"]
  name: string
  /** kg */
  mass: number
  /** m from the back, from the right wall and from the floor line */
  middle: SpacePoint
}

/** What is added to each face; its middle is that of the face without its zones, or of the zone: openings are not taken out of it. */
export const faceMasses = ({ form, boxes }: Pick<Shell, "form" | "boxes">, surfaces: readonly SurfaceFigures[]): FaceMass[] =>
  surfaces.map(({ id, name, face, region, box, layers, netArea }) => ({
    ...{ face: id, name, mass: massOfLayers(layers) * netArea },
    middle:
      box === null
        ? middleOf(
            foldedUp(form, face, region.outline),
            region.over.flatMap((zone) => foldedUp(form, face, clipConvex(rectangleCorners(zone), region.outline))),
          )
        : middleOf(boxInSpace(boxes[box]!, form)),
  }))

/** The centre of what is added to all faces; null where nothing is. */
export function centreOfMass(faces: readonly FaceMass[]): { mass: number; at: SpacePoint } | null {
  const mass = sum(faces.map((face) => face.mass))
  if (mass <= 0) return null
  const mean = (axis: 0 | 1 | 2) => sum(faces.map((face) => face.mass * face.middle[axis])) / mass
  return { mass, at: [mean(0), mean(1), mean(2)] }
}

/** What two axles carry of a mass, kg, by the lever. @param x of its centre, m, as the axles are told; `rear` and `front` apart from each other */
export function axleLoads(mass: number, x: number, { rear, front }: { rear: number; front: number }): { rear: number; front: number } {
  const share = (x - rear) / (front - rear)
  return { rear: mass * (1 - share), front: mass * share }
}

/** Middle of flat pieces by their areas, without others that lie on them; of those alone where nothing is left. */
function middleOf(pieces: readonly (readonly SpacePoint[])[], without: readonly (readonly SpacePoint[])[] = []): SpacePoint {
  const trianglesOf = (some: typeof pieces) =>
    some.flatMap((piece) => piece.slice(1, -1).map((corner, i) => [piece[0]!, corner, piece[i + 2]!] as const))
  const [plus, less] = [trianglesOf(pieces), trianglesOf(without)]
  const triangles = [...plus, ...less]
  const areas = triangles.map(([a, b, c], i) => (i < plus.length ? 1 : -1) * areaOf(a, b, c))
  const whole = sum(areas)
  if (whole <= 1e-6 && without.length > 0) return middleOf(pieces)
  const mean = (axis: 0 | 1 | 2) => sum(triangles.map(([a, b, c], i) => (areas[i]! * (a[axis] + b[axis] + c[axis])) / 3)) / whole
  return [mean(0), mean(1), mean(2)]
}

function areaOf(a: SpacePoint, b: SpacePoint, c: SpacePoint): number {
  const [u, v] = [b, c].map((corner) => corner.map((value, axis) => value - a[axis]!)) as [number[], number[]]
  return Math.hypot(u[1]! * v[2]! - u[2]! * v[1]!, u[2]! * v[0]! - u[0]! * v[2]!, u[0]! * v[1]! - u[1]! * v[0]!) / 2
}
