import { saturationPressure } from "../air/saturation-pressure"
import type { LastingLook } from "./moisture-check"
import { COLD_SEASON } from "./trapped-water"

/**
 * Water that leaks bring into a roof or a wall in a cold season of temperate inland weather, at the leakage that a tight building may have,
 * kg/m²: the drying reserve that timber building is held to for it.
 * @see DIN 68800-2:2012, 5.2.4 (250 g/m² in roofs, 100 g/m² in walls and ceilings)
 */
const RESERVE = { roof: 0.25, wall: 0.1 } as const
/** Leakage at 50 Pa by the skin that goes with it, m³/(h·m²). @see DIN 4108-7:2011, 4.4 */
const TIGHT = 3
/** Vapour that the air of such a season has to lose at such a joint, Pa: 1170 Pa of 20 °C and 50 % less 611 Pa of saturation at 0 °C. */
const EXCESS = 1170 - 611

/** How much water leaks bring to a joint, beside what it bears there; 0 where leaking air meets no joint below its dew point. */
export function leakWater({ look: { exfiltrationWets: joint }, seasons }: LastingLook, leakage: number, roof: boolean): number {
  if (!joint) return 0
  const excess = saturationPressure(joint.temperature) * (joint.excess - 1)
  const water = (RESERVE[roof ? "roof" : "wall"] * leakage * excess) / (TIGHT * EXCESS)
  return (water * seasons) / (joint.bearable * COLD_SEASON)
}

/** Less than this share of what a joint bears is nothing to speak of. */
export const LITTLE = 0.1
