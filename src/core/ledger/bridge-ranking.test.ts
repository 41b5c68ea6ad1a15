import { describe, expect, test } from "@jest/globals"
import { demoJobs } from "../../../tests/fixtures/jobs"
import { rankedBridges } from "./bridge-ranking"
import { ledgerOf } from "./ledger"
import { solvedLedger } from "./solved-ledger"
import { activeState } from "../enclosure/job-state"

const demo = (name: string) => activeState(demoJobs().find((job) => job.name === name)!)

describe("bridges by what they cost", () => {
  const ledger = solvedLedger(demo("Larkspur"))
  const ranked = rankedBridges(ledger)

  test("are the members of each face and the edges, the dearest first", () => {
    expect(ranked.filter(({ set }) => set).map(({ face, name }) => [face.id, name])).toEqual([
      ["left", "Ribs and waist rail"],
      ["right", "Ribs and waist rail"],
      ["roof", "Ribs"],
    ])
    // A box has twelve edges, and so has a van's body.
    expect(ranked.filter(({ set }) => !set)).toHaveLength(12)
    const watts = ranked.map((one) => one.watts)
    expect(watts).toEqual([...watts].sort((a, b) => b - a))
  })

  test("their watts are those of the face with them less those of it without, by hand", () => {
    // From −27 °C to 18 °C: (U − U without)·A·45 K.
    for (const { face, watts } of ranked.filter(({ set }) => set))
      expect(watts).toBeCloseTo((face.transmittance - face.winter.uValue) * face.netArea * 45, 6)
    // Of the right wall the sliding door takes a part; its seven ribs of 50 mm and a rail are shorter there than on the left one.
    const [left, right] = ["left", "right"].map((id) => ranked.find(({ face, set }) => face.id === id && set)!)
    expect(right!.extent).toBeLessThan(left!.extent)
    // Left by hand: seven ribs of 1.845 m and the rail of 3.6 m less their crossings of 50 mm, less what the window of 0.9 by 0.45 m
    // and the ends at the edges leave out: between 14 and 16.6 m.
    expect(left!.extent).toBeGreaterThan(14)
    expect(left!.extent).toBeLessThan(16.6)
  })

  test("frost gathers on the ribs, and none of it before they are solved", () => {
    expect(ranked[0]!.surface).toMatchObject({ side: "inside", season: "winter", wet: "frost", inside: 18, beyond: -27 })
    expect(rankedBridges(ledgerOf(demo("Larkspur"))).every(({ surface, method }) => surface === null && method === "pending")).toBe(true)
  })

  test("timber is counted by the combined method; a cold room is looked at from outdoors, in summer", () => {
    const cold = rankedBridges(solvedLedger(demo("Cold Nettle")))
    expect(cold.filter(({ set }) => set).every(({ method }) => method === "combined")).toBe(true)
    expect(cold.find(({ set }) => !set)!.surface).toMatchObject({ side: "outside", season: "summer" })
  })
})

describe("what is solved", () => {
  test("changes the figures of metal and edges only; a solved ledger has nothing left to solve", () => {
    const before = ledgerOf(demo("Larkspur"))
    const after = solvedLedger(demo("Larkspur"))
    expect(before.pending.length).toBeGreaterThan(0)
    expect(after.pending).toEqual([])
    expect(after.surfaces.find(({ id }) => id === "front")!.totalResistance).toBe(
      before.surfaces.find(({ id }) => id === "front")!.totalResistance,
    )
    expect(after.surfaces.find(({ id }) => id === "left")!.totalResistance).not.toBe(
      before.surfaces.find(({ id }) => id === "left")!.totalResistance,
    )
  })

  test("stands for a while where a detail has changed: in step with the simple method, so figures that are compared are of one kind", () => {
    const solved = solvedLedger(demo("Larkspur"))
    const state = demo("Larkspur")
    const wall = structuredClone(state)
    wall.variant.assemblies.wall!.layers.l2!.thickness = 0.046
    const tried = ledgerOf(wall, solved.solved)
    const psi = (ledger: typeof tried) => ledger.surfaces.find(({ id }) => id === "left")!.bridges[0]!
    expect(psi(tried).solved).toBeNull()
    expect(psi(tried).linearTransmittance / psi(solved).linearTransmittance).toBeCloseTo(psi(tried).estimate / psi(solved).estimate, 9)
    // A millimetre of hemp moves it by little, far less than the method does.
    expect(Math.abs(psi(tried).linearTransmittance - psi(solved).linearTransmittance)).toBeLessThan(0.05 * psi(solved).linearTransmittance)
    expect(Math.abs(psi(solved).estimate - psi(solved).linearTransmittance)).toBeGreaterThan(0.1)
  })
})
