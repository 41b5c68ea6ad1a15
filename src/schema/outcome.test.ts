import { describe, expect, test } from "@jest/globals"
import { noteIf } from "./note"
import { attempt, InputError, refused, requireRange } from "./outcome"

describe("what may fail in normal life", () => {
  test("is a value", () => expect(attempt(() => 3)).toEqual({ ok: true, value: 3 }))

  test("input that a person can mend becomes data with its place", () => {
    const asked = attempt(() => requireRange(7, 0, 1, "humidity", "0..1"))
    expect(asked).toEqual(refused("out-of-range", ["humidity"], "humidity must lie between 0 and 1 0..1; it is 7."))
  })

  test("a fault of the program is none of it", () =>
    expect(() =>
      attempt(() => {
        throw new TypeError("ours")
      }),
    ).toThrow(TypeError))

  test.each([0, 0.5, 1])("%s lies in 0…1, ends included", (value) =>
    expect(attempt(() => requireRange(value, 0, 1, "share", "1")).ok).toBe(true),
  )
  test.each([-1e-9, 1.000001, NaN, Infinity])("%s does not", (value) =>
    expect(() => requireRange(value, 0, 1, "share", "1")).toThrow(InputError),
  )

  test("a note stands where it holds", () => {
    expect(noteIf(false, "code", "words")).toEqual([])
    expect(noteIf(true, "code", "words")).toEqual([{ code: "code", text: "words" }])
  })
})
