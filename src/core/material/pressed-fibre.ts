import type { Material } from "../../schema/material"

/** Still air at 10 °C, W/(m·K). @see ISO 10456:2007, table 3 */
const GAS = 0.0249
/** What fibres themselves conduct, for a kilogram in a cubic metre, W/(m·K) per kg/m³. @see Bankvall, 1973 (mineral wools, 15…150 kg/m³) */
const FIBRE = 7e-5

/**
 * Conductivity of fibre pressed to a density: still air, fibres in proportion to the density, and radiation that goes down with it. The last
 * is what the declared value leaves over, so that an unpressed layer has just that.
 * @param ratio loose thickness over the thickness that it lies in, from 1
 * @returns W/(m·K) at the temperature of the declared value
 * @see Bankvall, Heat transfer in fibrous materials, J. of Testing and Evaluation 1, 1973: λ = a + b·ρ + c/ρ
 */
export function pressedConductivity({ conductivity: { declared }, density }: Material, ratio: number): number {
  if (ratio === 1) return declared
  // Where stiff fibres alone account for the declared value, no radiation is left to be pressed out.
  const radiation = Math.max(0, declared - GAS - FIBRE * density)
  const rest = declared - radiation - FIBRE * density
  return rest + FIBRE * density * ratio + radiation / ratio
}
