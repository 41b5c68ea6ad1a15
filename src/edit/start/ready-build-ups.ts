import type { JobKind } from "../../schema/job/job"
import { CABIN } from "./ready/cabin"
import { COLD_ROOM } from "./ready/cold-room"
import { POST_FRAME } from "./ready/post-frame"
import type { ReadyBuildUp, ReadyParts } from "./ready/ready"
import { SHED } from "./ready/shed"
import { VAN } from "./ready/van"
import { assemblyInMarket } from "./market"
import { SCHOOLS } from "./schools"
import type { UnitSystem } from "../../core/quantity/unit-system"
import type { FacePart } from "../../core/shell/face"

const MORE: Readonly<Record<JobKind, ReadyParts>> = { van: VAN, cabin: CABIN, "cold-room": COLD_ROOM, shed: SHED, "post-frame": POST_FRAME }

/** Ready build-ups for a part of a kind of enclosure, of what is sold where it is built: those that jobs start with, and the other ways. */
export function readyBuildUps(kind: JobKind, part: FacePart, units: UnitSystem = "metric"): ReadyBuildUp[] {
  const usual = SCHOOLS[kind].map(({ id, name, fits, way, onFloor, ...parts }): ReadyBuildUp => {
    if (part !== "floor") return { id, way, assembly: { ...parts[part], name, reason: fits } }
    return { id, way: onFloor.way, assembly: { ...parts.floor, name: onFloor.name, reason: onFloor.fits } }
  })
  const seen = new Set<string>()
  // Schools of one kind often share a floor.
  return [...usual, ...MORE[kind][part]]
    .map((one) => ({ ...one, assembly: assemblyInMarket(one.assembly, units) }))
    .filter(({ assembly: { layers, members, edge } }) => {
      const built = JSON.stringify([layers, members, edge])
      if (seen.has(built)) return false
      seen.add(built)
      return true
    })
}
