import type { AirState } from "../../schema/quantity"
import type { SurfaceInput, SurfaceOutput } from "../../schema/surface"
import type { Noted } from "../../schema/note"
import { isoDewPoint, isoSaturation } from "../air/iso-saturation"

/** Humidity at a face from which mould grows, and from which water gathers, 0…1. @see ISO 13788:2012, 5.2, 5.3 */
const [MOULD, DEW] = [0.8, 1] as const

/** Humidity of an air at a face of another temperature, 0…1 and beyond. */
export const humidityAt = (face: number, { temperature, relativeHumidity }: AirState): number =>
  (relativeHumidity * isoSaturation(temperature)) / isoSaturation(face)

/** What comes of a face that stands in such a humidity. @see ISO 13788:2012, 5.2, 5.3 */
export const riskAt = (humidity: number): SurfaceOutput["months"][number]["risk"] =>
  humidity >= DEW ? "sweating" : humidity >= MOULD ? "mould" : "none"

/**
 * Humidity at an inside face in the mean of each month, and how warm the face must be.
 * @see ISO 13788:2012, 5
 */
export function surfaceHumidity({ months, fRsi }: SurfaceInput): Noted<SurfaceOutput> {
  const told = months.map(({ outside, inside }): SurfaceOutput["months"][number] => {
    const temperature = outside.temperature + fRsi * (inside.temperature - outside.temperature)
    const pressure = inside.relativeHumidity * isoSaturation(inside.temperature)
    const humidity = humidityAt(temperature, inside)
    return {
      surfaceTemperature: temperature,
      surfaceRelativeHumidity: humidity,
      requiredFRsi:
        inside.temperature > outside.temperature && pressure > 0
          ? (isoDewPoint(pressure / MOULD) - outside.temperature) / (inside.temperature - outside.temperature)
          : null,
      risk: riskAt(humidity),
    }
  })
  const asked = told.map(({ requiredFRsi }) => requiredFRsi ?? -Infinity)
  const required = Math.max(...asked)
  const counts = required > -Infinity
  return {
    months: told,
    criticalMonth: counts ? asked.indexOf(required) : null,
    requiredFRsi: counts ? required : null,
    margin: counts ? fRsi - required : null,
    notes: [{ code: "means", text: "Means of the months: a cold night is worse, and mould needs weeks." }],
  }
}
