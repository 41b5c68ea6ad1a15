import { INDOOR_RESISTANCE } from "../assembly/surface-resistance"
import type { HeatFlowDirection } from "../../schema/quantity"

/** Radiation between two dull faces of a gap (emissivity 0.9) at 10 °C, W/(m²·K). @see ISO 6946:2017, annex on air spaces: E·4σT³ */
const RADIATIVE = (1 / (1 / 0.9 + 1 / 0.9 - 1)) * 4 * 5.67e-8 * 283.15 ** 3

/**
 * What the sun on a skin before a well vented gap does: to what lies behind as if it lay there past so thin a film, and to the skin itself,
 * m²·K/W. The skin gives its heat to the outdoors, to the air of the gap, which is outdoor air, and by radiation to what is behind.
 * Two balances, all above the outdoor air: of the skin, α·I = (1/Rse + hc + hr)·s − hr·b, and of what is behind it,
 * (hc + hr)·b = hr·s − its flow inward; so s = α·I / (1/Rse + hc + hr·(1 − w·(1 − U/h))), with h = hc + hr = 1/Rsi and w = hr/h, and the
 * sun counts behind it as w·s.
 * @param transmittance of what is behind, its film towards the gap included, W/(m²·K)
 * @param film between the skin and the outdoors, m²·K/W
 * @see ISO 6946:2017, 6.9.4 (the film towards the gap is that of indoors)
 */
export function ventedSunFilms(transmittance: number, film: number, direction: HeatFlowDirection): { behind: number; skin: number } {
  const towardsGap = 1 / INDOOR_RESISTANCE[direction]
  const radiative = Math.min(RADIATIVE, towardsGap)
  const share = radiative / towardsGap
  const back = share * (1 - Math.min(1, transmittance / towardsGap))
  const skin = 1 / (1 / film + (towardsGap - radiative) + radiative * (1 - back))
  return { behind: share * skin, skin }
}
