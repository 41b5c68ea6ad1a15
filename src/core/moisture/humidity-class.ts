import { pressureOf } from "../enclosure/month-airs"
import type { Sides } from "./mould"

/** Pa by which the air of a building holds more vapour than the outdoors at 0 °C and below, where its class ends; from there to 20 °C straight to none. */
const CLASSES = [270, 540, 810, 1080] as const
/** What is as damp as that: stores, shops and offices, dwellings, kitchens and sports halls, laundries and pools. */
export type HumidityClass = 1 | 2 | 3 | 4 | 5

/**
 * How damp the air inside is for the season, by the month in which it is the most above its class; null where it is never damper than outdoors.
 * @see ISO 13788:2012, annex A
 */
export function humidityClass(months: readonly Sides[]): HumidityClass | null {
  const shares = months.flatMap(({ inside, beyond }) => {
    const falls = Math.min(1, Math.max(0, (20 - beyond.temperature) / 20))
    const excess = pressureOf(inside) - pressureOf(beyond)
    return falls > 0.25 && excess > 0 ? [excess / falls] : []
  })
  if (shares.length === 0) return null
  const most = Math.max(...shares)
  const over = CLASSES.filter((limit) => most > limit).length
  return (over + 1) as HumidityClass
}
