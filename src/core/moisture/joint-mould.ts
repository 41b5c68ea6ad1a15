import { isoSaturation } from "../air/iso-saturation"
import type { BuiltLayer } from "../assembly/build-up"
import { DAYS_IN_MONTH } from "../climate/design-day"
import { pressureOf } from "../enclosure/month-airs"
import type { Sides } from "./mould"
import { growMould, type Mould, mouldClass, SEEN } from "./mould-index"

/** Years of the same months that mould is followed through: by then it is as far as it comes, or it comes nowhere. */
const YEARS = 3

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
      return Math.min(1, pressure / isoSaturation(temperatures[month]![plane + 1]!))
    })
    if (Math.max(...damp) * 100 < grows.least) return []
    const mould: Mould = { index: 0, idle: 0 }
    let most = 0
    const growing = new Set<number>()
    for (let day = 0; day < YEARS * 365; day++) {
      const month = monthOfDay(day % 365)
      const before = mould.index
      growMould(mould, grows, temperatures[month]![plane + 1]!, damp[month]!, 24)
      if (mould.index > before) growing.add(month)
      most = Math.max(most, mould.index)
    }
    return most >= SEEN ? [{ outer, inner, on, months: [...growing].sort((a, b) => a - b) }] : []
  })
}

const LAST_DAYS = DAYS_IN_MONTH.map((_, month) => DAYS_IN_MONTH.slice(0, month + 1).reduce((all, one) => all + one, 0))
const monthOfDay = (day: number): number => LAST_DAYS.findIndex((last) => day < last)
