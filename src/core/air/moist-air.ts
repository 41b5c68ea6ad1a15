import type { AirInput, AirOutput } from "../../schema/air"
import { type Noted, noteIf } from "../../schema/note"
import { InputError } from "../../schema/outcome"
import { DRY_AIR_GAS_CONSTANT, WATER_TO_AIR_MASS, ZERO_CELSIUS } from "../quantity/constants"
import { dewPoint } from "./dew-point"
import { saturationPressure } from "./saturation-pressure"

/**
 * State of moist air from its temperature and one measure of its humidity; perfect gases, no enhancement factor.
 * @returns SI; relative humidity and dew point refer to ice below 0 °C
 * @throws InputError `over-saturated`, `vapour-above-pressure`, `out-of-range`
 * @see ASHRAE Fundamentals 2017, ch. 1, eq. 20 (humidity ratio), 30 (enthalpy), 26 (volume)
 */
export function moistAir(air: AirInput): Noted<AirOutput> {
  const { temperature, pressure } = air
  const saturation = saturationPressure(temperature)
  const [field, vapourPressure] = vapourPressureOf(air, saturation)
  if (vapourPressure > saturation * (1 + 1e-12))
    throw new InputError(
      "over-saturated",
      [field],
      `${field} is above saturation at ${temperature} °C (${saturation.toPrecision(4)} Pa): such air would rain; lower it or raise the temperature.`,
    )
  if (vapourPressure >= pressure)
    throw new InputError(
      "vapour-above-pressure",
      [field],
      `The vapour pressure ${vapourPressure.toPrecision(5)} Pa reaches the air pressure ${pressure} Pa; lower ${field} or raise pressure.`,
    )
  const humidityRatio = humidityRatioOf(vapourPressure, pressure)
  const point = dewPoint(vapourPressure)
  return {
    saturationPressure: saturation,
    vapourPressure,
    relativeHumidity: Math.min(1, vapourPressure / saturation),
    dewPoint: point,
    humidityRatio,
    enthalpy: enthalpyOf(temperature, humidityRatio),
    density: densityOf(temperature, vapourPressure, pressure),
    notes: noteIf(point !== null && point < -100, "below-fit", "The dew point lies below −100 °C, outside the range of the fit over ice."),
  }
}

/**
 * Vapour pressure of air of a given relative humidity.
 * @param relativeHumidity 0…1, over ice below 0 °C
 * @returns Pa
 */
export function vapourPressureAt(temperature: number, relativeHumidity: number): number {
  return relativeHumidity * saturationPressure(temperature)
}

/** Humidity ratio, kg of water per kg of dry air, from the vapour pressure and the air pressure, Pa. */
export function humidityRatioOf(vapourPressure: number, pressure: number): number {
  return (WATER_TO_AIR_MASS * vapourPressure) / (pressure - vapourPressure)
}

/** Enthalpy of air and its water, J per kg of dry air. @see ASHRAE Fundamentals 2017, ch. 1, eq. 30 */
export const enthalpyOf = (temperature: number, humidityRatio: number): number =>
  1006 * temperature + humidityRatio * (2_501_000 + 1860 * temperature)

/** Density of air and its water, kg/m³. */
export function densityOf(temperature: number, vapourPressure: number, pressure: number): number {
  const kelvin = temperature + ZERO_CELSIUS
  return (pressure - vapourPressure + WATER_TO_AIR_MASS * vapourPressure) / (DRY_AIR_GAS_CONSTANT * kelvin)
}

function vapourPressureOf(air: AirInput, saturation: number): [field: keyof AirInput, vapourPressure: number] {
  if (air.relativeHumidity !== undefined) return ["relativeHumidity", air.relativeHumidity * saturation]
  if (air.vapourPressure !== undefined) return ["vapourPressure", air.vapourPressure]
  if (air.dewPoint !== undefined) return ["dewPoint", saturationPressure(air.dewPoint)]
  throw new InputError("missing", ["relativeHumidity"], "The humidity is missing.")
}
