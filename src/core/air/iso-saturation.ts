/**
 * Vapour pressure of saturated air as ISO 13788 has it: over water from 0 °C up, over ice below.
 * @param temperature °C, above −237.3
 * @returns Pa
 * @see ISO 13788:2012, annex E, eq. E.7 and E.8
 */
export const isoSaturation = (temperature: number): number =>
  temperature >= 0
    ? 610.5 * Math.exp((17.269 * temperature) / (237.3 + temperature))
    : 610.5 * Math.exp((21.875 * temperature) / (265.5 + temperature))

/**
 * Temperature at which air of a vapour pressure is saturated.
 * @param pressure Pa, above 0
 * @returns °C
 * @see ISO 13788:2012, annex E, eq. E.9 and E.10
 */
export function isoDewPoint(pressure: number): number {
  const logarithm = Math.log(pressure / 610.5)
  return pressure >= 610.5 ? (237.3 * logarithm) / (17.269 - logarithm) : (265.5 * logarithm) / (21.875 - logarithm)
}
