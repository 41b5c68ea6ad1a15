import { expect, test } from "@jest/globals"
import fc from "fast-check"
import { tridiagonalEigen } from "./tridiagonal-eigen"

// The second difference of n points has the values 2 − 2 cos(kπ/(n + 1)).
test("values of the second difference are those of its analytic solution", () => {
  const n = 30
  const { values } = tridiagonalEigen(new Float64Array(n).fill(2), new Float64Array(n - 1).fill(-1), [])
  const found = values.slice().sort()
  found.forEach((value, k) => expect(value).toBeCloseTo(2 - 2 * Math.cos(((k + 1) * Math.PI) / (n + 1)), 12))
})

test("directions are of length 1, square to each other, and give the matrix back", () => {
  const number = fc.double({ min: -10, max: 10, noNaN: true })
  fc.assert(
    fc.property(fc.array(fc.tuple(number, number), { minLength: 1, maxLength: 12 }), (pairs) => {
      const n = pairs.length
      const diagonal = Float64Array.from(pairs, ([value]) => value)
      const beside = Float64Array.from(pairs.slice(1), ([, value]) => value)
      const units = pairs.map((_, k) => new Float64Array(n).fill(1, k, k + 1))
      const { values, products } = tridiagonalEigen(diagonal, beside, units)
      for (let row = 0; row < n; row++)
        for (let column = 0; column < n; column++) {
          let [back, square] = [0, 0]
          for (let i = 0; i < n; i++) {
            const both = products[row]![i]! * products[column]![i]!
            back += values[i]! * both
            square += both
          }
          const own = row === column ? diagonal[row]! : Math.abs(row - column) === 1 ? beside[Math.min(row, column)]! : 0
          expect(back).toBeCloseTo(own, 9)
          expect(square).toBeCloseTo(row === column ? 1 : 0, 9)
        }
    }),
    {
      numRuns: 50,
      examples: [
        [
          [
            [0, 0],
            [0, 4.6317651580641405e-67],
            [0, 9.488890600463815e-142],
            [0, 2.7963056516320366e-46],
          ],
        ],
      ],
    },
  )
})
