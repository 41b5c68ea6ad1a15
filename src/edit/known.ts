import { CLIMATE_STATIONS } from "../core/climate/climate-stations"
import { CATALOGUE } from "../core/material/catalogue"
import type { Known } from "../schema/job/references"

/** Names of the built-in catalogue and stations that a job may use. */
export const KNOWN: Known = { materials: new Set(Object.keys(CATALOGUE)), stations: new Set(Object.keys(CLIMATE_STATIONS)) }
