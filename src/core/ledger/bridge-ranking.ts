import { type BuiltMembers, membersOf } from "../assembly/build-up"
import type { Detail } from "../conduction/detail"
import type { Conditions } from "../enclosure/conditions"
import { type Place, place } from "../enclosure/place"
import { type ColdSurface, coldSurface, drivingAirs } from "../moisture/cold-surface"
import type { SurfaceFigures } from "../enclosure/surface-figures"
import type { HeatPath } from "../enclosure/heat-path"
import type { Ledger } from "./ledger"
import type { LineBridge } from "../enclosure/line-bridge"
import { memberDetailOf } from "../enclosure/member-bridge"
import type { PointBridge } from "../enclosure/point-bridge"
import type { Bridge, SolvedDetails } from "../enclosure/solved-details"

/** A bridge of a job by what it costs. */
export interface RankedBridge {
  /** Names it in the job. */
  place: Place
  name: string
  face: SurfaceFigures
  /** The set whose members it is, null for a single line or point. */
  set: BuiltMembers | null
  /** The surfaces of an edge, or the opening of a reveal. */
  between: LineBridge["between"]
  /** Where an edge or a border lies. */
  runs: LineBridge["runs"]
  opening: string | null
  /** What is solved, for its picture; null for a point. */
  detail: Detail | null
  point: PointBridge | null
  /** m of member or of line, or how many points */
  extent: number
  /** ψ, W/(m·K), or of a point χ, W/K */
  transmittance: number
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
    ...ledger.surfaces.flatMap((face) => rankedMembers(face, ledger)),
    ...ledger.lines.map((line) => rankedLine(line, ledger)),
    ...ledger.points.map((point) => rankedPoint(point, ledger)),
  ].sort((a, b) => b.watts - a.watts)
}

/** What a bridge has none of unless it says so. */
const NEITHER = { set: null, between: null, runs: [], opening: null, detail: null, point: null } as const

function rankedMembers(face: SurfaceFigures, ledger: Ledger): RankedBridge[] {
  const { conditions, solved: details } = ledger
  const { inside, beyond } = drivingAirs(face, conditions)
  const difference = Math.abs(inside.temperature - beyond.temperature)
  return membersOf(face.governing).flatMap((members): RankedBridge[] => {
    const { id, set, fraction } = members
    const extent = (fraction * face.netArea) / set.width
    const counted = face.bridges.find((bridge) => bridge.id === id)
    // Where the combined method holds, what was calculated on demand tells the surface.
    const found = counted ? { ...counted, method: methodOf(counted) } : combinedAt(face, id, details)
    if (!found) return []
    const { detail, linearTransmittance: linear, solved, method } = found
    const surface = solved ? coldSurface(face, solved, ledger) : null
    const known = { place: place.member(face.id, id), name: set.name, face, set: members, detail, extent, transmittance: linear, method }
    return [{ ...NEITHER, ...known, watts: linear * extent * difference, surface }]
  })
}

function combinedAt(face: SurfaceFigures, set: string, details: SolvedDetails) {
  const found = memberDetailOf(face, set)
  return (
    found && {
      detail: found.detail,
      linearTransmittance: found.estimate,
      solved: details.of(found.detail) ?? null,
      method: "combined" as const,
    }
  )
}

function rankedLine(line: LineBridge, ledger: Ledger): RankedBridge {
  const { face, solved, place, name, between, runs, opening, detail, length, linearTransmittance: linear } = line
  const surface = solved ? coldSurface(face, solved, ledger) : null
  const known = {
    place,
    name,
    face,
    between,
    runs,
    opening,
    detail,
    extent: length,
    transmittance: linear,
    method: methodOf(line),
    surface,
  }
  return { ...NEITHER, ...known, watts: wattsOf(line, ledger.conditions) }
}

function rankedPoint(point: PointBridge, ledger: Ledger): RankedBridge {
  const { face, place, name, penetration } = point
  const surface = coldSurface(face, point, ledger)
  const known = {
    place,
    name,
    face,
    point,
    extent: penetration.count,
    transmittance: point.pointTransmittance,
    method: "fins" as const,
    surface,
  }
  return { ...NEITHER, ...known, watts: wattsOf(point, ledger.conditions) }
}

function wattsOf({ face, conductance }: HeatPath, conditions: Conditions): number {
  const { inside, beyond } = drivingAirs(face, conditions)
  return conductance * Math.abs(inside.temperature - beyond.temperature)
}

const methodOf = ({ solved }: Bridge): RankedBridge["method"] => (solved ? "two-dimensional" : "pending")
