import { describe, expect, test } from "@jest/globals"
import { evenBox } from "../../../tests/fixtures/jobs"
import { sketch } from "../../../tests/fixtures/layers"
import type { Limits } from "../../schema/job/job"
import { activeState } from "../enclosure/job-state"
import { HEADLINES, overLimit } from "./headlines"
import { inTheWay } from "./in-the-way"
import { ledgerOf } from "./ledger"

const ledger = ledgerOf(activeState(evenBox(sketch("one", [["xps", 0.1]]))))
const NO_LIMITS: Limits = { height: null, weight: null, money: null, loss: null, gain: null }
const over = (id: string, limits: Partial<Limits>) =>
  overLimit(
    HEADLINES.find((headline) => headline.id === id)!,
    ledger,
    { ...NO_LIMITS, ...limits },
  )

describe("headlines", () => {
  test("more than a limit of weight, less than one of height is what breaks it, by so much", () => {
    // By hand 194.7 kg; 2.5 m less 0.1 m of floor and 0.1 m of roof: 2.3 m.
    expect(over("weight", { weight: 190 })).toBeCloseTo(4.7, 6)
    expect(over("weight", { weight: 195 })).toBeNull()
    expect(over("height", { height: 2.4 })).toBeCloseTo(0.1, 9)
    expect(over("height", { height: 2.2 })).toBeNull()
  })

  test("what has no limit breaks none", () => expect(HEADLINES.map(({ id }) => over(id, {}))).toEqual(HEADLINES.map(() => null)))

  test("what breaks its limit stands in the way, and nothing else of them", () => {
    const limits = { ...NO_LIMITS, weight: 190, height: 2.2 }
    const broken = inTheWay(ledger, limits).flatMap((obstacle) => (obstacle.kind === "limit" ? [obstacle.limit] : []))
    expect(broken).toEqual(["weight"])
  })

  test("each has a name and an id of its own", () => {
    expect(new Set(HEADLINES.map(({ id }) => id)).size).toBe(HEADLINES.length)
    expect(new Set(HEADLINES.map(({ name }) => name)).size).toBe(HEADLINES.length)
  })
})
