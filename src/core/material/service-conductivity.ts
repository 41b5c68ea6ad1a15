import type { Service } from "../../schema/job/job"
import type { Material } from "../../schema/material"
import { onCurve } from "../numeric/curve"

/** Humidity at which conductivities are declared. @see ISO 10456:2007, 4.2 (23 °C and 50 %) */
const DECLARED_HUMIDITY = 0.5
/** Years after which the aged value of a record is reached, and how fast cell gas is exchanged on the way. */
const AGED = 25
const EXCHANGE = 5

/**
 * Conductivity of a material as built in: at its own mean temperature, at an age, at a humidity.
 * @param meanTemperature °C
 * @param service years 0…100, humidity 0…1
 * @returns W/(m·K)
 * @see ISO 10456:2007, 7 (conversion by temperature, moisture by volume and age); cell gas goes as 1 − exp(−t/τ), τ taken as 5 years
 */
export function serviceConductivity({ conductivity, sorption }: Material, meanTemperature: number, service: Service): number {
  const { declared, at, byTemperature, aged, perMoisture } = conductivity
  const temperature = onCurve(byTemperature, meanTemperature) / onCurve(byTemperature, at)
  const exchanged = Math.min(1, (1 - Math.exp(-service.age / EXCHANGE)) / (1 - Math.exp(-AGED / EXCHANGE)))
  const age = 1 + (aged / declared - 1) * exchanged
  // Water in kg/m³ is a tenth of its per cent by volume.
  const wetness = (humidity: number) => 1 + (sorption ? (perMoisture * onCurve(sorption, humidity)) / 10 : 0)
  return declared * temperature * age * (wetness(service.relativeHumidity) / wetness(DECLARED_HUMIDITY))
}
