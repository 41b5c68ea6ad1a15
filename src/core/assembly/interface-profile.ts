import type { Interface } from "../../schema/assembly"
import type { AirState } from "../../schema/quantity"
import { vapourPressureAt } from "../air/moist-air"
import { saturationPressure } from "../air/saturation-pressure"
import { sum } from "../numeric/sum"

/** A path straight through a build-up between two airs, layers outside to inside. */
export interface Path {
  rsi: number
  rse: number
  thicknesses: readonly number[]
  resistances: readonly number[]
  /** Equivalent air layers of the layers, m; without them the vapour pressures are left out. */
  airLayers?: readonly number[]
  inside: AirState
  outside: AirState
}

/**
 * Temperature, saturation and vapour pressure at each face of each layer in steady state.
 * Surfaces have no vapour resistance; the vapour line is the undisturbed one and may pass saturation: that is where it gets wet.
 * @returns outdoor surface first, one more than there are layers; °C and Pa
 * @see ISO 13788:2012, 4.2 and 6.3, with saturation of ASHRAE Fundamentals 2017, ch. 1
 */
export function interfaceProfile(path: Path): Interface[] {
  const { inside, outside, resistances, airLayers } = path
  const total = path.rse + sum(resistances) + path.rsi
  const outdoorPressure = vapourPressureAt(outside.temperature, outside.relativeHumidity)
  const indoorPressure = vapourPressureAt(inside.temperature, inside.relativeHumidity)
  const totalAirLayer = airLayers ? sum(airLayers) : 0
  const planes: Interface[] = []
  let [depth, resistance, airLayer] = [0, path.rse, 0]
  for (let i = 0; i <= resistances.length; i++) {
    const temperature = outside.temperature + (resistance / total) * (inside.temperature - outside.temperature)
    const saturation = saturationPressure(temperature)
    const vapourPressure = outdoorPressure + (airLayer / totalAirLayer) * (indoorPressure - outdoorPressure)
    planes.push(
      airLayers
        ? { depth, temperature, saturationPressure: saturation, vapourPressure }
        : { depth, temperature, saturationPressure: saturation },
    )
    depth += path.thicknesses[i] ?? 0
    resistance += resistances[i] ?? 0
    airLayer += airLayers?.[i] ?? 0
  }
  return planes
}
