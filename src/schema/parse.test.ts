import { describe, expect, test } from "@jest/globals"
import * as z from "./zod"
import { check, placeOf } from "./parse"
import { quantity } from "./quantity"

const Shelf = z.strictObject({
  boards: z
    .array(z.strictObject({ length: quantity("m", "length", { above: 0, max: 6 }), wood: z.enum(["oak", "larch"]).optional() }))
    .max(2),
  name: z.string().min(2),
})
const fault = (value: unknown) => {
  const result = check(Shelf, value)
  return result.ok ? null : result.error
}
const good = { boards: [{ length: 2 }], name: "low" }

test("the limit that a number passes comes along, for whoever writes it in other units", () => {
  expect(fault({ ...good, boards: [{ length: 0 }] })!.range).toEqual({ edge: "above", limit: 0, given: 0 })
  expect(fault({ ...good, boards: [{ length: 7 }] })!.range).toEqual({ edge: "at most", limit: 6, given: 7 })
  expect(fault({ ...good, name: "x" })!.range).toBeUndefined()
})

describe("what is wrong with an input", () => {
  test.each<[string, unknown, string, (string | number)[], RegExp]>([
    ["a missing field", { boards: [] }, "missing", ["name"], /^"name" is missing; give a text\.$/],
    [
      "a missing field in a list",
      { ...good, boards: [{}] },
      "missing",
      ["boards", 0, "length"],
      /^"boards\[0\]\.length" is missing; give a number\.$/,
    ],
    ["a wrong type", { ...good, name: 3 }, "wrong-type", ["name"], /must be a text; it is 3\.$/],
    ["a list for an object", [], "wrong-type", [], /^the input must be an object; it is a list\.$/],
    ["nothing at all", undefined, "missing", [], /the input is missing/],
    ["null", null, "wrong-type", [], /it is null/],
    ["too small", { ...good, boards: [{ length: 0 }] }, "out-of-range", ["boards", 0, "length"], /must be above 0; it is 0\.$/],
    ["too large", { ...good, boards: [{ length: 7 }] }, "out-of-range", ["boards", 0, "length"], /must be at most 6; it is 7\.$/],
    ["not a number", { ...good, boards: [{ length: Number.NaN }] }, "wrong-type", ["boards", 0, "length"], /it is not a number/],
    ["infinite", { ...good, boards: [{ length: -Infinity }] }, "wrong-type", ["boards", 0, "length"], /infinite/],
    [
      "another word",
      { ...good, boards: [{ length: 1, wood: "pine" }] },
      "unknown-value",
      ["boards", 0, "wood"],
      /one of oak, larch; it is the text "pine"/,
    ],
    ["too short a text", { ...good, name: "x" }, "out-of-range", ["name"], /at least 2 characters/],
    ["too long a list", { ...good, boards: [1, 2, 3].map((length) => ({ length })) }, "out-of-range", ["boards"], /at most 2 entries/],
    ["an unknown field", { ...good, colour: "red" }, "unknown-field", ["colour"], /"colour" is not a field here/],
    ["an unknown field deep down", { ...good, boards: [{ length: 1, width: 2 }] }, "unknown-field", ["boards", 0, "width"], /"width"/],
  ])("%s", (_, value, code, path, message) => {
    const found = fault(value)
    expect(found).toMatchObject({ code, path })
    expect(found!.message).toMatch(message)
  })

  test("a misspelt field is told as the missing one that it was meant to be", () => {
    expect(fault({ boards: [], nmae: "low" })).toMatchObject({ code: "missing", path: ["name"] })
  })

  test("nothing, when all is well", () => expect(fault(good)).toBeNull())

  test("a place reads as one writes it", () => {
    expect(placeOf(["layers", 2, "thickness"])).toBe("layers[2].thickness")
    expect(placeOf([1, "dewPoint"])).toBe("[1].dewPoint")
  })
})

test("a quantity keeps its description over its range", () => {
  expect(quantity("m", "length", { min: 0, below: 9 }).description).toBe("length, m")
  expect(z.toJSONSchema(quantity("m", "length", { min: 0, below: 9 }))).toMatchObject({
    minimum: 0,
    exclusiveMaximum: 9,
    description: "length, m",
  })
})
