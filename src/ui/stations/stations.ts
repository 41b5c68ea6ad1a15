"use client"
import { usePathname } from "next/navigation"
import { BRIEF } from "./brief/brief"
import { BUILD_UPS } from "./build-ups/build-ups"
import { DAMP } from "./damp/damp"
import { HEAT } from "./heat/heat"
import { SHEETS } from "./sheets/sheets"
import { SHELL } from "./shell/shell"
import type { Station } from "./station"

/** The stations along the tape that exist, in the order of the work. */
export const STATIONS: readonly Station[] = [BRIEF, SHELL, BUILD_UPS, HEAT, DAMP, SHEETS]

/** The station in the address. */
export function useStation(): Station {
  const last = usePathname().split("/")[3]
  return STATIONS.find(({ id }) => id === last) ?? BUILD_UPS
}
