import { enclosureHours } from "../dynamic/enclosure-hours"
import type { SteadyEnclosure } from "../steady/heat-loss"
import { heldWinter, winterEnclosure, winterModel } from "./winter-enclosure"

/** How long a cold start takes. */
export interface WarmUp {
  /** s until the air is as warm as it is to be; null: not within three days. */
  time: number | null
  /** °C that the air has come to by then, or after three days. */
  reached: number
}

/** s of a step: a day is tried in short ones, and where that is not enough three days in longer ones. */
const [SHORT, LONG] = [600, 1800] as const
const STEPS = 144
/** As near to what is wanted as is warm, K. */
const WARM = 0.1

/**
 * How long a heater takes on the worst night to warm up what has stood as cold as the outdoors: air, furniture and all layers.
 * @param capacity of the heater, W
 * @param volume of the air inside, m³
 */
export function warmUp(enclosure: SteadyEnclosure, capacity: number, volume: number): WarmUp {
  const soon = warmedUp(enclosure, capacity, volume, SHORT)
  return soon.time === null ? warmedUp(enclosure, capacity, volume, LONG) : soon
}

function warmedUp(enclosure: SteadyEnclosure, capacity: number, volume: number, step: number): WarmUp {
  const { inside, outside } = enclosure.conditions.winter
  const model = winterModel(enclosure, volume)
  const { air } = enclosureHours(
    { ...winterEnclosure(model), heating: { setpoint: inside.temperature, capacity }, cooling: null },
    heldWinter(model, STEPS, step),
    0,
    Math.min(outside.temperature, inside.temperature),
  )
  const warm = air.findIndex((temperature) => temperature >= inside.temperature - WARM)
  return warm === -1 ? { time: null, reached: air[STEPS - 1]! } : { time: (warm + 1) * step, reached: air[warm]! }
}
