/** A way to use something: what it costs, how many of each demand it covers, and which limit it takes one of (−1: none). */
export interface Column {
  cost: number
  covers: readonly number[]
  limit: number
}

/** What a program came to: how often each column is used, and what all cost. */
export interface Covering {
  columns: readonly Column[]
  uses: number[]
  cost: number
}

/** Less is nothing. */
const NOTHING = 1e-9
/** More exchanges than that are none that ends. */
const MOST = 20_000

/**
 * Least cost at which columns cover all demands within their limits, in parts of columns too; columns are made on the way, by what they would
 * be worth. By the revised simplex method with delayed columns.
 * @param demands how many of each are asked for
 * @param limits how often columns of each limit may be used
 * @param start columns, one for each demand, that cover it alone: what cannot be covered is covered by them
 * @param better given prices, a column that costs less than what it covers is worth at them; null where none does
 * @see Gilmore and Gomory, Operations Research 9 (1961)
 */
export function cheapestCovering(
  demands: readonly number[],
  limits: readonly number[],
  start: readonly Column[],
  better: (demandPrices: readonly number[], limitPrices: readonly number[]) => Column | null,
): Covering | null {
  const [n, m] = [demands.length, demands.length + limits.length]
  // Rows: demands, then limits. In the basis at first each demand's own column, and the slack of each limit.
  const inverse = Array.from({ length: m }, (_, i) => Float64Array.from({ length: m }, (_, j) => Number(i === j)))
  const basis: { column: Column | null; cost: number }[] = Array.from({ length: m }, (_, i) =>
    i < n ? { column: start[i]!, cost: start[i]!.cost } : { column: null, cost: 0 },
  )
  const amounts = Float64Array.from([...demands, ...limits])
  const prices = new Float64Array(m)
  for (let exchange = 0; exchange < MOST; exchange++) {
    for (let j = 0; j < m; j++) {
      let price = 0
      for (let i = 0; i < m; i++) price += basis[i]!.cost * inverse[i]![j]!
      prices[j] = price
    }
    const entering = entryOf(prices, n, better)
    if (!entering) return told()
    const step = inverse.map((row) => {
      let all = 0
      for (const [j, by] of entering.entries) all += row[j]! * by
      return all
    })
    let leaving = -1
    for (let i = 0; i < m; i++) {
      if (step[i]! <= NOTHING) continue
      if (leaving < 0 || amounts[i]! / step[i]! < amounts[leaving]! / step[leaving]! - NOTHING) leaving = i
    }
    if (leaving < 0) return null
    exchangeRow(leaving, step, entering)
  }
  return null

  function exchangeRow(leaving: number, step: readonly number[], { column, cost }: Entry): void {
    const pivot = step[leaving]!
    const row = inverse[leaving]!
    for (let j = 0; j < m; j++) row[j]! /= pivot
    amounts[leaving]! /= pivot
    for (let i = 0; i < m; i++) {
      const by = step[i]!
      if (i === leaving || by === 0) continue
      const other = inverse[i]!
      for (let j = 0; j < m; j++) other[j]! -= by * row[j]!
      amounts[i] = Math.max(0, amounts[i]! - by * amounts[leaving]!)
    }
    basis[leaving] = { column, cost }
  }

  function told(): Covering {
    const used = basis.flatMap(({ column }, i) => (column && amounts[i]! > NOTHING ? [{ column, use: amounts[i]! }] : []))
    return {
      columns: used.map(({ column }) => column),
      uses: used.map(({ use }) => use),
      cost: used.reduce((all, { column, use }) => all + column.cost * use, 0),
    }
  }
}

/** What comes into the basis: a column by its rows, or what a demand is covered by too much. */
interface Entry {
  column: Column | null
  cost: number
  entries: readonly (readonly [row: number, by: number])[]
}

function entryOf(prices: Float64Array, n: number, better: Parameters<typeof cheapestCovering>[3]): Entry | null {
  for (let i = 0; i < n; i++) if (prices[i]! < -NOTHING) return { column: null, cost: 0, entries: [[i, -1]] }
  for (let i = n; i < prices.length; i++) if (prices[i]! > NOTHING) return { column: null, cost: 0, entries: [[i, 1]] }
  const column = better([...prices.slice(0, n)], [...prices.slice(n)])
  if (!column) return null
  const entries = column.covers.flatMap((by, i) => (by > 0 ? [[i, by] as const] : []))
  return { column, cost: column.cost, entries: column.limit < 0 ? entries : [...entries, [n + column.limit, 1] as const] }
}
