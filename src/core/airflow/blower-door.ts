import { student975 } from "../numeric/student"
import { sum } from "../numeric/sum"
import { ZERO_CELSIUS } from "../quantity/constants"

/** What a fan moves at a pressure across the skin. */
export interface FanReading {
  /** Pa */
  pressure: number
  /** m³/s, as it passes the fan */
  flow: number
}

/** Flow through the leaks as C·Δpⁿ. */
export interface LeakageFit {
  /** C at 20 °C, m³/(s·Paⁿ) */
  coefficient: number
  exponent: number
  /** r of the logarithms */
  correlation: number
  /** 95 % of the exponent */
  exponentInterval95: [low: number, high: number]
}

/** Said where no leaks have such an exponent. @see EN ISO 9972:2015, 6.2 (0.5 to 1) */
export const oddExponent = (exponent: number): string | null =>
  exponent < 0.5 || exponent > 1
    ? `The exponent ${exponent.toFixed(2)} lies outside of 0.5 to 1, between which all leaks are: look for a reading that is wrong, wind, or something that opened during the test.`
    : null

/**
 * Fits readings of a blower door: least squares of the logarithms.
 * @param readings three or more, at two different pressures at least
 * @param leak, fan temperatures of the air that passes the leaks and the fan, °C
 * @see EN ISO 9972:2015, 6.2 and annex C; the coefficient to 20 °C as the flow of a gas by its density
 */
export function fitLeakage(readings: readonly FanReading[], leak: number, fan: number): LeakageFit {
  const [tLeak, tFan] = [leak + ZERO_CELSIUS, fan + ZERO_CELSIUS]
  const points = readings.map(({ pressure, flow }) => [Math.log(pressure), Math.log((flow * tLeak) / tFan)] as const)
  const [meanX, meanY] = ([0, 1] as const).map((i) => sum(points.map((point) => point[i])) / points.length) as [number, number]
  const product = (a: 0 | 1, b: 0 | 1) => {
    const mean = [meanX, meanY]
    return sum(points.map((point) => (point[a] - mean[a]!) * (point[b] - mean[b]!)))
  }
  const [xx, xy, yy] = [product(0, 0), product(0, 1), product(1, 1)]
  const exponent = xy / xx
  const freedom = points.length - 2
  // What is left over is told anew for each reading: yy − n·xy would lose it to rounding where the fit is good.
  const left = sum(points.map(([x, y]) => (y - meanY - exponent * (x - meanX)) ** 2))
  const half = student975(freedom) * Math.sqrt(left / freedom / xx)
  return {
    coefficient: Math.exp(meanY - exponent * meanX) * ((20 + ZERO_CELSIUS) / tLeak) ** (1 - exponent),
    exponent,
    // Where all flows are alike nothing goes with the pressure.
    correlation: yy === 0 ? 0 : xy / Math.sqrt(xx * yy),
    exponentInterval95: [exponent - half, exponent + half],
  }
}
