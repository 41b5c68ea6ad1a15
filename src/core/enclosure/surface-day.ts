import { type DayResponse, dayResponse } from "../assembly/day-response"
import { type BuiltLayer, outdoorFilm, transmittanceLayers } from "../assembly/build-up"
import type { HeatFlowDirection } from "../../schema/quantity"
import { periodicFigures, type PeriodicLayer } from "../assembly/periodic"
import { heatFlowDirection, INDOOR_RESISTANCE } from "../assembly/surface-resistance"
import { layerResistance } from "../assembly/thermal-transmittance"
import { SOIL_CONDUCTIVITY } from "../ground/slab"
import { memoised } from "../memoised"
import type { SurfaceFigures } from "./surface-figures"

/**
 * How a surface answers to the hottest day beside its members; what lies outside a vented air space has no part in it. Of a floor on the
 * ground only what its inner face answers is meant.
 */
export const surfaceDay = ({ summerLayers, face, summerFilm, adjacent }: SurfaceFigures): DayResponse =>
  responseOf(summerLayers, face.tilt, summerFilm, adjacent.kind === "ground")

/** By how much later and how much less the heat of a day's swing comes through a surface. */
export interface DaySwing {
  /** Share of the steady flow's swing that comes through, 0…1. */
  decrement: number
  /** s */
  timeShift: number
}

const DAY = 86_400

/** How a surface lets a day's swing through, beside its members; null on the ground. @see ISO 13786:2017, 5 */
export const daySwing = ({ summerLayers, face, summerFilm, adjacent }: SurfaceFigures): DaySwing | null =>
  adjacent.kind === "ground" ? null : swingOf(summerLayers, face.tilt, summerFilm)

const swingOf = memoised((layers: readonly BuiltLayer[], tilt: number, film: number): DaySwing => {
  const direction = heatFlowDirection(tilt, false)
  return periodicFigures(storingLayers(layers, direction), DAY, INDOOR_RESISTANCE[direction], outdoorFilm(layers, film, direction))
})

/** Layers as they store heat beside their members; what lies outside a well vented air space is left out. */
export function storingLayers(layers: readonly BuiltLayer[], direction: HeatFlowDirection): PeriodicLayer[] {
  const stack = transmittanceLayers(layers)
  return layers.flatMap(({ layer, material, effectiveShare }, i): PeriodicLayer[] => {
    const resistance = layerResistance(stack[i]!, direction)
    if (effectiveShare === 0) return []
    if (material.class === "air" || resistance === 0) return [{ resistance }]
    const { density, specificHeat } = material
    return [{ thickness: layer.thickness, conductivity: layer.thickness / resistance, density, specificHeat }]
  })
}

/** So much soil swings with a day, and what is below it does not. @see ISO 13370:2017, table 7 (sand or gravel), and annex on dynamics */
export const SOIL = { thickness: 0.5, conductivity: SOIL_CONDUCTIVITY, density: 2000, specificHeat: 1000 }

const responseOf = memoised((layers: readonly BuiltLayer[], tilt: number, film: number, onGround: boolean): DayResponse => {
  const direction = heatFlowDirection(tilt, false)
  const periodic = storingLayers(layers, direction)
  if (onGround) return dayResponse([SOIL, ...periodic], INDOOR_RESISTANCE[direction], 0)
  return dayResponse(periodic, INDOOR_RESISTANCE[direction], outdoorFilm(layers, film, direction))
})
