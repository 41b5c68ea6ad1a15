import type { FacePart } from "../shell/face"

/**
 * Water that leaks bring into a roof or a wall in a cold season of temperate inland weather, at the leakage that a tight building may have,
 * kg/m²: the drying reserve that timber building is held to for it.
 * @see DIN 68800-2:2012, 5.2.4 (250 g/m² in roofs, 100 g/m² in walls and ceilings)
 */
const RESERVE = { roof: 0.25, wall: 0.1 } as const
/** That season, s. @see DIN 4108-3:2018, 5.2 (condensation period of 90 days) */
const COLD_SEASON = 90 * 86_400
/** Leakage at 50 Pa by the skin that goes with it, m³/(h·m²). @see DIN 4108-7:2011, 4.4 */
const TIGHT = 3
/** Vapour that the air of such a season has to lose at such a joint, Pa: 1170 Pa of 20 °C and 50 % less 611 Pa of saturation at 0 °C. */
const EXCESS = 1170 - 611

/**
 * Water that leaks bring to a joint, kg/(m²·s); below 0 what the same air takes from it while it is wet. A floor has none: while the inside is
 * the warmer air comes in low and leaves high.
 * @param excess Pa by which the vapour pressure of the air that leaks is over saturation at the joint
 * @param leakage m³/(h·m²) at 50 Pa, by the skin
 */
export const leakWater = (excess: number, leakage: number, part: FacePart): number =>
  part === "floor" ? 0 : ((RESERVE[part] / COLD_SEASON) * leakage * excess) / (TIGHT * EXCESS)
