import { expect, test } from "@jest/globals"
import { lazily } from "./lazily"

test("each field is worked out when it is first asked for, once, also by what is made on top of it", () => {
  const made: string[] = []
  const make =
    <T>(name: string, value: T) =>
    () => (made.push(name), value)
  const base = lazily<{ a: number; b: number }>({ a: make("a", 1), b: make("b", 2) })
  const more = lazily<{ a: number; b: number; c: number }, typeof base>({ c: make("c", 3) }, base)
  expect(made).toEqual([])
  expect([more.c, more.a, base.a, more.a]).toEqual([3, 1, 1, 1])
  expect(made).toEqual(["c", "a"])
  expect({ ...more }).toEqual({ a: 1, b: 2, c: 3 })
})
