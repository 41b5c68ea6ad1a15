import { type DayResponse, dayResponse } from "../assembly/day-response"
import { type BuiltLayer, outdoorFilm, transmittanceLayers } from "../assembly/build-up"
import type { PeriodicLayer } from "../assembly/periodic"
import { heatFlowDirection, INDOOR_RESISTANCE } from "../assembly/surface-resistance"
import { layerResistance } from "../assembly/thermal-transmittance"
import { memoised } from "../memoised"
import type { SurfaceFigures } from "./surface-figures"

/** How a surface answers to the hottest day beside its members; what lies outside a vented air space has no part in it. */
export const surfaceDay = ({ summerLayers, face, summerFilm }: SurfaceFigures): DayResponse =>
  responseOf(summerLayers, face.tilt, summerFilm)

const responseOf = memoised((layers: readonly BuiltLayer[], tilt: number, film: number): DayResponse => {
  const direction = heatFlowDirection(tilt, false)
  const stack = transmittanceLayers(layers)
  const periodic = layers.flatMap(({ layer, material, effectiveShare }, i): PeriodicLayer[] => {
    const resistance = layerResistance(stack[i]!, direction)
    if (effectiveShare === 0) return []
    if (material.class === "air" || resistance === 0) return [{ resistance }]
    const { density, specificHeat } = material
    return [{ thickness: layer.thickness, conductivity: layer.thickness / resistance, density, specificHeat }]
  })
  return dayResponse(periodic, INDOOR_RESISTANCE[direction], outdoorFilm(layers, film, direction))
})
