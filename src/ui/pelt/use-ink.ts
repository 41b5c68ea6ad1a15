"use client"
import type { StationId } from "../bench/use-station"
import { useJobStore, useJobView } from "../job/job-store"
import type { InkName } from "./ink"

/** Inks to choose from at each station; the first is the station's own. */
const INKS: Record<StationId, readonly InkName[]> = {
  brief: ["directions", "measures"],
  shell: ["measures", "directions", "materials", "loss"],
  "build-ups": ["materials", "built-r"],
  heat: ["loss", "skin", "cold-lines"],
  damp: ["damp", "cold-lines", "materials"],
}

/** In the summer half of the heat station the skin comes first. */
const HOT: readonly InkName[] = ["skin", "loss", "cold-lines"]

/** The ink at a station: what the pelt, and the body beside it, show. */
export function useInk(station: StationId): { ink: InkName; inks: readonly InkName[]; choose: (ink: InkName) => void } {
  const store = useJobStore()
  const season = useJobView((view) => view.season)
  const chosen = useJobView((view) => view.inks)
  const inks = station === "heat" && season === "summer" ? HOT : INKS[station]
  const key = `${station} ${season}`
  return { ink: chosen[key] ?? inks[0]!, inks, choose: (ink) => store.choose({ inks: { ...chosen, [key]: ink } }) }
}
