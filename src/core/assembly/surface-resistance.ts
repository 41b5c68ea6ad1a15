import type { HeatFlowDirection } from "../../schema/quantity"

/** Surface resistances of both sides, m²·K/W, and which way the heat goes. */
export interface Films {
  inside: number
  outside: number
  direction: HeatFlowDirection
}

/** Surface resistance indoors by direction of the heat flow, m²·K/W. @see ISO 6946:2017, table 7 */
export const INDOOR_RESISTANCE: Record<HeatFlowDirection, number> = { horizontal: 0.13, up: 0.1, down: 0.17 }

/** Surface resistance outdoors in wind, m²·K/W. @see ISO 6946:2017, table 7 */
export const OUTDOOR_RESISTANCE = 0.04

/** Surface resistance outdoors on a hot afternoon of light wind (17 W/(m²·K)), m²·K/W. @see ASHRAE Fundamentals 2017, ch. 26, table 10 */
export const SUMMER_OUTDOOR_RESISTANCE = 1 / 17

/**
 * Direction of the heat flow through a face of a given tilt.
 * @param tilt degrees: 0 faces up, 90 is a wall, 180 faces down
 * @param outward whether heat leaves through the face
 * @see ISO 6946:2017, 6.8: within 30° of the horizontal plane counts as flat
 */
export function heatFlowDirection(tilt: number, outward: boolean): HeatFlowDirection {
  if (tilt > 60 && tilt < 120) return "horizontal"
  return tilt <= 60 === outward ? "up" : "down"
}
