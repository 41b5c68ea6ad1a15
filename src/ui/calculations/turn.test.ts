import { expect, test } from "@jest/globals"
import { type Calculation, task } from "../../core/results/calculation"
import { inTurn } from "./turn"

const QUICK: Calculation<string, number> = { kind: "quick", key: (input) => input }
const LONG: Calculation<string, number> = { kind: "long", key: (input) => input, keeps: true }

test("what figures wait for comes before what takes seconds, and of that what was asked for latest; each once", () => {
  const wanted = new Map([
    ["bench", [task(LONG, "roof"), task(QUICK, "a"), task(LONG, "left")]],
    ["chosen face", [task(LONG, "left"), task(QUICK, "b")]],
  ])
  expect([...inTurn(wanted).keys()]).toEqual(["quick:a", "quick:b", "long:left", "long:roof"])
})
