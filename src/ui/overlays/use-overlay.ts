"use client"
import { useJobStore, useSelection } from "../job/job-store"
import type { Station } from "../stations/station"
import type { Overlay } from "./overlay"

/** What the drawings show at a station: its own overlay until another is chosen there. */
export function useOverlay(station: Station): { overlay: Overlay; overlays: readonly Overlay[]; choose: (overlay: Overlay) => void } {
  const store = useJobStore()
  const season = useSelection((view) => view.season)
  const chosen = useSelection((view) => view.overlays)
  const overlays = station.overlays(season)
  const key = `${station.id} ${season}`
  return {
    overlay: overlays.find(({ id }) => id === chosen[key]) ?? overlays[0]!,
    overlays,
    choose: ({ id }) => store.choose({ overlays: { ...chosen, [key]: id } }),
  }
}
