/** Leakage of an enclosure and the weather that drives it. */
export interface Leakage {
  /** Air changes at 50 Pa, per hour. */
  ach50: number
  /** m³ */
  volume: number
  /** m, from the lowest to the highest leak */
  height: number
  /** 1 none … 5 very heavy */
  shelter: 1 | 2 | 3 | 4 | 5
  /** °C */
  insideTemperature: number
  /** °C */
  outsideTemperature: number
  /** m/s, open station at 10 m */
  windSpeed: number
}

/**
 * Flow through the leaks of a small building at a given temperature difference and wind.
 * @returns m³/s and air changes per hour
 * @see ASHRAE Fundamentals 2017, ch. 16, eq. 48 and tables 4 and 6 (basic model, effective leakage area at 4 Pa)
 */
export function infiltration(leakage: Leakage): { flow: number; ach: number; leakageArea: number } {
  const flow50 = (leakage.ach50 * leakage.volume) / 3600
  const leakageArea = flow50 * (4 / 50) ** EXPONENT * Math.sqrt(1.2041 / 8)
  const storeys = leakage.height / 2.5
  const stack = 0.0145 * storeys
  const wind = WIND[leakage.shelter - 1]! * storeys ** 0.4
  const difference = Math.abs(leakage.insideTemperature - leakage.outsideTemperature)
  const flow = leakageArea * Math.sqrt(stack * difference + wind * leakage.windSpeed ** 2)
  return { flow, ach: (flow / leakage.volume) * 3600, leakageArea }
}

/** Exponent of the flow through cracks between that of orifices (0.5) and that of long fine gaps (1). */
const EXPONENT = 0.65
/** Wind coefficient by shelter class for one storey of 2.5 m, m²/(s²·(m/s)²). */
const WIND = [0.0319, 0.0246, 0.0174, 0.0104, 0.0032] as const
