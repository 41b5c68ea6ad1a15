import { describe, expect, test } from "@jest/globals"
import { KNOWN } from "../../../tests/fixtures/jobs"
import fc from "fast-check"
import { type Assembly, type Layer, PLAIN_LAYER } from "../../schema/job/build-up"
import { readDocument } from "../../schema/job/read-job"
import { dampSentence } from "../moisture/damp-verdict"
import { heatGainWorking } from "../steady/heat-gain.working"
import { heatLossWorking } from "../steady/heat-loss.working"
import { type Ledger, ledgerOf } from "./ledger"
import { resistanceWorking } from "../enclosure/resistance.working"
import { anyJob, numbersIn } from "../../../tests/arbitrary/any-job"
import { activeState } from "../enclosure/job-state"
import { dampWorking } from "../moisture/damp.working"
import { yearWorking } from "../hourly/year.working"
import { moneyWorking, weightWorking } from "../takeoff/takeoff.working"

describe("any job that can be typed", () => {
  test("is a job, and its ledger has no hole in it", () => {
    fc.assert(
      fc.property(anyJob, (job) => {
        expect(readDocument(job, KNOWN)).toMatchObject({ ok: true })
        const ledger = ledgerOf(activeState(job))
        expect(numbersIn(ledger).every(Number.isFinite)).toBe(true)
        for (const face of ledger.surfaces) {
          const { resistanceUpper, resistanceLower, resistanceTotal, uValue } = face.winter
          expect(resistanceLower).toBeLessThanOrEqual(resistanceUpper * (1 + 1e-9))
          expect(resistanceTotal).toBeGreaterThan(0)
          // Corrections only ever add to the loss.
          expect(uValue).toBeGreaterThanOrEqual((1 / resistanceTotal) * (1 - 1e-12))
          expect(face.netArea).toBeGreaterThanOrEqual(0)
          // With members no face loses less than without, unless it says why.
          const bare = 1 / face.winter.centreResistance + face.winter.corrections.voids
          expect(face.transmittance >= bare * (1 - 1e-9) || face.notes.some(({ code }) => code === "insulating-members")).toBe(true)
          for (const season of ["winter", "summer"] as const)
            expect(dampSentence(ledger.moisture[face.id]![season], face.layers)).toMatch(/\.$/)
        }
      }),
      { numRuns: 120, endOnFailure: true },
    )
  })

  test("opens into workings that end at their figures", () => {
    fc.assert(
      fc.property(anyJob, (job) => {
        const ledger = ledgerOf(activeState(job))
        const ends: [number, (ledger: Ledger) => { total: { value: number } }][] = [
          [ledger.loss.total, heatLossWorking],
          [ledger.gain.total, heatGainWorking],
          [ledger.year.total, yearWorking],
          [ledger.weight, weightWorking],
          [ledger.money, moneyWorking],
        ]
        for (const [figure, working] of ends) expect(working(ledger).total.value).toBe(figure)
        expect(Number.isFinite(dampWorking(ledger).total.value)).toBe(true)
        for (const face of ledger.surfaces) {
          const { total, lines } = resistanceWorking(face)
          expect(total.value).toBe(face.totalResistance)
          // A line that shows a division is one.
          for (const { factors, operator, result } of lines.filter(({ factors }) => factors.length === 2)) {
            if (operator !== "÷") continue
            expect(factors[0]!.quantity.value / factors[1]!.quantity.value / result.value).toBeCloseTo(1, 9)
          }
        }
      }),
      { numRuns: 100, endOnFailure: true },
    )
  })

  test("loses nothing where both sides are alike, and more with every degree between them", () => {
    fc.assert(
      fc.property(anyJob, fc.double({ min: 1, max: 40, noNaN: true }), (job, difference) => {
        const lossAt = (outside: number) => {
          const outdoors = { winter: { temperature: outside, relativeHumidity: 0.5 }, summer: null }
          const indoors = { ...job.brief.indoors, winter: { temperature: 20, relativeHumidity: 0.5 } }
          // As declared: in service a degree may take a face past the limit of the combined method, where U steps.
          const brief = { ...job.brief, service: null, outdoors, indoors }
          return ledgerOf(activeState({ ...job, brief, shell: { ...job.shell, floor: "skids", against: {} } })).loss.total
        }
        expect(Math.abs(lossAt(20))).toBeLessThan(1e-9)
        expect(lossAt(20 - difference - 1)).toBeGreaterThan(lossAt(20 - difference))
      }),
      { numRuns: 60, endOnFailure: true },
    )
  })

  test("loses less with any layer more between members and room", () => {
    fc.assert(
      fc.property(anyJob, (job) => {
        const added: Layer = { material: "xps", thickness: 0.03, ...PLAIN_LAYER }
        const variant = job.variants.first!
        const wall = variant.assemblies.wall!
        // Voids are corrected by the share of the whole that a layer has, so only plain ones compare. An innermost air space becomes one
        // by the layer that is added: it is vented from then on.
        const plain = {
          ...wall,
          layers: Object.fromEntries(
            Object.entries(wall.layers).map(([id, one]) => [
              id,
              { ...one, voids: 0 as const, vents: id === wall.order.at(-1) ? 0 : one.vents },
            ]),
          ),
        }
        const thicker = { ...plain, layers: { ...plain.layers, more: added }, order: [...plain.order, "more"] }
        const uOf = (worn: Assembly) => {
          // Zones may take all of a wall.
          const state = activeState({ ...job, shell: { ...job.shell, zones: {}, against: {} } })
          const tried = { ...state, variant: { ...variant, assemblies: { ...variant.assemblies, wall: worn } } }
          return ledgerOf(tried).surfaces.find(({ id }) => id === "left")!.transmittance
        }
        // An air space sees the face of its neighbour: a foam board there changes nothing, as its face is like any other's.
        expect(uOf(thicker)).toBeLessThan(uOf(plain))
      }),
      { numRuns: 100, endOnFailure: true },
    )
  })
})
