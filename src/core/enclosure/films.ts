import type { HeatFlowDirection, Season } from "../../schema/quantity"
import { type Films, INDOOR_RESISTANCE, OUTDOOR_RESISTANCE, SUMMER_OUTDOOR_RESISTANCE } from "../assembly/surface-resistance"
import { filmOutside } from "../assembly/ventilated"
import type { Adjacent } from "./adjacent"

/** Film on the far side of a surface: as indoors where a space shelters it, else that of the wind or of a hot afternoon, m²·K/W. */
export function farFilm(adjacent: Adjacent, direction: HeatFlowDirection, season: Season = "winter"): number {
  if (adjacent.kind === "space") return INDOOR_RESISTANCE[direction]
  return season === "winter" ? OUTDOOR_RESISTANCE : SUMMER_OUTDOOR_RESISTANCE
}

/** Both films of a surface. @param effectiveShare of its outermost layer's resistance */
export const filmsOf = (adjacent: Adjacent, effectiveShare: number, direction: HeatFlowDirection): Films => ({
  inside: INDOOR_RESISTANCE[direction],
  outside: filmOutside(effectiveShare, farFilm(adjacent, direction), direction),
  direction,
})
