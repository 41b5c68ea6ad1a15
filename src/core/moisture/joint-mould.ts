import { isoSaturation } from "../air/iso-saturation"
import type { BuiltLayer } from "../assembly/build-up"
import { pressureOf } from "../enclosure/month-airs"
import type { Sides } from "./mould"
import { mouldClass, mouldThrough, SEEN } from "./mould-index"

/** A build-up through the months, while no air leaks. */
interface Through {
  planes: readonly { outer: number; inner: number }[]
  months: readonly Sides[]
  /** °C at the outdoor face, each plane and the inside face, in each month; and m of equivalent air from the outdoor face. */
  temperatures: readonly (readonly number[])[]
  airLayers: readonly (readonly number[])[]
}

/** Where mould comes to be seen within a build-up, and in which months it is damp enough for it. */
export interface JointMould {
  outer: number
  inner: number
  /** The layer that it grows on. */
  on: number
  months: number[]
}

/**
 * Joints where mould comes to be seen though no drop gathers: the mean humidity of each month there, by vapour alone, taken through the growth
 * model for what the joint lies on. A joint that water gathers at stands at saturation, and is judged by that.
 * @see ISO 13788:2012, 5.3 (critical humidity, here that of the stuff); Hukka and Viitanen (1999)
 */
export function jointMould({ planes, months, temperatures, airLayers }: Through, layers: readonly BuiltLayer[]): JointMould[] {
  return planes.flatMap(({ outer, inner }, plane): JointMould[] => {
    if (outer === inner) return []
    const on = [inner, outer].find((layer) => layers[layer]!.effectiveShare > 0 && mouldClass(layers[layer]!.material)?.organic)
    if (on === undefined) return []
    const grows = mouldClass(layers[on]!.material)!
    const damp = months.map(({ inside, beyond }, month) => {
      const at = airLayers[month]!
      const share = at[plane + 1]! / at.at(-1)!
      const pressure = pressureOf(beyond) + share * (pressureOf(inside) - pressureOf(beyond))
      const temperature = temperatures[month]![plane + 1]!
      return { temperature, humidity: Math.min(1, pressure / isoSaturation(temperature)) }
    })
    const { most, growing } = mouldThrough(grows, damp)
    return most >= SEEN ? [{ outer, inner, on, months: growing }] : []
  })
}
