import { dampRank } from "./damp-verdict"
import { describe, expect, test } from "@jest/globals"
import { demo, evenBox } from "../../../tests/fixtures/jobs"
import { sketch, stack } from "../../../tests/fixtures/layers"
import { activeState } from "../enclosure/job-state"
import { HEADLINES } from "../ledger/headlines"
import { inTheWay } from "../ledger/in-the-way"
import { ledgerOf } from "../ledger/ledger"
import { solvedLedger } from "../ledger/solved-ledger"
import { materialOf } from "../material/catalogue"
import { dampMargin } from "./damp-margin"
import { factorPast, mouldMonths } from "./mould"
import { trappedWaterLimit } from "./trapped-water"

describe("water that may lie trapped, by hand from DIN 4108-3", () => {
  test.each([
    { id: "steel-painted", thickness: 0.0008, limit: 0.5 },
    { id: "foil-membrane", thickness: 0.0003, limit: 0.5 },
    { id: "stone-wool", thickness: 0.1, limit: 0.5 },
    { id: "xps", thickness: 0.1, limit: 0.5 },
    { id: "concrete", thickness: 0.15, limit: 1 },
    // By mass: 3 % of 12 mm at its density, 5 % of solid wood as deep as a season reaches.
    { id: "osb", thickness: 0.012, limit: 0.03 * 0.012 * materialOf("osb").density },
    { id: "spruce", thickness: 0.1, limit: 0.05 * 0.025 * 450 },
    { id: "fibre-cement-sheet", thickness: 0.008, limit: 0.5 },
  ])("on $id $limit kg/m²", ({ id, thickness, limit }) => {
    expect(trappedWaterLimit(materialOf(id), thickness)).toBeCloseTo(limit, 9)
  })
})

describe("mould", () => {
  test("a thicker film takes its own share of the fall, by hand", () => {
    // f 0.87 past 0.13: R = 0.13/0.13 = 1 in all, 0.87 behind the film; past 0.25: 1 − 0.25/1.12 = 0.7768.
    expect(factorPast(0.87, 0.13, 0.25)).toBeCloseTo(0.7768, 4)
    expect(factorPast(0.87, 0.13, 0.13)).toBeCloseTo(0.87, 12)
  })

  test("begins at f_Rsi 0.70 for 20 °C and 50 % with −5 °C outdoors, as DIN 4108-2 has it", () => {
    const airs = { inside: { temperature: 20, relativeHumidity: 0.5 }, beyond: { temperature: -5, relativeHumidity: 0.8 } }
    const month = { ...airs, times: [{ ...airs, share: 1 }] }
    expect(mouldMonths(0.69, [month])).toEqual([0])
    expect(mouldMonths(0.71, [month])).toEqual([])
  })

  test("is not the build-up's where the room's own air is as damp", () => {
    const airs = { inside: { temperature: 3, relativeHumidity: 0.85 }, beyond: { temperature: -5, relativeHumidity: 0.8 } }
    const month = { ...airs, times: [{ ...airs, share: 1 }] }
    expect(mouldMonths(0.5, [month])).toEqual([])
  })
})

describe("one verdict", () => {
  const larkspur = demo("Larkspur")
  const ledger = solvedLedger(activeState(larkspur))

  test("a rib that frosts speaks for its wall, on the ledger, in the way and in the working's figure", () => {
    const { spot, spots } = ledger.moisture.left
    const rib = spots.find(({ name }) => name === "ribs and waist rail")!
    expect(rib.verdict).toMatchObject({ harms: true, freezes: true, season: "winter" })
    expect(rib.verdict.sentence).toMatch(/^Frost gathers on the ribs and waist rail of the left wall/)
    expect(dampRank(spot)).toBeGreaterThanOrEqual(dampRank(rib.verdict))
    const { verdict } = ledger.moisture[ledger.wettest.id]!
    expect(dampRank(verdict)).toBeGreaterThanOrEqual(dampRank(spot))
    const damp = HEADLINES.find(({ id }) => id === "damp")!
    expect(damp.verdict!(ledger).verdict).toBe(ledger.moisture[ledger.wettest.id]!.verdict)
    expect(inTheWay(ledger, larkspur.brief.limits).find(({ kind }) => kind === "damp")).toMatchObject({ words: verdict.words })
    expect(dampMargin(ledger)).toBeLessThan(-10)
  })

  test("nothing whose coldest spot is below its dew point is called dry, in any job of the demo", () => {
    for (const name of ["Larkspur", "Cold Nettle", "Tern Hut", "Eel Barn"]) {
      const { surfaces, moisture } = solvedLedger(activeState(demo(name)))
      for (const { id } of surfaces) {
        const { spots, verdict } = moisture[id]!
        if (spots.some(({ cold }) => cold.wet)) expect([verdict.harms, verdict.filling === "dry"]).toEqual([true, false])
      }
    }
  })

  test("leaks are weighed by how leaky the job is, and do not pass foam that was sprayed in place", () => {
    const verdict = (ach50: number, layers: ReturnType<typeof stack>) => {
      const job = evenBox(sketch("one", layers))
      job.variants.first!.leakage.ach50 = ach50
      return ledgerOf(activeState(job)).moisture.left.months
    }
    const framed = stack`steel-painted 0.8, glass-wool 100, foil-membrane 0.3, gypsum-board 12`
    const [tight, usual, leaky] = [0.1, 5, 60].map((ach50) => verdict(ach50, framed))
    expect(tight).toMatchObject({ filling: "dry", harms: false })
    expect(usual).toMatchObject({ filling: "months", harms: false })
    expect(leaky).toMatchObject({ harms: true })
    expect(leaky!.sentence).toMatch(/air that leaks past/)
    // A board that lets vapour out dries between two weeks of it.
    expect(verdict(5, stack`osb 12, glass-wool 100, foil-membrane 0.3, gypsum-board 12`)).toMatchObject({ filling: "dry", harms: false })
    expect(verdict(60, stack`osb 12, spray-closed 100, gypsum-board 12`)).toMatchObject({ filling: "dry", harms: false })
  })
})
