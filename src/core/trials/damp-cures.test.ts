import { describe, expect, test } from "@jest/globals"
import { demo, evenBox } from "../../../tests/fixtures/jobs"
import { sketch, stack } from "../../../tests/fixtures/layers"
import type { Job } from "../../schema/job/job"
import { activeState } from "../enclosure/job-state"
import { ledgerOf } from "../ledger/ledger"
import { dampCures } from "./damp-cures"

const curesOf = (job: Job) => {
  const state = activeState(job)
  const ledger = ledgerOf(state)
  return { ledger, cures: dampCures(state, ledger, "left") }
}

describe("cures of damp", () => {
  const nettle = demo("Cold Nettle")

  test("of a cold room with its foil inside: moved to the outside, and sealed, it stands", () => {
    const { ledger, cures } = curesOf(nettle)
    expect(ledger.moisture.left.verdict.harms).toBe(true)
    expect(cures.find(({ name }) => name.endsWith("moved to the outside, and sealed"))!.verdict.harms).toBe(false)
  })

  test("those that let it stand come first, the cheapest of them before the dearer", () => {
    const { cures } = curesOf(nettle)
    const standing = cures.filter(({ verdict }) => !verdict.harms)
    expect(cures.slice(0, standing.length)).toEqual(standing)
    standing.slice(1).forEach(({ money }, i) => expect(money).toBeGreaterThanOrEqual(standing[i]!.money))
  })

  test("none are asked for where nothing harms, and what is there already is left alone", () => {
    const box = (layers: ReturnType<typeof stack>) => curesOf(evenBox(sketch("one", layers))).cures
    expect(box(stack`wood-fibre-board 35, glass-wool 100, smart-membrane 0.3, gypsum-board 12`)).toEqual([])
    for (const { step } of box(stack`steel-painted 0.8 there, glass-wool 100 there, birch-plywood 9`)) {
      const next = step.assembly?.next
      if (next) expect(next.order.slice(0, 2).map((id) => next.layers[id]!.material)).toEqual(["steel-painted", "glass-wool"])
    }
  })
})
