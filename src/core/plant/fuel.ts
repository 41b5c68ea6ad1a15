import type { Energy } from "../../schema/job/plant"
import type { Kind } from "../quantity/measure"

/** How a fuel is measured out: J in a unit of it, and the kind of figure that it is shown as. */
export interface Fuel {
  name: string
  kind: Kind
  /** J in an SI unit of that kind: m³, kg or J itself. */
  content: number
}

/**
 * Net heat of fuels: diesel 42.9 MJ/kg at 835 kg/m³, propane 46.3 MJ/kg, air-dry wood of 20 % water by its dry mass 14.8 MJ/kg.
 * @see EN 590 (density); IPCC Guidelines 2006, vol. 2, table 1.2 (net calorific values); EN ISO 17225-5 (firewood)
 */
export const FUELS: Readonly<Record<Energy, Fuel>> = {
  electricity: { name: "electricity", kind: "energy", content: 1 },
  diesel: { name: "diesel", kind: "liquid", content: 42.9e6 * 835 },
  gas: { name: "propane", kind: "mass", content: 46.3e6 },
  wood: { name: "dry firewood", kind: "mass", content: 14.8e6 },
}

/** How much of a fuel so much energy is, in the SI unit of its kind. @param energy J */
export const fuelAmount = (fuel: Energy, energy: number): number => energy / FUELS[fuel].content
