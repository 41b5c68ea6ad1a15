import { expect, jest, test } from "@jest/globals"
import { type Calculation, task } from "../../core/results/calculation"
import { inTurn, restedAfter } from "./turn"

const QUICK: Calculation<string, number> = { kind: "quick", key: (input) => input }
const LONG: Calculation<string, number> = { kind: "long", key: (input) => input, keeps: true }

test("what figures wait for comes before what takes seconds, and of that what was asked for latest; each once", () => {
  const wanted = new Map([
    ["bench", [task(LONG, "roof"), task(QUICK, "a"), task(LONG, "left")]],
    ["chosen face", [task(LONG, "left"), task(QUICK, "b")]],
  ])
  expect([...inTurn(wanted).keys()]).toEqual(["quick:a", "quick:b", "long:left", "long:roof"])
})

test("what takes seconds begins once nothing new was asked of it for a while; the rest at once", () => {
  jest.useFakeTimers()
  try {
    const again = jest.fn()
    const rested = restedAfter(1000, again)
    const of = (...names: string[]) => inTurn(new Map([["bench", [task(QUICK, "a"), ...names.map((name) => task(LONG, name))]]]))
    const keys = (...names: string[]) => [...rested(of(...names)).keys()]
    expect(keys("left", "roof")).toEqual(["quick:a"])
    jest.advanceTimersByTime(900)
    // Another one: all wait anew.
    expect(keys("left", "back")).toEqual(["quick:a"])
    jest.advanceTimersByTime(900)
    expect(again).not.toHaveBeenCalled()
    jest.advanceTimersByTime(200)
    expect(again).toHaveBeenCalledTimes(1)
    expect(keys("left", "back")).toEqual(["quick:a", "long:left", "long:back"])
    // One that is done takes no rest from the others.
    expect(keys("back")).toEqual(["quick:a", "long:back"])
  } finally {
    jest.useRealTimers()
  }
})
