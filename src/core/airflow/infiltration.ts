/** Leakage of an enclosure and the weather that drives it. */
export interface Leakage {
  /** m³/s at 50 Pa */
  flow50: number
  /** Of the flow with the pressure: between that of orifices (0.5) and that of long fine gaps (1). */
  exponent?: number
  /** Stack coefficient, m²/(s²·K), and wind coefficient, m²/(s²·(m/s)²). */
  stack: number
  wind: number
  /** °C */
  insideTemperature: number
  /** °C */
  outsideTemperature: number
  /** m/s, open station at 10 m */
  windSpeed: number
}

/** 1 none … 5 very heavy */
export type Shelter = 1 | 2 | 3 | 4 | 5

/** As most small buildings are found. */
export const EXPONENT = 0.65

/**
 * Flow through the leaks of a small building at a given temperature difference and wind.
 * @returns m³/s, and the effective leakage area at 4 Pa, m²
 * @see ASHRAE Fundamentals 2017, ch. 16, eq. 48 (basic model)
 */
export function infiltration(leakage: Leakage): { flow: number; leakageArea: number } {
  const { flow50, exponent = EXPONENT, stack, wind, insideTemperature, outsideTemperature, windSpeed } = leakage
  const leakageArea = leakageAreaAt(flow50 * (4 / 50) ** exponent)
  return { flow: leakageArea * Math.sqrt(stack * Math.abs(insideTemperature - outsideTemperature) + wind * windSpeed ** 2), leakageArea }
}

/** Area of an ideal hole that passes a flow at 4 Pa, m². @param flow m³/s at 4 Pa */
export const leakageAreaAt = (flow: number): number => flow * Math.sqrt(1.2041 / 8)

/**
 * Stack coefficient of leaks spread evenly over a height, m²/(s²·K).
 * @param height m, from the lowest to the highest leak
 * @see ASHRAE Fundamentals 2017, ch. 16, table 4, taken to other heights in proportion
 */
export const stackCoefficient = (height: number): number => (0.0145 * height) / STOREY

/**
 * Wind coefficient, m²/(s²·(m/s)²).
 * @see ASHRAE Fundamentals 2017, ch. 16, table 6, taken to other heights by the power 0.4
 */
export const windCoefficient = (height: number, shelter: Shelter): number => WIND[shelter - 1]! * (height / STOREY) ** 0.4

/** Height of one storey, m, and what the wind does to it by shelter class. */
const STOREY = 2.5
const WIND = [0.0319, 0.0246, 0.0174, 0.0104, 0.0032] as const
