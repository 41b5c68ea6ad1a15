import { describe, expect, test } from "@jest/globals"
import { demo } from "../../../tests/fixtures/jobs"
import { rankedBridges } from "../ledger/bridge-ranking"
import { ledgerOf } from "../ledger/ledger"
import { solvedLedger } from "../ledger/solved-ledger"
import { jobResults } from "../results/job-results"
import { activeState } from "./job-state"
import { place } from "./place"

describe("places of different kinds with the same names in them", () => {
  test("a set of members called roof on the left wall is not the edge of left wall and roof", () => {
    const job = demo("Larkspur")
    const { wall } = job.variants.first!.assemblies
    wall!.members = { roof: wall!.members.m1! }
    for (const layer of Object.values(wall!.layers)) if (layer.between) layer.between = "roof"
    const details = jobResults()
    const ledger = solvedLedger(activeState(job), details)
    const [members, edge] = [place.member("left", "roof"), place.edge(["left", "roof"])]
    expect(members).not.toBe(edge)
    const ranked = rankedBridges(ledger)
    expect(new Set(ranked.map((bridge) => bridge.place)).size).toBe(ranked.length)
    expect(ranked.find((bridge) => bridge.place === members)!.set?.id).toBe("roof")
    expect(ranked.find((bridge) => bridge.place === edge)!.between!.map(({ id }) => id)).toEqual(["left", "roof"])
    // What stands solved at one is not taken for the other.
    expect(details.before(members)!.linearTransmittance).not.toBeCloseTo(details.before(edge)!.linearTransmittance, 3)
  })

  test("an opening called floor is not the floor", () => {
    const job = demo("Larkspur")
    const before = ledgerOf(activeState(job)).loss.parts
    const { "side-window": window, ...rest } = job.shell.openings
    job.shell.openings = { ...rest, floor: window! }
    const after = ledgerOf(activeState(job)).loss.parts
    const heat = (parts: typeof after, at: string) => parts.filter((part) => part.place === at).map((part) => part.heat)
    expect(heat(after, place.surface("floor"))).toEqual(heat(before, place.surface("floor")))
    expect(heat(after, place.opening("floor"))).toEqual(heat(before, place.opening("side-window")))
  })

  test("a piece missing from a face is not an opening of the same name", () => {
    expect(place.notch("well")).not.toBe(place.opening("well"))
  })
})
