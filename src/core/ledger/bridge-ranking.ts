import type { MemberSet } from "../../schema/job/build-up"
import { memberSets } from "../assembly/build-up"
import type { Detail } from "../conduction/detail"
import type { Edge } from "../shell/edges"
import { type ColdSurface, coldSurface, drivingAirs } from "./cold-surface"
import type { FaceFigures } from "./face-figures"
import type { Ledger } from "./ledger"
import { memberDetailOf } from "./member-bridge"
import type { Bridge } from "./solutions"

/** A bridge of a job by what it costs. */
export interface RankedBridge {
  /** Names it in the job. */
  place: string
  name: string
  face: FaceFigures
  /** The set whose members it is, null for a single line. */
  set: { id: string; set: MemberSet } | null
  /** The faces of an edge, or the opening of a reveal. */
  between: Edge["faces"] | null
  opening: string | null
  /** What is solved, for its picture. */
  detail: Detail
  /** m of member or of line */
  length: number
  /** ψ, W/(m·K) */
  linear: number
  /** How ψ was got. `pending`: it is being solved. */
  method: "two-dimensional" | "combined" | "pending"
  /** W in the season that drives most heat through it, out of the warm side; negative where the measures over all count too much. */
  watts: number
  /** Null until it is solved. */
  surface: ColdSurface | null
}

/** All members and single lines of a job, the dearest first. */
export function rankedBridges(ledger: Ledger): RankedBridge[] {
  return [...ledger.faces.flatMap((face) => rankedMembers(face, ledger)), ...ledger.lines.map((line) => rankedLine(line, ledger))].sort(
    (a, b) => b.watts - a.watts,
  )
}

function rankedMembers(face: FaceFigures, { conditions, solutions }: Ledger): RankedBridge[] {
  const { inside, beyond } = drivingAirs(face, conditions)
  const difference = Math.abs(inside.temperature - beyond.temperature)
  return memberSets(face.layers).flatMap(([id, set]): RankedBridge[] => {
    const { fraction } = face.layers.find(({ layer }) => layer.between === id)!
    const length = (fraction * face.netArea) / set.width
    const known = { place: `${face.id} ${id}`, name: set.name, face, set: { id, set }, between: null, opening: null, length }
    const counted = face.bridges.find((bridge) => bridge.id === id)
    if (counted) {
      const surface = counted.solved ? coldSurface(face, counted.solved, conditions) : null
      return [
        {
          ...known,
          detail: counted.detail,
          linear: counted.linear,
          method: methodOf(counted),
          watts: counted.linear * length * difference,
          surface,
        },
      ]
    }
    const found = memberDetailOf(face.driven, id, { tilt: face.face.tilt, beyond: face.beyond }, conditions)
    if (!found) return []
    // The combined method holds for it; what was calculated on demand tells its surface.
    const solved = solutions.of(found.detail)
    const surface = solved ? coldSurface(face, solved, conditions) : null
    return [
      { ...known, detail: found.detail, linear: found.estimate, method: "combined", watts: found.estimate * length * difference, surface },
    ]
  })
}

function rankedLine(line: Ledger["lines"][number], { conditions }: Ledger): RankedBridge {
  const { face, solved, place, name, between, opening, detail, length, linear, conductance } = line
  const { inside, beyond } = drivingAirs(face, conditions)
  const watts = conductance * Math.abs(inside.temperature - beyond.temperature)
  const surface = solved ? coldSurface(face, solved, conditions) : null
  return { place, name, face, set: null, between, opening, detail, length, linear, method: methodOf(line), watts, surface }
}

const methodOf = ({ solved }: Bridge): RankedBridge["method"] => (solved ? "two-dimensional" : "pending")
