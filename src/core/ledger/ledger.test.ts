import { NO_VENTILATION } from "../../schema/job/inside"
import { massOfLayers, priceOfLayers } from "../takeoff/content"
import { demoJobs, startShell } from "../../../tests/fixtures/jobs"
import { describe, expect, test } from "@jest/globals"
import { PLAIN_LAYER } from "../../schema/job/build-up"
import fc from "fast-check"
import type { Job } from "../../schema/job/job"
import { HEADLINES } from "./headlines"
import { sum } from "../numeric/sum"
import { inTheWay } from "./in-the-way"
import { ledgerOf } from "./ledger"
import { solvedLedger } from "./solved-ledger"
import { resistanceWorking } from "../enclosure/resistance.working"
import { activeState } from "../enclosure/job-state"
import { whatIf } from "../trials/what-if"

const [larkspur, nettle, tern, barn] = demoJobs() as [Job, Job, Job, Job]
const ledger = (job: Job) => ledgerOf(activeState(job))

describe("the ledger", () => {
  test("has the parts of its totals, and every working ends at its figure", async () => {
    for (const job of demoJobs()) {
      const figures = ledger(job)
      expect(sum(figures.loss.parts.map(({ heat }) => heat))).toBeCloseTo(figures.loss.total, 6)
      expect(sum(figures.gain.parts.map(({ heat }) => heat))).toBeCloseTo(figures.gain.total, 6)
      for (const { id, working: of, of: figure } of HEADLINES) {
        const working = (await of())(figures, job.shell)
        expect(working.total.value).toBeCloseTo(figure(figures), 6)
        // Damp is the least of its lines, all others are their sum.
        if (id === "damp") expect(Math.min(...working.lines.map((line) => line.result.value))).toBe(working.total.value)
        else expect(sum(working.lines.map((line) => line.result.value))).toBeCloseTo(working.total.value, 3)
        for (const line of working.lines)
          if (line.operator === "×" && line.factors.length > 0)
            expect(line.factors.reduce((product, { quantity }) => product * quantity.value, 1)).toBeCloseTo(line.result.value, 6)
      }
      for (const face of figures.surfaces) {
        const working = resistanceWorking(face)
        expect(working.total.value).toBe(face.totalResistance)
        const centre = working.lines.findIndex(({ name }) => name.startsWith("Centre"))
        expect(sum(working.lines.slice(0, centre).map((line) => line.result.value))).toBeCloseTo(face.cavityResistance, 9)
      }
    }
  })

  test("weight and money of Cold Nettle's ceiling, by hand", () => {
    // Ceiling 3.2626 × 2.6626 = 8.686999 m², within its rim of 45 mm 3.1726 × 2.5726 = 8.161831; rim 0.525168, five studs 5·0.045·2.5726 = 0.578835:
    // 1.104003/8.686999 = 0.1270868 of it is wood. Plywood 9 mm: 500·0.009 = 4.5 kg, 950·0.009 = 8.55 €
    // Wool 120 mm: 0.8729132·40·0.12 + 0.1270868·450·0.12 = 4.189983 + 6.862688 = 11.052671 kg; 0.8729132·88·0.12 + 0.1270868·520·0.12 = 9.217963 + 7.930217 = 17.148180 €
    // Foil 0.3 mm: 0.27 kg, 2.10 €; plastic sheet 2 mm: 3.4 kg, 22 €
    const ceiling = ledger(nettle).surfaces.find(({ id }) => id === "roof")!
    expect(massOfLayers(ceiling.layers)).toBeCloseTo(4.5 + 11.052671 + 0.27 + 3.4, 4)
    expect(priceOfLayers(ceiling.layers)).toBeCloseTo(8.55 + 17.14818 + 2.1 + 22, 4)
  })

  test("a plain box of one layer, every figure by hand", () => {
    const job = structuredClone(larkspur)
    const form = { kind: "box", length: 2, width: 2, height: 2 } as const
    job.shell = startShell(form, { floor: "skids", openings: {}, indoors: true })
    job.shell.against.floor = "around"
    job.brief.service = null
    job.brief.indoors.winter = { temperature: 20, relativeHumidity: 0.4 }
    job.brief.outdoors.winter = { temperature: 0, relativeHumidity: 0.8 }
    const variant = job.variants.first!
    variant.ventilation = NO_VENTILATION
    variant.leakage.ach50 = 0
    const layer = { material: "xps", thickness: 0.1, ...PLAIN_LAYER }
    variant.assemblies = {
      one: { name: "one", reason: "", absorptance: null, members: {}, layers: { l1: layer }, order: ["l1"], edge: null },
    }
    variant.wears = { floor: "one", left: "one", right: "one", front: "one", back: "one", roof: "one" }
    // R 0.1/0.034 = 2.941176; in another building both films are indoor ones: walls + 0.26 = 3.201176, roof + 0.20 = 3.141176, floor + 0.34 = 3.281176
    // 20·(16/3.201176 + 4/3.141176 + 4/3.281176) = 20·(4.998163 + 1.273408 + 1.219075) = 149.8129 W
    const figures = ledger(job)
    const edges = figures.loss.parts.filter(({ kind }) => kind === "path")
    const edgeHeat = sum(edges.map(({ heat }) => heat))
    expect(figures.loss.total - edgeHeat).toBeCloseTo(149.8129, 3)
    // Twelve edges of 2 m; before they are solved each counts (1 + 2/π·ln 2)·d·U too much: 1.441271·0.1/3.201176 = 0.0450232 W/(m·K).
    // Eight corners count 1.473814·U·d² too little then: 1.473814·0.312385·0.01 = 0.00460398 W/K each.
    expect(edges).toHaveLength(13)
    expect(edgeHeat).toBeCloseTo((-24 * 0.0450232 + 8 * 0.00460398) * 20, 3)
    // Against conduction shape factors of a hollow cube, 1.8 m inside: S = 6·1.8²/0.1 + 12·0.54·1.8 + 8·0.15·0.1 = 206.184 m;
    // 1/(0.034·206.184) + 0.13/(6·1.8²) + 0.13/(6·2²) = 0.154752 K/W, so 129.24 W (Incropera et al., Fundamentals of Heat and Mass
    // Transfer, table 4.1; walls, edges and corners).
    expect(Math.abs(solvedLedger(activeState(job)).loss.total / 129.24 - 1)).toBeLessThan(0.01)
    expect(figures.clear).toEqual({
      length: expect.closeTo(1.8, 9),
      width: expect.closeTo(1.8, 9),
      height: expect.closeTo(1.8, 9),
      widthBetweenBoxes: expect.closeTo(1.8, 9),
      heightAtWalls: expect.closeTo(1.8, 9),
      standing: expect.closeTo(1.8, 9),
    })
    expect(figures.weight).toBeCloseTo(24 * 3.3, 6)
    // In another building there is no sun: what comes in is air to air. It is hottest at 14 and at 15 h, and the foam passes it on
    // d²/(6a) = 0.01/(6·0.034/(33·1450)) = 2345 s later.
    expect(figures.gain.hour).toBe(15)
    for (const face of figures.surfaces) expect(figures.gain.worst[face.id]!.irradiance).toBe(0)
  })

  test("sun makes dark skins hotter than light ones, and none reaches a floor", () => {
    const dark = ledger(barn)
    const state = activeState(barn)
    const roof = state.variant.assemblies.roof!
    const light = ledgerOf({
      ...state,
      variant: { ...state.variant, assemblies: { ...state.variant.assemblies, roof: { ...roof, absorptance: 0.3 } } },
    })
    expect(
      dark.gain.faces["roof-left"]![dark.gain.hour - 1]!.skin - light.gain.faces["roof-left"]![light.gain.hour - 1]!.skin,
    ).toBeGreaterThan(25)
    expect(light.gain.total).toBeLessThan(dark.gain.total - 2000)
    expect(dark.gain.worst.floor!.irradiance).toBe(0)
  })

  test("turning the enclosure changes directions, and nothing of the winter night", () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 359, noNaN: true }), (azimuth) => {
        const state = activeState(tern)
        const turned = ledgerOf({ ...state, shell: { ...state.shell, azimuth } })
        expect(turned.loss.total).toBeCloseTo(ledger(tern).loss.total, 9)
        expect(turned.year.total).toBeCloseTo(ledger(tern).year.total, 3)
      }),
      { numRuns: 20 },
    )
  })

  test("each demo job has the flaw that it was given", () => {
    const obstacles = (job: Job) => inTheWay(ledger(job), job.brief.limits).map((one) => (one.kind === "limit" ? one.limit : one.kind))
    // Its doors can mould; once the ribs are solved it is frost on them that speaks for it.
    expect(obstacles(larkspur)).toEqual(["damp", "loss"])
    expect(obstacles(nettle)).toEqual(["damp"])
    expect(obstacles(tern)).toEqual(["height"])
    expect(obstacles(barn)).toEqual(["gain"])
    // Larkspur's ribs: the built walls give little more than half of what they would without them.
    const wall = ledger(larkspur).surfaces.find(({ id }) => id === "left")!
    expect(wall.totalResistance / wall.cavityResistance).toBeLessThan(0.6)
  })

  test("what-if names the greatest changes first, and they are those that the ledger would show", () => {
    const state = activeState(larkspur)
    const [first, second] = whatIf(state, ledger(larkspur), (figures) => figures.loss.total)
    expect(Math.abs(first!.change)).toBeGreaterThanOrEqual(Math.abs(second!.change))
    const sealed = { ...state, variant: { ...state.variant, leakage: { ...state.variant.leakage, ach50: 9 } } }
    const half = whatIf(state, ledger(larkspur), (figures) => figures.loss.air.flow)[0]!
    expect(half.name).toBe("Half the air leaks")
    expect(half.change).toBeCloseTo(ledgerOf(sealed).loss.air.flow - ledger(larkspur).loss.air.flow, 12)
  })
})
