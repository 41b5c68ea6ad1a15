import { describe, expect, test } from "@jest/globals"
import fc from "fast-check"
import { OPENING_KINDS } from "../../edit/start/openings"
import { startShell } from "../../edit/start/start-job"
import { KNOWN } from "../../edit/known"
import { demoJobs } from "../../edit/start/demo-jobs"
import type { Job } from "../../schema/job/job"
import type { FaceId, FloorBox, Notch, Opening, Space } from "../../schema/job/shell"
import type { Assembly, Layer, MemberSet } from "../../schema/job/build-up"
import { FACES } from "../../schema/job/references"
import { readDocument } from "../../schema/job/read-job"
import { CATALOGUE } from "../material/catalogue"
import { dampSentence } from "../moisture/damp-verdict"
import { heatGainWorking } from "./heat-gain.working"
import { heatLossWorking } from "./heat-loss.working"
import { type Ledger, ledgerOf } from "./ledger"
import { resistanceWorking } from "./resistance.working"
import { anyForm } from "../../../tests/arbitrary/any-form"
import { activeState } from "./state"
import { dampWorking, moneyWorking, weightWorking, yearWorking } from "./sums.working"

const between = (min: number, max: number) => fc.double({ min, max, noNaN: true })
const material = fc.constantFrom(...Object.keys(CATALOGUE))
const air = (low: number, high: number) => fc.record({ temperature: between(low, high), relativeHumidity: between(0, 1) })

const members: fc.Arbitrary<MemberSet> = fc
  .record({
    material,
    width: between(0.005, 0.3),
    hollow: fc.option(
      fc.record({ shape: fc.constantFrom("tube" as const, "channel" as const, "hat" as const), wall: between(0.0005, 0.01) }),
    ),
    depth: fc.option(between(0.01, 0.3)),
    direction: fc.constantFrom("up" as const, "along" as const),
    gap: between(0.05, 1.5),
    spaced: fc.constantFrom("centres" as const, "edges" as const),
    first: fc.option(between(0, 2)),
    measured: fc.option(fc.array(between(0, 8), { maxLength: 12 })),
    ends: fc.boolean(),
    low: fc.constantFrom(0 as const, 1 as const, 3 as const),
    doubled: fc.boolean(),
    cross: fc.array(between(0, 5), { maxLength: 3 }),
    share: fc.option(between(0, 1)),
  })
  .map(({ gap, hollow, measured, low, ...set }) => ({
    ...set,
    name: "any",
    shape: hollow?.shape ?? "solid",
    wall: hollow?.wall ?? null,
    spacing: set.width + gap,
    positions: measured ? { left: measured } : {},
    plates: { low, high: 1 },
    overhang: 0,
  }))

const layer: fc.Arbitrary<Layer> = fc.record({
  material,
  thickness: between(0.0001, 0.4),
  existing: fc.boolean(),
  voids: fc.constantFrom(0, 1, 2),
  between: fc.constantFrom(null, null, "one", "two"),
})

const assembly: fc.Arbitrary<Assembly> = fc
  .record({
    absorptance: fc.option(between(0, 1)),
    one: members,
    two: members,
    stack: fc.array(layer, { minLength: 1, maxLength: 8 }),
  })
  .map(({ absorptance, stack, one, two }) => ({
    name: "any",
    absorptance,
    members: { one, two },
    layers: Object.fromEntries(stack.map((one, i) => [`l${i}`, one])),
    order: stack.map((_, i) => `l${i}`),
  }))

const form = anyForm(0.5, 30)

const floorBox: fc.Arbitrary<FloorBox> = fc.record({
  name: fc.constant("box"),
  side: fc.constantFrom("left", "right"),
  x: between(0, 3),
  length: between(0.05, 1.5),
  width: between(0.05, 0.4),
  height: between(0.05, 0.4),
  outline: fc.option(
    fc.constant<[number, number][]>([
      [0, 0.1],
      [0.3, 0.3],
      [0.6, 0.1],
    ]),
  ),
})

const space: fc.Arbitrary<Space> = fc.oneof(
  fc.constant<Space>({ kind: "open", name: "any" }),
  fc.record({ kind: fc.constant("held" as const), name: fc.constant("any"), winter: air(-40, 60), summer: air(-40, 60) }),
  fc.record({ kind: fc.constant("unheated" as const), name: fc.constant("any"), conductance: between(0.01, 5000) }),
)

/** Any job that can be typed: sizes, stuffs and weather all over their ranges. */
const anyJob: fc.Arbitrary<Job> = fc
  .record({
    form,
    azimuth: between(0, 359),
    floor: fc.constantFrom("slab" as const, "skids" as const, "wheels" as const, "frame" as const),
    space,
    against: fc.subarray<FaceId>(["floor", "left", "right", "front", "back"]),
    assemblies: fc.tuple(assembly, assembly, assembly),
    station: fc.constantFrom(...KNOWN.stations),
    indoors: fc.record({ winter: air(-40, 60), summer: air(-40, 60) }),
    outdoors: fc.record({ winter: fc.option(air(-60, 50)), summer: fc.option(air(-60, 50)) }),
    ach50: between(0, 500),
    box: fc.option(floorBox),
    load: fc.record({ mass: between(0.1, 1e5), width: between(0.005, 50), length: between(0.005, 50), lasting: fc.boolean() }),
    hole: fc.record({
      x: between(0, 3),
      y: between(0, 3),
      width: between(0.05, 3),
      height: between(0.05, 3),
      uValue: between(0.05, 20),
      solarFactor: between(0, 1),
    }),
  })
  .map(({ form, assemblies: [wall, roof, floorWorn], station, indoors, outdoors, ach50, hole, box, load, space, against, ...shell }) => {
    const base = demoJobs()[0]!
    const opening: Opening = { ...OPENING_KINDS.door, name: "any", kind: "door", face: "left", ...hole, swing: "in" }
    const notch: Notch = {
      name: "any",
      face: "floor",
      edge: "left",
      from: 0,
      offsets: [
        [0, 0.1],
        [0.2, 0.2],
      ],
      uValue: 2,
    }
    const wears = Object.fromEntries(
      FACES[form.kind].map((face) => [face, face === "floor" ? "floor" : face.startsWith("roof") ? "roof" : "wall"]),
    )
    return {
      ...base,
      brief: { ...base.brief, station, indoors, outdoors },
      shell: {
        ...startShell(form, { floor: "skids", openings: { any: opening } }),
        ...shell,
        boxes: box ? { any: box } : {},
        notches: { any: notch },
        spaces: { any: space },
        against: Object.fromEntries(against.map((face) => [face, "any"])),
        levels: { any: { name: "any", x: 0, y: 0, rise: 0.01 } },
        fits: { any: { name: "any", size: 2, along: "diagonal" } },
        loads: { any: { name: "any", ...load } },
      },
      variants: { first: { name: "any", assemblies: { wall, roof, floor: floorWorn }, wears, leakage: { ach50, shelter: 3 as const } } },
    }
  })

/** Every number anywhere in a value, each object once. */
function numbersIn(value: unknown, seen = new Set<object>()): number[] {
  if (typeof value === "number") return [value]
  if (typeof value !== "object" || value === null || seen.has(value)) return []
  seen.add(value)
  return Object.values(value).flatMap((part) => numbersIn(part, seen))
}

describe("any job that can be typed", () => {
  test("is a job, and its ledger has no hole in it", () => {
    fc.assert(
      fc.property(anyJob, (job) => {
        expect(readDocument(job, KNOWN)).toMatchObject({ ok: true })
        const ledger = ledgerOf(activeState(job))
        expect(numbersIn(ledger).every(Number.isFinite)).toBe(true)
        for (const face of ledger.faces) {
          const { resistanceUpper, resistanceLower, resistanceTotal, uValue } = face.winter
          expect(resistanceLower).toBeLessThanOrEqual(resistanceUpper * (1 + 1e-9))
          expect(resistanceTotal).toBeGreaterThan(0)
          // Corrections only ever add to the loss.
          expect(uValue).toBeGreaterThanOrEqual((1 / resistanceTotal) * (1 - 1e-12))
          expect(face.netArea).toBeGreaterThanOrEqual(0)
          for (const season of ["winter", "summer"] as const) expect(dampSentence(face.damp[season], face.layers)).toMatch(/\.$/)
        }
      }),
      { numRuns: 200, endOnFailure: true },
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
        for (const face of ledger.faces) expect(resistanceWorking(face).total.value).toBe(face.whole)
      }),
      { numRuns: 100, endOnFailure: true },
    )
  })

  test("loses nothing where both sides are alike, and more with every degree between them", () => {
    fc.assert(
      fc.property(anyJob, between(1, 40), (job, difference) => {
        const lossAt = (outside: number) => {
          const outdoors = { winter: { temperature: outside, relativeHumidity: 0.5 }, summer: null }
          const brief = { ...job.brief, outdoors, indoors: { ...job.brief.indoors, winter: { temperature: 20, relativeHumidity: 0.5 } } }
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
        const added: Layer = { material: "xps", thickness: 0.03, existing: false, voids: 0, between: null }
        const variant = job.variants.first!
        const wall = variant.assemblies.wall!
        // Voids are corrected by the share of the whole that a layer has, so only plain ones compare.
        const plain = {
          ...wall,
          layers: Object.fromEntries(Object.entries(wall.layers).map(([id, one]) => [id, { ...one, voids: 0 as const }])),
        }
        const thicker = { ...plain, layers: { ...plain.layers, more: added }, order: [...plain.order, "more"] }
        const uOf = (worn: Assembly) => {
          const state = activeState(job)
          const tried = { ...state, variant: { ...variant, assemblies: { ...variant.assemblies, wall: worn } } }
          return ledgerOf(tried).faces.find(({ id }) => id === "left")!.winter.uValue
        }
        // An air space sees the face of its neighbour: a foam board there changes nothing, as its face is like any other's.
        expect(uOf(thicker)).toBeLessThan(uOf(plain))
      }),
      { numRuns: 100, endOnFailure: true },
    )
  })
})
