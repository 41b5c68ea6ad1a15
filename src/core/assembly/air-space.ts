import type { AirspaceInput, AirspaceOutput } from "../../schema/airspace"
import type { HeatFlowDirection } from "../../schema/quantity"
import { type Noted, noteIf } from "../../schema/note"
import { STEFAN_BOLTZMANN, ZERO_CELSIUS } from "../quantity/constants"

/** Width above which an air space behaves like a small room and ISO 6946 annex D no longer holds, m. */
const WIDEST = 0.3

/**
 * Thermal resistance of an unventilated air space of large extent.
 * @param space thickness m (up to 0.3), emissivities 0…1, mean temperature °C, difference K
 * @returns m²·K/W and coefficients W/(m²·K)
 * @see ISO 6946:2017, annex D.2 (general equations)
 */
export function airSpace(space: AirspaceInput): Noted<AirspaceOutput> {
  const { emissivity1, emissivity2 } = space
  const effectiveEmissivity = 1 / (1 / emissivity1 + 1 / emissivity2 - 1)
  const convective = convectiveCoefficient(space.thickness, space.direction, space.temperatureDifference)
  const kelvin = space.meanTemperature + ZERO_CELSIUS
  const radiative = effectiveEmissivity * 4 * STEFAN_BOLTZMANN * kelvin ** 3
  const notes = noteIf(
    space.thickness > WIDEST,
    "wide-air-space",
    "An air space over 0.3 m wide is a small room: ISO 6946 does not cover it; the figure is an extrapolation.",
  )
  return { resistance: 1 / (convective + radiative), convective, radiative, effectiveEmissivity, notes }
}

/**
 * Coefficient of conduction and convection across an air space: that of still air or that of moving air, the greater.
 * @see ISO 6946:2017, tables D.1 and D.2
 */
function convectiveCoefficient(thickness: number, direction: HeatFlowDirection, difference: number): number {
  const still = 0.025 / thickness
  const gentle = difference <= 5
  const moving = {
    horizontal: gentle ? 1.25 : 0.73 * Math.cbrt(difference),
    up: gentle ? 1.95 : 1.14 * Math.cbrt(difference),
    down: (gentle ? 0.12 : 0.09 * difference ** 0.187) * thickness ** -0.44,
  }[direction]
  return Math.max(still, moving)
}
