import { describe, expect, test } from "@jest/globals"
import { demo, evenBox } from "../../../tests/fixtures/jobs"
import { curesOf, judgedRoughly } from "../../../tests/fixtures/judged"
import { sketch, stack } from "../../../tests/fixtures/layers"
import { activeState } from "../enclosure/job-state"
import { ledgerOf } from "../ledger/ledger"
import { type CureRank, dampCures, rankedCures } from "./damp-cures"

describe("cures of damp", () => {
  const nettle = demo("Cold Nettle")
  const PLYWOOD = evenBox(sketch("one", stack`birch-plywood 9, glass-wool 100, gypsum-board 12`))

  /** Followed once for all tests that only look at them. */
  let known: ReturnType<typeof curesOf> | undefined
  const ofPlywood = () => (known ??= curesOf(PLYWOOD))

  test("of a cold room with its foil inside: moved to the outside, and sealed, next to nothing gathers by the months, and none of it before its years are followed", () => {
    const { ledger, cures, tried, judged } = curesOf(nettle)
    expect(ledger.moisture.left.verdict.harms).toBe(true)
    expect(judged).toBe(tried)
    expect(cures.every(({ judged }) => judged)).toBe(true)
    expect(cures.find(({ name }) => name.endsWith("moved to the outside, and sealed"))!.share).toBeLessThan(0.1)
    const state = activeState(nettle)
    expect(dampCures(state, ledgerOf(state), "left")).toMatchObject({ cures: [], tried: 0 })
  })

  test.each(["money", "height", "weight"] satisfies CureRank[])(
    "those that let it stand come first, by %s; what has no price last",
    (by) => {
      const cures = rankedCures(ofPlywood().cures, by)
      const standing = cures.filter(({ verdict }) => !verdict.harms)
      expect(standing.length).toBeGreaterThan(2)
      expect(cures.slice(0, standing.length)).toEqual(standing)
      const told = standing.map((cure) => cure[by] ?? Infinity)
      expect(told).toEqual([...told].sort((a, b) => a - b))
    },
  )

  test("the smallest fan that is enough, where the humidity follows from what gives off water; none where it is typed", () => {
    const room = evenBox(sketch("one", stack`birch-plywood 9, glass-wool 100, smart-membrane 0.3, gypsum-board 12`))
    const isFan = ({ step }: { step: { always?: number } }) => step.always !== undefined
    expect(ofPlywood().cures.some(isFan)).toBe(false)
    room.brief.inside.water = { cooking: 1, clothes: 1, animals: 0, goods: 0, burners: 0 }
    const { state, details, cures } = curesOf(room)
    const fan = cures.find(isFan)!
    expect(fan).toMatchObject({ money: null, height: 0, weight: 0, verdict: { harms: false } })
    expect(fan.heat).toBeGreaterThan(0)
    const always = state.variant.ventilation.always + (fan.step.always! - state.variant.ventilation.always) / 2
    const half = { ...state, variant: { ...state.variant, ventilation: { ...state.variant.ventilation, always } } }
    expect(judgedRoughly(half, details).moisture.left.verdict.harms).toBe(true)
  })

  test("none moves or replaces what sheds rain: the shingle, and the underlay behind a vented space", () => {
    const roofs = [
      stack`asphalt-shingle 3, softwood-plywood 15, glass-wool 100, gypsum-board 12`,
      stack`steel-dark 0.7, air 40 vented, bitumen-sheet 2, softwood-plywood 15, glass-wool 100, gypsum-board 12`,
    ]
    for (const layers of roofs) {
      const sheds = layers.findIndex(([material]) => material === "asphalt-shingle" || material === "bitumen-sheet")
      const { ledger, cures } = curesOf(evenBox(sketch("one", layers)))
      expect(cures.length).toBeGreaterThan(0)
      expect(ledger.moisture.left.verdict.harms).toBe(true)
      for (const { step } of cures) {
        const next = step.assembly?.next
        const kept = next?.order.filter((id) => id !== "vent-channel").map((id) => next.layers[id]!.material)
        if (kept) expect(kept.slice(0, sheds + 1)).toEqual(layers.slice(0, sheds + 1).map(([material]) => material))
      }
    }
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
