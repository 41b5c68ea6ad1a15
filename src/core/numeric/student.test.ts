import { expect, test } from "@jest/globals"
import { student975 } from "./student"

test("quantiles of Student's t (Abramowitz and Stegun 1964, table 26.10)", () => {
  expect([1, 2, 3, 4, 5, 10, 30, 60, 120].map((freedom) => Math.round(student975(freedom) * 1000) / 1000)).toEqual([
    12.706, 4.303, 3.182, 2.776, 2.571, 2.228, 2.042, 2, 1.98,
  ])
})
