import { type PeriodicLayer, resistanceOf, transferMatrix } from "./periodic"

/** Hours of a day that repeats. */
export const HOURS = 24

/**
 * How a build-up answers to a day that repeats for good, given at its 24 hours: what a kelvin at one hour drives this hour and in each
 * hour after, W/(m²·K). Each row adds up to the steady transmittance.
 */
export interface DayResponse {
  /** Heat out of its inner face, for the temperature outside. */
  through: Float64Array
  /** Heat into its outer face, for the temperature outside. */
  outside: Float64Array
  /** Heat into its inner face, for the temperature inside. */
  inside: Float64Array
}

/**
 * Answers of a build-up by the twelve sines that 24 hours are made of, each by its own heat transfer matrix: nothing is cut into cells or steps.
 * @param layers outside to inside
 * @param rsi, rse surface resistances, m²·K/W; a resistance somewhere is above 0
 * @see ISO 13786:2017, 7.2; ASHRAE Fundamentals 2017, ch. 18 (conduction time factors are `through` over its sum)
 */
export function dayResponse(layers: readonly PeriodicLayer[], rsi: number, rse: number): DayResponse {
  const steady = 1 / ((rsi + resistanceOf(layers) + rse) * HOURS)
  const empty = () => new Float64Array(HOURS).fill(steady)
  const response: DayResponse = { through: empty(), outside: empty(), inside: empty() }
  for (let n = 1; n <= HOURS / 2; n++) {
    const { entries, logarithm } = transferMatrix(layers, 86_400 / n, rsi, rse)
    const [z11r, z11i, z12r, z12i] = entries as unknown as [number, number, number, number]
    const square = z12r ** 2 + z12i ** 2
    // With the inside held, heat inward is −θ₂/Z12 inside and −θ₂·Z22/Z12 outside; with the outside held, θ₁·−Z11/Z12 leaves the room.
    const over = (re: number, im: number): [number, number] => [-(re * z12r + im * z12i) / square, -(im * z12r - re * z12i) / square]
    add(response.through, n, over(Math.exp(-logarithm), 0))
    add(response.outside, n, over(entries[6]!, entries[7]!))
    add(response.inside, n, over(z11r, z11i))
  }
  return response
}

/** Adds the n-th of the sines that a row is made of. */
function add(row: Float64Array, n: number, [re, im]: readonly [number, number]): void {
  // All but the last come as a pair with its mirror image.
  const weight = (n === HOURS / 2 ? 1 : 2) / HOURS
  for (let hour = 0; hour < HOURS; hour++) {
    const turn = (n * hour) % HOURS
    row[hour]! += weight * (re * COSINES[turn]! - im * COSINES[(turn + 18) % HOURS]!)
  }
}

/** Cosines of the day's hours; the sine of hour h is the cosine of hour h + 18. */
const COSINES = Float64Array.from({ length: HOURS }, (_, hour) => Math.cos((2 * Math.PI * hour) / HOURS))

/**
 * What a day's hours drive through a response, hour by hour.
 * @param drive K at each of the 24 hours
 * @returns W/m²
 */
export function answered(response: Float64Array, drive: ArrayLike<number>): Float64Array {
  const flux = new Float64Array(HOURS)
  for (let hour = 0; hour < HOURS; hour++) {
    let sum = 0
    for (let at = 0; at < HOURS; at++) sum += response[hour >= at ? hour - at : hour - at + HOURS]! * drive[at]!
    flux[hour] = sum
  }
  return flux
}
