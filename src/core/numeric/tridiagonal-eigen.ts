/** A symmetric matrix in its own directions. */
export interface Eigen {
  values: Float64Array
  /** Columns are the directions, of length 1: component k of direction i is `vectors[k·n + i]`. */
  vectors: Float64Array
}

/** More rounds than this for one value are none that end. */
const MOST_ROUNDS = 60

/**
 * Values and directions of a symmetric tridiagonal matrix by the QL method with implicit shifts.
 * @param diagonal n values, and `beside` the n − 1 next to it
 * @see Bowdler, Martin, Reinsch and Wilkinson, Numerische Mathematik 11 (1968), 293–306 (imtql2)
 */
export function tridiagonalEigen(diagonal: Float64Array, beside: Float64Array): Eigen {
  const n = diagonal.length
  const d = diagonal.slice()
  const e = new Float64Array(n)
  e.set(beside)
  const vectors = new Float64Array(n * n)
  for (let i = 0; i < n; i++) vectors[i * n + i] = 1
  for (let l = 0; l < n; l++) {
    for (let round = 0; round < MOST_ROUNDS; round++) {
      // The first that hangs on nothing below it.
      let m = l
      while (m < n - 1 && Math.abs(e[m]!) > Number.EPSILON * (Math.abs(d[m]!) + Math.abs(d[m + 1]!))) m++
      if (m === l) break
      const half = (d[l + 1]! - d[l]!) / (2 * e[l]!)
      const root = Math.hypot(half, 1)
      let g = d[m]! - d[l]! + e[l]! / (half + (half >= 0 ? root : -root))
      let [s, c, p] = [1, 1, 0]
      for (let i = m - 1; i >= l; i--) {
        const f = s * e[i]!
        const b = c * e[i]!
        const r = Math.hypot(f, g)
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
        for (let k = 0; k < n; k++) {
          const at = k * n + i
          const [low, high] = [vectors[at]!, vectors[at + 1]!]
          vectors[at + 1] = s * low + c * high
          vectors[at] = c * low - s * high
        }
        if (i === l) {
          d[l]! -= p
          e[l] = g
          e[m] = 0
        }
      }
    }
  }
  return { values: d, vectors }
}
