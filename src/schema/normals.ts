import { quantity, wind } from "./quantity"
import * as z from "./zod"

/** The normals of a month. */
export const MonthlyNormals = z.strictObject({
  temperature: quantity("°C", "mean", { min: -70, max: 50 }),
  dailySwing: quantity("K", "between a day's highest and lowest hour, in the mean", { min: 0, max: 40 }),
  relativeHumidity: quantity("0..1", "mean", { min: 0.02, max: 0.98 }),
  clearness: quantity("0..1", "sun on level ground over the same outside the atmosphere", { min: 0.05, max: 0.8 }),
  windSpeed: wind("mean"),
  rain: quantity("kg/m²", "of the whole month, without snow; left out: not told", { min: 0, max: 5000 }).optional(),
})
export type MonthlyNormals = z.output<typeof MonthlyNormals>
