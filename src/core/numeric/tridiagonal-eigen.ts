/** A symmetric matrix in its own directions, each of length 1. */
export interface Eigen {
  values: Float64Array
  /** Of each row that was asked for its products with the directions. */
  products: Float64Array[]
}

/** More rounds than this for one value are none that end. */
const MOST_ROUNDS = 60
/** What is less, or less than that share of the greatest, is nothing: beside it its square could not be told. */
const [LEAST, SHARE] = [1e-150, Number.EPSILON ** 2] as const

/**
 * Values of a symmetric tridiagonal matrix, and what rows come to in its directions, by the QL method with implicit shifts: as the square
 * of the size, where all directions would take its cube.
 * @param diagonal n values, and `beside` the n − 1 next to it
 * @param rows of n; a row of 0 but for a 1 gives a component of each direction
 * @see Bowdler, Martin, Reinsch and Wilkinson, Numerische Mathematik 11 (1968), 293–306 (imtql2)
 */
export function tridiagonalEigen(diagonal: Float64Array, beside: Float64Array, rows: readonly Float64Array[]): Eigen {
  const n = diagonal.length
  const d = diagonal.slice()
  const e = new Float64Array(n)
  e.set(beside)
  const products = rows.map((row) => row.slice())
  const least = Math.max(LEAST, SHARE * [...d, ...e].reduce((most, one) => Math.max(most, Math.abs(one)), 0))
  for (let l = 0; l < n; l++) {
    for (let round = 0; round < MOST_ROUNDS; round++) {
      // The first that hangs on nothing below it.
      let m = l
      while (m < n - 1 && Math.abs(e[m]!) > Number.EPSILON * (Math.abs(d[m]!) + Math.abs(d[m + 1]!)) + least) m++
      if (m === l) break
      const half = (d[l + 1]! - d[l]!) / (2 * e[l]!)
      const root = Math.hypot(half, 1)
      let g = d[m]! - d[l]! + e[l]! / (half + (half >= 0 ? root : -root))
      let [s, c, p] = [1, 1, 0]
      for (let i = m - 1; i >= l; i--) {
        const f = s * e[i]!
        const b = c * e[i]!
        const r = Math.sqrt(f * f + g * g)
        e[i + 1] = r
        if (r === 0) {
          d[i + 1]! -= p
          e[m] = 0
          break
        }
        s = f / r
        c = g / r
        g = d[i + 1]! - p
        const t = (d[i]! - g) * s + 2 * c * b
        p = s * t
        d[i + 1] = g + p
        g = c * t - b
        for (const row of products) {
          const low = row[i]!
          const high = row[i + 1]!
          row[i + 1] = s * low + c * high
          row[i] = c * low - s * high
        }
        if (i === l) {
          d[l]! -= p
          e[l] = g
          e[m] = 0
        }
      }
    }
  }
  return { values: d, products }
}
