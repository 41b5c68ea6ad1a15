import { type BuiltLayer, membersOf } from "./build-up"
import { METAL } from "./thermal-transmittance"

/**
 * Sets of a build-up that the combined method does not hold for: those that conduct like metal. Told by what a member is and not by how far
 * the limits lie apart, so that U does not jump while a thickness is dragged; where wood's limits lie far apart a note says so.
 * @see ISO 6946:2017, 6.7.2.1
 */
export const setsBeyondCombined = (layers: readonly BuiltLayer[]): string[] =>
  membersOf(layers).flatMap(({ id, stuffs }) => (stuffs.stuff.conductivity.declared >= METAL ? [id] : []))
