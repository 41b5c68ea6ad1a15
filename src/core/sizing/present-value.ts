/**
 * What one unit of money at the end of each year is worth today.
 * @param years above 0
 * @param rate interest without inflation, −0.5…1
 * @returns years, where there is no interest
 */
export const annuity = (years: number, rate: number): number => (rate === 0 ? years : (1 - (1 + rate) ** -years) / rate)
