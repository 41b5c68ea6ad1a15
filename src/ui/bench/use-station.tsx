"use client"
import { usePathname } from "next/navigation"
import { useCallback } from "react"

/** The stations of the job along the tape that exist, in the order of the work. */
export const STATIONS = [
  { id: "brief", name: "Brief" },
  { id: "shell", name: "Shell" },
  { id: "build-ups", name: "Build-ups" },
  { id: "heat", name: "Heat" },
  { id: "damp", name: "Damp" },
] as const
export type StationId = (typeof STATIONS)[number]["id"]

/** The station in the address, and the way to another one without asking the server. */
export function useStation(): { station: StationId; go: (station: StationId) => void } {
  const [, , job, last] = usePathname().split("/")
  const station = STATIONS.find(({ id }) => id === last)?.id ?? "build-ups"
  const go = useCallback((to: StationId) => window.history.pushState(null, "", `/jobs/${job}/${to}`), [job])
  return { station, go }
}
