import * as z from "./zod"
import { emissivity, HeatFlowDirection, notes, quantity, temperature, thickness } from "./quantity"

/** An air space between two surfaces. */
export const AirspaceInput = z
  .strictObject({
    thickness: thickness("width of the space along the heat flow"),
    direction: HeatFlowDirection,
    emissivity1: emissivity("emissivity of one face").default(0.9),
    emissivity2: emissivity("emissivity of the other face").default(0.9),
    meanTemperature: temperature("mean temperature of the two faces").default(10),
    temperatureDifference: quantity("K", "temperature difference between the two faces", { min: 0, max: 500 }).default(5),
  })
  .describe("An unventilated air space.")
export type AirspaceInput = z.output<typeof AirspaceInput>

/** Its thermal resistance, m²·K/W, and what it is made of. */
export const AirspaceOutput = z.strictObject({
  resistance: quantity("m²·K/W", "thermal resistance"),
  convective: quantity("W/(m²·K)", "conduction and convection coefficient"),
  radiative: quantity("W/(m²·K)", "radiation coefficient"),
  effectiveEmissivity: quantity("0..1", "emittance between the two faces"),
  notes,
})
export type AirspaceOutput = z.output<typeof AirspaceOutput>
