/** What may go into something: how much room one takes, what it is worth, and how many there are. */
export interface Item {
  room: number
  worth: number
  most: number
}

/** How many of each go in, and what they are worth together. */
export interface Filling {
  counts: number[]
  worth: number
}

/** More branches are not gone through. */
const MOST = 60_000
/** Rounding of sums of lengths, m. */
const ROUNDING = 1e-9

/**
 * The items of most worth that fit into a room, whole ones only: depth first, the most worth for its room first, no further than the rest could
 * still be worth in parts.
 * @returns `exact` is false where it was given up before all was gone through
 * @see Martello and Toth, Knapsack Problems (1990), 3.3
 */
export function bestFilling(items: readonly Item[], room: number): Filling & { exact: boolean } {
  const order = items
    .map((_, i) => i)
    .filter((i) => items[i]!.worth > 0 && items[i]!.most > 0)
    .sort((a, b) => items[b]!.worth / items[b]!.room - items[a]!.worth / items[a]!.room)
  const counts = new Array<number>(items.length).fill(0)
  let best: Filling = { counts: [...counts], worth: 0 }
  let branches = 0
  const rest = (from: number, left: number): number => {
    let worth = 0
    for (let k = from; k < order.length; k++) {
      const { room: each, worth: one, most } = items[order[k]!]!
      if (each * most <= left) {
        worth += one * most
        left -= each * most
      } else return worth + (one * left) / each
    }
    return worth
  }
  const go = (k: number, left: number, worth: number): void => {
    if (worth > best.worth + 1e-12) best = { counts: [...counts], worth }
    if (k === order.length || branches++ > MOST || worth + rest(k, left) <= best.worth + 1e-12) return
    const i = order[k]!
    const { room: each, worth: one, most } = items[i]!
    for (let count = Math.min(most, Math.floor((left + ROUNDING) / each)); count >= 0; count--) {
      counts[i] = count
      go(k + 1, left - count * each, worth + count * one)
    }
    counts[i] = 0
  }
  go(0, room, 0)
  return { ...best, exact: branches <= MOST }
}
