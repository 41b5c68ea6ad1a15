import * as z from "./zod"
import { notes, quantity, relativeHumidity, temperature } from "./quantity"

const humidities = ["relativeHumidity", "dewPoint", "vapourPressure"] as const

/** Moist air by its dry bulb and one measure of its water. */
export const AirInput = z
  .strictObject({
    temperature: temperature("dry bulb"),
    relativeHumidity: relativeHumidity().optional(),
    dewPoint: temperature("dew point, below 0 °C frost point").optional(),
    vapourPressure: quantity("Pa", "vapour pressure", { min: 0 }).optional(),
    pressure: quantity("Pa", "air pressure", { above: 0 }).default(101_325),
  })
  .describe("Moist air. Exactly one of relativeHumidity, dewPoint and vapourPressure.")
  .superRefine((air, context) => {
    const given = humidities.filter((name) => air[name] !== undefined)
    if (given.length === 0)
      context.addIssue({
        code: "custom",
        path: ["relativeHumidity"],
        message: "The humidity is missing; give one of relativeHumidity, dewPoint and vapourPressure.",
      })
    if (given.length > 1)
      context.addIssue({
        code: "custom",
        path: [given[1] as string],
        message: `Give only one of ${given.join(" and ")}: they could contradict each other.`,
      })
  })
export type AirInput = z.output<typeof AirInput>

/** The state of that air. */
export const AirOutput = z.strictObject({
  saturationPressure: quantity("Pa", "vapour pressure of saturated air"),
  vapourPressure: quantity("Pa", "partial pressure of the vapour"),
  relativeHumidity: relativeHumidity(),
  dewPoint: quantity("°C", "dew point, below 0 °C frost point").nullable().describe("dew point, °C; null without vapour"),
  humidityRatio: quantity("kg/kg", "water per dry air"),
  enthalpy: quantity("J/kg", "enthalpy per kg of dry air"),
  density: quantity("kg/m³", "density of the moist air"),
  notes,
})
export type AirOutput = z.output<typeof AirOutput>
