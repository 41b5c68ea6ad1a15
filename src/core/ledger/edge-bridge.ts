import type { Shell } from "../../schema/job/shell"
import { cornerDetail } from "../conduction/corner-detail"
import type { Films } from "../conduction/detail"
import { plainTransmittance, type Sheets, sheetsOf } from "../conduction/member-detail"
import { sillDetail } from "../conduction/sill-detail"
import { slabEdgeDetail } from "../conduction/slab-edge-detail"
import { sum } from "../numeric/sum"
import { sameAir } from "../heat/beyond"
import { edgesOf } from "../shell/edges"
import type { FaceFigures } from "./face-figures"
import type { LineBridge } from "./line-bridge"
import { hasThreshold } from "./reveal-bridge"
import { type Bridge, bridgeAt, type Solutions } from "./solutions"

/**
 * The edges of a shell, each with the ψ that its two faces' measures over all leave to it; between two airs it is drawn in the first.
 * Edges that are nearly flat are not among them.
 */
export function edgeBridges(shell: Shell, faces: readonly FaceFigures[], solutions: Solutions): LineBridge[] {
  return edgesOf(shell).flatMap((edge): LineBridge[] => {
    const [a, b] = edge.faces.map((id) => faces.find((figures) => figures.id === id)!) as [FaceFigures, FaceFigures]
    if (edge.angle > 175 || edge.length === 0) return []
    const place = edge.faces.join(" ")
    const length = edge.length - thresholdsOn(a, b)
    const common = { kind: "edge", name: `${a.name} to ${b.name.toLowerCase()}`, length, between: edge.faces, opening: null } as const
    const line = (bridge: Bridge, face: FaceFigures, other: FaceFigures, share: number): LineBridge => {
      const linear = Math.max(bridge.linear * share, -most(a, b, edge.length))
      return { ...common, ...bridge, face, other, share, linear, conductance: linear * length }
    }
    if (a.ground || b.ground) {
      const [floor, wall] = a.ground ? [a, b] : [b, a]
      return onSlab(floor, wall, solutions, place).map((bridge) => line(bridge, wall, wall, 1))
    }
    const films = a.lineFilms
    const [first, second] = [sheetsOf(a.driven, films.direction), sheetsOf(b.driven, films.direction)]
    const simple = overlap(first, films) + overlap(second, films)
    if (onFrame(shell, a, b) && a.beyond.kind === "outdoors") {
      const [floor, wall] = a.id === "floor" ? [first, second] : [second, first]
      return [line(bridgeAt(place, sillDetail(floor, wall, films, shell.chassis!), simple, solutions), a, b, 1)]
    }
    const square = bridgeAt(place, cornerDetail(first, second, films), simple, solutions)
    // The two measures over all overlap by the thickness times cot(α/2); drawn is the square corner, where that is 1.
    return [line(square, a, b, 1 / Math.tan((edge.angle * Math.PI) / 360))]
  })
}

/**
 * The most that an edge may take off, W/(m·K): a fifth of what each of its faces passes, since no face has more than five edges. Only in
 * wedges and crates whose linings nearly meet is it reached; there the thickness overlaps no further.
 */
const most = (a: FaceFigures, b: FaceFigures, length: number): number =>
  sum([a, b].map(({ transmittance, netArea }) => transmittance * netArea)) / 5 / length

/** Whether an edge is the foot of a wall on a frame whose steel is described. */
const onFrame = ({ floor, chassis }: Shell, a: FaceFigures, b: FaceFigures): boolean =>
  floor === "frame" && chassis !== null && (a.id === "floor" || b.id === "floor") && sameAir(a.beyond, b.beyond)

/** What of an edge at the floor lies under doors, whose thresholds are details of their own, m. */
function thresholdsOn(a: FaceFigures, b: FaceFigures): number {
  if (a.id !== "floor" && b.id !== "floor") return 0
  const [floor, wall] = a.id === "floor" ? [a, b] : [b, a]
  return sum(wall.openings.map(({ opening }) => (hasThreshold(opening, wall, floor) ? opening.width : 0)))
}

/**
 * What one arm of a square corner counts too much, measured over all, before it is solved: two even walls of conductivity λ pass
 * 2 − (1 − 2/π·ln 2) squares less than their measures over all say, half of it each.
 */
const overlap = (sheets: Sheets, films: Films): number =>
  -((1 + (2 / Math.PI) * Math.log(2)) / 2) * sheets.height * plainTransmittance(sheets, films)

function onSlab(floor: FaceFigures, wall: FaceFigures, solutions: Solutions, place: string): Bridge[] {
  if (wall.beyond.kind !== "outdoors" || wall.face.tilt !== 90) return []
  const detail = slabEdgeDetail(sheetsOf(floor.driven, "down"), sheetsOf(wall.driven, "horizontal"), floor.ground!)
  return [bridgeAt(place, detail, 0, solutions)]
}
