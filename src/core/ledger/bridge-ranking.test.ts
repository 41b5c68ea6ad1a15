import { describe, expect, test } from "@jest/globals"
import { demoJobs } from "../../edit/start/demo-jobs"
import { bridge } from "../conduction/bridge"
import { rankedBridges, setsOnFaces } from "./bridge-ranking"
import { ledgerOf } from "./ledger"
import { activeState } from "./state"

describe("members by what they cost", () => {
  const ledger = ledgerOf(activeState(demoJobs().find(({ name }) => name === "Larkspur")!))
  const sets = setsOnFaces(ledger)
  const ranked = rankedBridges(
    sets,
    sets.map(({ detail }) => bridge({ ...detail.body, accuracy: 0.02 })),
  )

  test("are those of each face, the dearest first", () => {
    expect(sets.map(({ figures, set }) => [figures.id, set.name])).toEqual([
      ["left", "Ribs and waist rail"],
      ["roof", "Ribs"],
      ["right", "Ribs and waist rail"],
    ])
    const watts = ranked.map((one) => one.watts)
    expect(watts).toEqual([...watts].sort((a, b) => b - a))
  })

  test("their watts are those of the face with them less those of it without, by hand", () => {
    // With members at their pitch: (U − U beside)·area of the stretches they stand in = ψ/pitch·(length·pitch).
    for (const { bridge: found, watts, length, detail } of ranked) {
      const stretches = length * detail.body.width
      expect(watts).toBeCloseTo((found.transmittance - found.beside) * stretches * 45, 6)
    }
    // Of the right wall the sliding door takes a part; its seven ribs of 50 mm and a rail are shorter there than on the left one.
    const [left, right] = ["left", "right"].map((id) => sets.find(({ figures }) => figures.id === id)!)
    expect(right!.length).toBeLessThan(left!.length)
    // Left by hand: seven ribs of 1.845 m and the rail of 3.6 m less their crossings of 50 mm, less what the window of 0.9 by 0.45 m
    // and the ends at the edges leave out: between 14 and 16.6 m.
    expect(left!.length).toBeGreaterThan(14)
    expect(left!.length).toBeLessThan(16.6)
  })
})
