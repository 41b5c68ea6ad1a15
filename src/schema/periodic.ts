import * as z from "./zod"
import { conductivity, filmResistance, notes, quantity, resistance, thickness } from "./quantity"

/** Density, from gas to lead. */
const density = () => quantity("kg/m³", "density", { above: 0, max: 30_000 })
const specificHeat = () => quantity("J/(kg·K)", "specific heat", { above: 0, max: 20_000 })

/** A layer that stores heat, or one that only resists it. */
export const StoringLayer = z.union([
  z.strictObject({ thickness: thickness(), conductivity: conductivity(), density: density(), specificHeat: specificHeat() }),
  z.strictObject({ resistance: resistance("of a layer that stores nothing") }),
])

/** A build-up, outside to inside, under temperatures that swing as a sine. */
export const PeriodicInput = z
  .strictObject({
    period: quantity("s", "of the swing", { min: 60, max: 1e9 }).default(86_400),
    rsi: filmResistance("surface resistance inside").default(0.13),
    rse: filmResistance("surface resistance outside").default(0.04),
    layers: z.array(StoringLayer).min(1).max(200).describe("outside to inside"),
  })
  .describe("A build-up under temperatures that swing as a sine.")
export type PeriodicInput = z.output<typeof PeriodicInput>

/** Dynamic thermal characteristics: magnitudes. */
export const PeriodicOutput = z.strictObject({
  uValue: quantity("W/(m²·K)", "steady transmittance"),
  periodicTransmittance: quantity("W/(m²·K)", "flow on one side for a swing of one kelvin on the other"),
  decrement: quantity("", "periodic over steady transmittance"),
  timeShift: quantity("s", "by which the inside lags, less than a period"),
  admittanceInside: quantity("W/(m²·K)", "flow for a swing of one kelvin on the same side, inside"),
  admittanceOutside: quantity("W/(m²·K)", "the same outside"),
  arealCapacityInside: quantity("J/(m²·K)", "heat taken up and given back, inside"),
  arealCapacityOutside: quantity("J/(m²·K)", "the same outside"),
  notes,
})
export type PeriodicOutput = z.output<typeof PeriodicOutput>
