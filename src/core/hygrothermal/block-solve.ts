/**
 * Solves a chain of 2×2 blocks for a right side, from the last block back. What it is given is overwritten; the right side becomes the answer.
 * @param lower, middle, upper blocks by rows: to the one before, of its own, to the one after
 */
export function solveBlocks(lower: Float64Array, middle: Float64Array, upper: Float64Array, right: Float64Array): void {
  const count = right.length / 2
  for (let i = 0; i < count; i++) {
    const m = 4 * i
    if (i > 0) {
      // Less what goes through the block before, which is its own inverse times what lies above it by now.
      const l0 = lower[m]!
      const l1 = lower[m + 1]!
      const l2 = lower[m + 2]!
      const l3 = lower[m + 3]!
      const u = m - 4
      const r = 2 * i - 2
      middle[m]! -= l0 * upper[u]! + l1 * upper[u + 2]!
      middle[m + 1]! -= l0 * upper[u + 1]! + l1 * upper[u + 3]!
      middle[m + 2]! -= l2 * upper[u]! + l3 * upper[u + 2]!
      middle[m + 3]! -= l2 * upper[u + 1]! + l3 * upper[u + 3]!
      right[r + 2]! -= l0 * right[r]! + l1 * right[r + 1]!
      right[r + 3]! -= l2 * right[r]! + l3 * right[r + 1]!
    }
    const a = middle[m]!
    const b = middle[m + 1]!
    const c = middle[m + 2]!
    const d = middle[m + 3]!
    const one = 1 / (a * d - b * c)
    const u0 = upper[m]!
    const u1 = upper[m + 1]!
    const u2 = upper[m + 2]!
    const u3 = upper[m + 3]!
    upper[m] = one * (d * u0 - b * u2)
    upper[m + 1] = one * (d * u1 - b * u3)
    upper[m + 2] = one * (a * u2 - c * u0)
    upper[m + 3] = one * (a * u3 - c * u1)
    const x = right[2 * i]!
    const y = right[2 * i + 1]!
    right[2 * i] = one * (d * x - b * y)
    right[2 * i + 1] = one * (a * y - c * x)
  }
  for (let i = count - 2; i >= 0; i--) {
    const x = right[2 * i + 2]!
    const y = right[2 * i + 3]!
    right[2 * i]! -= upper[4 * i]! * x + upper[4 * i + 1]! * y
    right[2 * i + 1]! -= upper[4 * i + 2]! * x + upper[4 * i + 3]! * y
  }
}
