/** Costs are told apart to so much; sums of more of them are not gone through. */
const [GRAIN, MOST] = [1e-4, 2_000_000] as const

/**
 * The least sum of whole numbers of prices that is no less than a cost: what a bound can be lifted to; null where prices are told more finely
 * than sums are gone through, or there are too many sums.
 * @param prices of what is bought
 */
export function attainableCost(cost: number, prices: readonly { cost: number }[]): number | null {
  if (cost <= 0) return 0
  const different = [...new Set(prices.map((price) => price.cost).filter((price) => price > 0))]
  if (different.length === 1) return Math.ceil(cost / different[0]! - 1e-9) * different[0]!
  const grains = different.map((price) => price / GRAIN)
  if (grains.length === 0 || grains.some((grain) => Math.abs(grain - Math.round(grain)) > 1e-6)) return null
  const step = grains.map(Math.round).reduce(greatestDivisor)
  const sizes = grains.map((grain) => Math.round(grain) / step)
  const most = Math.ceil(cost / GRAIN / step) + Math.max(...sizes)
  if (most > MOST) return null
  const sums = new Uint8Array(most + 1)
  sums[0] = 1
  for (let total = 1; total <= most; total++) {
    sums[total] = Number(sizes.some((size) => size <= total && sums[total - size] === 1))
    if (sums[total] === 1 && total * step * GRAIN >= cost - 1e-9) return total * step * GRAIN
  }
  return null
}

const greatestDivisor = (a: number, b: number): number => (b === 0 ? a : greatestDivisor(b, a % b))

/** Steps in search of ways to spend a cost. */
const MOST_STEPS = 20_000

/** Whole numbers of each of some things whose prices come to a cost, all ways; null where there are more than that, or they take too long to find. */
export function waysToCost(cost: number, prices: readonly number[], most: number): number[][] | null {
  const ways: number[][] = []
  let steps = 0
  const go = (i: number, left: number, counts: readonly number[]): boolean => {
    if (ways.length > most || steps++ > MOST_STEPS) return false
    if (i === prices.length) {
      if (Math.abs(left) < GRAIN / 2) ways.push([...counts])
      return true
    }
    for (let count = Math.floor((left + GRAIN / 2) / prices[i]!); count >= 0; count--)
      if (!go(i + 1, left - count * prices[i]!, [...counts, count])) return false
    return true
  }
  return go(0, cost, []) ? ways : null
}
