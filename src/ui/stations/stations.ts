"use client"
import { usePathname } from "next/navigation"
import { useCallback } from "react"
import { BRIEF } from "./brief/brief"
import { BUILD_UPS } from "./build-ups/build-ups"
import { DAMP } from "./damp/damp"
import { HEAT } from "./heat/heat"
import { SHELL } from "./shell/shell"
import type { Station } from "./station"

/** The stations along the tape that exist, in the order of the work. */
export const STATIONS: readonly Station[] = [BRIEF, SHELL, BUILD_UPS, HEAT, DAMP]

/** The station in the address, and the way to another one without asking the server. */
export function useStation(): { station: Station; go: (to: Station) => void } {
  const [, , job, last] = usePathname().split("/")
  const station = STATIONS.find(({ id }) => id === last) ?? BUILD_UPS
  const go = useCallback((to: Station) => window.history.pushState(null, "", `/jobs/${job}/${to.id}`), [job])
  return { station, go }
}
