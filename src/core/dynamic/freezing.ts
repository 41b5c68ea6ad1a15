import { ICE_MELTING, WATER_HEAT } from "../quantity/constants"

/** Water that stands in the cold, one lump of it. */
export interface StandingWater {
  /** kg */
  mass: number
  /** °C, 0 or more */
  temperature: number
  /** of the air around it, °C */
  ambient: number
  /** from the water to that air, W/K */
  conductance: number
  /** W */
  heater: number
}

/**
 * How long water holds out: cooling of one lump to 0 °C, then freezing at 0 °C.
 * @returns s from now, null where the heater keeps it from freezing; and W that would hold 0 °C
 */
export function freezing({ mass, temperature, ambient, conductance, heater }: StandingWater): {
  toFreezing: number | null
  toSolid: number | null
  heaterNeeded: number
} {
  const heaterNeeded = Math.max(0, -conductance * ambient)
  // Where it would come to rest if water did not freeze.
  const rest = ambient + heater / conductance
  if (rest >= 0) return { toFreezing: null, toSolid: null, heaterNeeded }
  const toFreezing = ((mass * WATER_HEAT) / conductance) * Math.log((temperature - rest) / -rest)
  return { toFreezing, toSolid: toFreezing + (mass * ICE_MELTING) / (conductance * -rest), heaterNeeded }
}
