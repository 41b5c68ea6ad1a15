import { describe, expect, test } from "@jest/globals"
import fc from "fast-check"
import { solveDense } from "./dense"

describe("a small dense system", () => {
  test("by hand, where the first pivot is 0", () => {
    // 2y = 4, 3x + y = 5
    expect([...solveDense([Float64Array.of(0, 2), Float64Array.of(3, 1)], [4, 5])]).toEqual([1, 2])
  })

  test("gives back what was multiplied, for any whose diagonal outweighs its rows", () => {
    const entry = fc.double({ min: -1, max: 1, noNaN: true })
    fc.assert(
      fc.property(
        fc.array(fc.array(entry, { minLength: 6, maxLength: 6 }), { minLength: 6, maxLength: 6 }),
        fc.array(entry, { minLength: 6, maxLength: 6 }),
        (rows, x) => {
          const heavy = rows.map((row, i) => Float64Array.from(row, (one, j) => (i === j ? one + 8 : one)))
          const right = heavy.map((row) => row.reduce((sum, one, j) => sum + one * x[j]!, 0))
          solveDense(heavy, right).forEach((one, i) => expect(Math.abs(one - x[i]!)).toBeLessThan(1e-12))
        },
      ),
    )
  })
})
