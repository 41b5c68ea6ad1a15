import * as z from "./zod"
import { notes, quantity, relativeHumidity } from "./quantity"

/** Air that wood stands in. */
export const EmcInput = z
  .strictObject({ temperature: quantity("°C", "air temperature", { min: -40, max: 150 }), relativeHumidity: relativeHumidity() })
  .describe("The air that the wood stands in.")
export type EmcInput = z.output<typeof EmcInput>

/** Water that the wood comes to hold, kg per kg of dry wood. */
export const EmcOutput = z.strictObject({ moistureContent: quantity("kg/kg", "water per dry wood at equilibrium"), notes })
export type EmcOutput = z.output<typeof EmcOutput>
