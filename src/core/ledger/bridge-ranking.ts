import type { MemberSet } from "../../schema/job/build-up"
import { memberSets } from "../assembly/build-up"
import type { Detail } from "../conduction/detail"
import type { Conditions } from "../heat/conditions"
import type { Edge } from "../shell/edges"
import { type ColdSurface, coldSurface, drivingAirs } from "./cold-surface"
import type { FaceFigures } from "./face-figures"
import type { HeatPath } from "./heat-path"
import type { Ledger } from "./ledger"
import type { LineBridge } from "./line-bridge"
import { memberDetailOf } from "./member-bridge"
import type { PointBridge } from "./point-bridge"
import type { Bridge, Solutions } from "./solutions"

/** A bridge of a job by what it costs. */
export interface RankedBridge {
  /** Names it in the job. */
  place: string
  name: string
  face: FaceFigures
  /** The set whose members it is, null for a single line or point. */
  set: { id: string; set: MemberSet } | null
  /** The faces of an edge, or the opening of a reveal. */
  between: Edge["faces"] | null
  opening: string | null
  /** What is solved, for its picture; null for a point. */
  detail: Detail | null
  point: PointBridge | null
  /** m of member or of line, or how many points */
  extent: number
  /** ψ, W/(m·K), or of a point χ, W/K */
  specific: number
  /** How that was got. `pending`: it is being solved. */
  method: "two-dimensional" | "combined" | "fins" | "pending"
  /** W in the season that drives most heat through it, out of the warm side; negative where the measures over all count too much. */
  watts: number
  /** Null until it is solved. */
  surface: ColdSurface | null
}

/** All members, single lines and points of a job, the dearest first. */
export function rankedBridges(ledger: Ledger): RankedBridge[] {
  return [
    ...ledger.faces.flatMap((face) => rankedMembers(face, ledger)),
    ...ledger.lines.map((line) => rankedLine(line, ledger)),
    ...ledger.points.map((point) => rankedPoint(point, ledger)),
  ].sort((a, b) => b.watts - a.watts)
}

/** What a bridge has none of unless it says so. */
const NEITHER = { set: null, between: null, opening: null, detail: null, point: null } as const

function rankedMembers(face: FaceFigures, { conditions, solutions }: Ledger): RankedBridge[] {
  const { inside, beyond } = drivingAirs(face, conditions)
  const difference = Math.abs(inside.temperature - beyond.temperature)
  return memberSets(face.driven).flatMap(([id, set]): RankedBridge[] => {
    const { fraction } = face.driven.find(({ layer }) => layer.between === id)!
    const extent = (fraction * face.netArea) / set.width
    const counted = face.bridges.find((bridge) => bridge.id === id)
    // Where the combined method holds, what was calculated on demand tells the surface.
    const found = counted ? { ...counted, method: methodOf(counted) } : combinedAt(face, id, conditions, solutions)
    if (!found) return []
    const { detail, linear, solved, method } = found
    const surface = solved ? coldSurface(face, solved, conditions) : null
    const known = { place: `${face.id} ${id}`, name: set.name, face, set: { id, set }, detail, extent, specific: linear, method }
    return [{ ...NEITHER, ...known, watts: linear * extent * difference, surface }]
  })
}

function combinedAt(face: FaceFigures, set: string, conditions: Conditions, solutions: Solutions) {
  const found = memberDetailOf(face.driven, set, face.standing, conditions)
  return found && { detail: found.detail, linear: found.estimate, solved: solutions.of(found.detail) ?? null, method: "combined" as const }
}

function rankedLine(line: LineBridge, { conditions }: Ledger): RankedBridge {
  const { face, solved, place, name, between, opening, detail, length, linear } = line
  const surface = solved ? coldSurface(face, solved, conditions) : null
  const known = { place, name, face, between, opening, detail, extent: length, specific: linear, method: methodOf(line), surface }
  return { ...NEITHER, ...known, watts: wattsOf(line, conditions) }
}

function rankedPoint(point: PointBridge, { conditions }: Ledger): RankedBridge {
  const { face, place, name, penetration } = point
  const surface = coldSurface(face, point, conditions)
  const known = { place, name, face, point, extent: penetration.count, specific: point.point, method: "fins" as const, surface }
  return { ...NEITHER, ...known, watts: wattsOf(point, conditions) }
}

function wattsOf({ face, conductance }: HeatPath, conditions: Conditions): number {
  const { inside, beyond } = drivingAirs(face, conditions)
  return conductance * Math.abs(inside.temperature - beyond.temperature)
}

const methodOf = ({ solved }: Bridge): RankedBridge["method"] => (solved ? "two-dimensional" : "pending")
