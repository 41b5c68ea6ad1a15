import { type BuiltLayer, membersOf } from "./build-up"
import { METAL, type Transmittance, WIDEST_RATIO } from "./thermal-transmittance"

/**
 * Sets of a build-up that the combined method does not hold for: those that conduct like metal, and any where its limits lie far apart.
 * @see ISO 6946:2017, 6.7.2.1
 */
export function setsBeyondCombined(layers: readonly BuiltLayer[], { resistanceUpper, resistanceLower }: Transmittance): string[] {
  const apart = resistanceUpper / resistanceLower > WIDEST_RATIO
  return membersOf(layers).flatMap(({ id, stuffs }) => (apart || stuffs.stuff.conductivity.declared >= METAL ? [id] : []))
}
