import { expect, test } from "@jest/globals"
import { memoised } from "./memoised"

test("a result is worked out once for the same objects and values, and forgotten values are worked out again", () => {
  let worked = 0
  const sum = memoised((of: { x: number }, y: number) => (worked++, of.x + y))
  const one = { x: 1 }
  expect([sum(one, 2), sum(one, 2), sum({ x: 1 }, 2)]).toEqual([3, 3, 3])
  expect(worked).toBe(2)
  // Sixty-four values are kept beside an object; one that is asked for again stays.
  for (let y = 100; y < 163; y++) sum(one, y)
  sum(one, 2)
  sum(one, 163)
  worked = 0
  sum(one, 2)
  expect(worked).toBe(0)
  sum(one, 100)
  expect(worked).toBe(1)
})
