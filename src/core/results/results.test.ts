import { describe, expect, test } from "@jest/globals"
import { type Calculation, keyOf, task } from "./calculation"
import { growingResults } from "./results"

const SQUARE: Calculation<number, number> = { kind: "square", key: String }
const CUBE: Calculation<number, number> = { kind: "cube", key: String }

describe("results", () => {
  test("are kept by the kind of calculation and by what they are of", () => {
    const results = growingResults()
    expect(results.of(SQUARE, 3)).toBeUndefined()
    results.add(task(SQUARE, 3), 9)
    expect([results.of(SQUARE, 3), results.of(CUBE, 3), results.of(SQUARE, 4)]).toEqual([9, undefined, undefined])
    expect(keyOf(task(SQUARE, 3))).not.toBe(keyOf(task(CUBE, 3)))
  })

  test("more than so many are not kept, and the one asked for longest ago goes first", () => {
    const results = growingResults(2)
    results.add(task(SQUARE, 1), 1)
    results.add(task(SQUARE, 2), 4)
    results.of(SQUARE, 1)
    results.add(task(SQUARE, 3), 9)
    expect([1, 2, 3].map((x) => results.of(SQUARE, x))).toEqual([1, undefined, 9])
  })

  test("of what is large fewer are kept, without those of other kinds going for it", () => {
    const results = growingResults()
    const large = { ...CUBE, most: 2 }
    results.add(task(SQUARE, 1), 1)
    for (const x of [1, 2, 3]) results.add(task(large, x), x ** 3)
    expect([1, 2, 3].map((x) => results.of(large, x))).toEqual([undefined, 8, 27])
    expect(results.of(SQUARE, 1)).toBe(1)
  })
})
