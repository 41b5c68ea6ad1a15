import { inSentence } from "../in-sentence"
import type { Shell } from "../../schema/job/shell"
import { cornerDetail } from "../conduction/corner-detail"
import type { Films } from "../assembly/surface-resistance"
import { plainTransmittance, type LayerStack, layerStack } from "../conduction/member-detail"
import { sillDetail } from "../conduction/sill-detail"
import { slabEdgeDetail } from "../conduction/slab-edge-detail"
import { sum } from "../numeric/sum"
import { sameAir } from "./adjacent"
import { overFloorLine } from "./linings"
import { type Place, place } from "./place"
import { type Edge, sideOf } from "../shell/edges"
import type { Point } from "../shell/face"
import type { Span } from "../shell/zones"
import { edgeStretches } from "./edge-stretches"
import type { SurfaceFigures } from "./surface-figures"
import type { LineBridge, Run } from "./line-bridge"
import { hasThreshold } from "./reveal-bridge"
import { type Bridge, bridgeAt, type SolvedDetails } from "./solved-details"

/**
 * The edges of a shell, each with the ψ that its two faces' measures over all leave to it; between two airs it is drawn in the first. Where
 * zones end at an edge it is of several pieces, those between the same two surfaces as one. Edges that are nearly flat are not among them.
 */
export function edgeBridges(shell: Shell, surfaces: readonly SurfaceFigures[], solved: SolvedDetails): LineBridge[] {
  return edgesBetween(shell, surfaces).flatMap(({ edge, between: [a, b], length: whole, spans }): LineBridge[] => {
    if (edge.angle > 175 || edge.length === 0) return []
    const at = place.edge([a.id, b.id])
    const length = Math.max(0, whole - thresholdsOn(a, b, surfaces, spans))
    const common = {
      kind: "edge",
      name: `${a.name} to ${inSentence(b.name)}`,
      length,
      between: [a, b],
      opening: null,
      runs: runsOf(edge, spans, a, b, shell.form.kind === "hip"),
    } as const
    const line = (bridge: Bridge, face: SurfaceFigures, other: SurfaceFigures, angleFactor: number): LineBridge => {
      const linear = Math.max(bridge.linearTransmittance * angleFactor, -most(a, b, whole))
      return Object.assign({}, common, bridge, { face, other, angleFactor, linearTransmittance: linear, conductance: linear * length })
    }
    if (a.ground || b.ground) {
      const [floor, wall] = a.ground ? [a, b] : [b, a]
      return onSlab(floor, wall, solved, at).map((bridge) => line(bridge, wall, wall, 1))
    }
    const films = a.lineFilms
    const [first, second] = [layerStack(a.governing, films.direction), layerStack(b.governing, films.direction)]
    const simple = overlap(first, films) + overlap(second, films)
    if (onFrame(shell, a, b) && a.adjacent.kind === "outdoors") {
      const [floor, wall] = isFloor(a) ? [first, second] : [second, first]
      return [line(bridgeAt(at, sillDetail(floor, wall, films, shell.chassis!), simple, solved), a, b, 1)]
    }
    const square = bridgeAt(at, cornerDetail(first, second, films), simple, solved)
    // The two measures over all overlap by the thickness times cot(α/2); drawn is the square corner, where that is 1.
    return [line(square, a, b, 1 / Math.tan((edge.angle * Math.PI) / 360))]
  })
}

/** All stretches of an edge between the same two surfaces. */
interface EdgeBetween {
  edge: Edge
  between: readonly [SurfaceFigures, SurfaceFigures]
  spans: readonly Span[]
  length: number
}

function edgesBetween(shell: Shell, surfaces: readonly SurfaceFigures[]): EdgeBetween[] {
  const named = new Map(surfaces.map((surface) => [surface.id, surface]))
  const found = new Map<Place, EdgeBetween>()
  for (const { edge, surfaces: parts, span, length } of edgeStretches(shell)) {
    const between = parts.map(({ id }) => named.get(id)!) as [SurfaceFigures, SurfaceFigures]
    const at = place.edge([between[0].id, between[1].id])
    const known = found.get(at)
    found.set(at, { edge, between, spans: [...(known?.spans ?? []), span], length: (known?.length ?? 0) + length })
  }
  return [...found.values()]
}

/** Where an edge lies on that of its two faces on which it is straight. */
function runsOf({ faces }: Edge, spans: readonly Span[], a: SurfaceFigures, b: SurfaceFigures, hip: boolean): Run[] {
  const { face, side } = sideOf(faces, [a.face, b.face], hip)
  const [first, on] = face === a.face.id ? [true, a] : [false, b]
  const [from, to] = [on.face.outline[side]!, on.face.outline[(side + 1) % on.face.outline.length]!]
  const at = (share: number): Point => [from[0] + share * (to[0] - from[0]), from[1] + share * (to[1] - from[1])]
  return spans.map(([start, end]) => ({ on: on.id, from: at(first ? start : 1 - end), to: at(first ? end : 1 - start) }))
}

const isFloor = ({ face }: SurfaceFigures): boolean => face.part === "floor"

/**
 * The most that an edge may take off, W/(m·K): a fifth of what each of its faces passes, since no face has more than five edges. Only in
 * wedges and crates whose linings nearly meet is it reached; there the thickness overlaps no further.
 */
const most = (a: SurfaceFigures, b: SurfaceFigures, length: number): number =>
  sum([a, b].map(({ transmittance, netArea }) => transmittance * netArea)) / 5 / length

/** Whether an edge is the foot of a wall on a frame whose steel is described. */
const onFrame = ({ floor, chassis }: Shell, a: SurfaceFigures, b: SurfaceFigures): boolean =>
  floor === "frame" && chassis !== null && (isFloor(a) || isFloor(b)) && sameAir(a.adjacent, b.adjacent)

/** What of an edge at the floor lies under doors, whose thresholds are details of their own, m. */
function thresholdsOn(a: SurfaceFigures, b: SurfaceFigures, surfaces: readonly SurfaceFigures[], spans: readonly Span[]): number {
  if (!isFloor(a) && !isFloor(b)) return 0
  const [floor, wall] = isFloor(a) ? [a, b] : [b, a]
  const [[left], [right]] = wall.face.outline as [Point, Point]
  // Along the foot of a wall, which has the wall on its left; of an edge that the floor comes first in it is the other way.
  const along = spans.map(([from, to]) => (isFloor(a) ? [1 - to, 1 - from] : [from, to]).map((share) => left + share * (right - left)))
  const doors = surfaces.flatMap((one) => (one.face.id === wall.face.id ? one.openings.map(({ opening }) => ({ opening, in: one })) : []))
  const stand = doors.filter(({ opening, in: one }) => hasThreshold(opening, one, floor))
  return sum(
    stand.map(({ opening: { x, width: wide } }) =>
      sum(along.map(([from, to]) => Math.max(0, Math.min(to!, x + wide) - Math.max(from!, x)))),
    ),
  )
}

/**
 * What one arm of a square corner counts too much, measured over all, before it is solved: two even walls of conductivity λ pass
 * 2 − (1 − 2/π·ln 2) squares less than their measures over all say, half of it each.
 */
const overlap = (sheets: LayerStack, films: Films): number =>
  -((1 + (2 / Math.PI) * Math.log(2)) / 2) * sheets.height * plainTransmittance(sheets, films)

function onSlab(floor: SurfaceFigures, wall: SurfaceFigures, solved: SolvedDetails, at: Place): Bridge[] {
  if (wall.adjacent.kind !== "outdoors" || wall.face.tilt !== 90) return []
  const [under, standing] = [layerStack(floor.governing, "down"), layerStack(wall.governing, "horizontal")]
  const detail = slabEdgeDetail(under, standing, floor.ground!, overFloorLine(floor.governing))
  return [bridgeAt(at, detail, 0, solved)]
}
