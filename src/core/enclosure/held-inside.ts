import type { JobKind, Limits } from "../../schema/job/job"
import type { Conditions } from "./conditions"

/** What the inside is held at, °C; null: by nothing. */
export interface HeldInside {
  heater: number | null
  cooler: number | null
}

/**
 * What a job is heated and cooled to. The plant of the season that it is built for is taken to be there, the other's where the brief has one;
 * 0 W is none. Nothing is cooled to below what it is heated to.
 */
export function heldInside(kind: JobKind, { loss, gain }: Pick<Limits, "loss" | "gain">, { winter, summer }: Conditions): HeldInside {
  const keptCold = kind === "cold-room"
  const heater = (loss === null ? !keptCold : loss > 0) ? winter.inside.temperature : null
  const cooler = gain === null ? keptCold : gain > 0
  const cool = summer.inside.temperature
  return { heater, cooler: cooler ? Math.max(heater ?? cool, cool) : null }
}
