import { describe, expect, test } from "@jest/globals"
import { demo, evenBox } from "../../../tests/fixtures/jobs"
import { sketch, stack } from "../../../tests/fixtures/layers"
import type { Job } from "../../schema/job/job"
import { stationYearOf } from "../climate/station-year"
import { activeState } from "../enclosure/job-state"
import { ledgerOf } from "../ledger/ledger"
import { judgements } from "./build-rules"
import { slabSweats } from "./slab-sweats"

const COLD_ROOM = (job: Job) => {
  job.brief.kind = "cold-room"
  job.brief.station = "heron-delta"
  job.brief.indoors = { winter: { temperature: 3, relativeHumidity: 0.85 }, summer: { temperature: 3, relativeHumidity: 0.85 } }
}

/** What the rules say of a wall, in a heated box unless it is changed. */
function rules(
  layers: ReturnType<typeof stack>,
  change: (job: Job) => void = () => {},
  face: "left" | "roof" | "floor" = "left",
  sweats: number[] | null = null,
) {
  const job = evenBox(sketch("one", layers))
  change(job)
  const { surfaces, moisture } = ledgerOf(activeState(job))
  const surface = surfaces.find(({ id }) => id === face)!
  const found = judgements({ kind: job.brief.kind, surface, water: moisture[face].water, sweats })
  return { found, warned: found.filter(({ warns }) => warns).map(({ rule }) => rule) }
}

describe("the rules of building", () => {
  test("a heated hut with polythene inside and bitumen outside is trapped; a film that opens when it is damp sets it free", () => {
    const { found, warned } = rules(stack`bitumen-sheet 4, osb 12, glass-wool 140, polythene 0.2, gypsum-board 12`)
    expect(warned).toEqual(["trapped"])
    expect(found[0]!.title).toMatch(/^Trapped: between the bitumen .* and the polythene/)
    expect(found[0]!.reason).toContain("OSB")
    expect(rules(stack`bitumen-sheet 4, osb 12, glass-wool 140, smart-membrane 0.3, gypsum-board 12`).warned).not.toContain("trapped")
  })

  test("foam alone between two metal skins traps nothing: there is nothing that water could lie in", () => {
    expect(rules(stack`steel-painted 0.6, xps 100, steel-painted 0.6`).warned).not.toContain("trapped")
  })

  test("a cold room with its tight layer inside is wrong-sided, one with it outside is not", () => {
    const [inside, outside] = [
      stack`softwood-plywood 9, stone-wool 100, foil-membrane 0.3`,
      stack`foil-membrane 0.3, stone-wool 100, softwood-plywood 9`,
    ]
    const { found, warned } = rules(inside, COLD_ROOM)
    expect(warned).toEqual(["wrong-side"])
    expect(found[0]!.figures[0]!.value).toBeGreaterThan(0.9)
    expect(rules(outside, COLD_ROOM).warned).toEqual([])
    // In a heated hut it is the other way about.
    expect(rules(inside).warned).toEqual([])
    expect(rules(outside).warned).toEqual(["wrong-side"])
  })

  test("agree with the months: the demo's cold room gathers water on the side where its foil is wrong", () => {
    const job = demo("Cold Nettle")
    const { surfaces, moisture } = ledgerOf(activeState(job))
    const surface = surfaces.find(({ id }) => id === "left")!
    const { verdict, water } = moisture.left
    expect(verdict.filling).toBe("gathers")
    expect(verdict.where).toContain("foil")
    const found = judgements({ kind: job.brief.kind, surface, water, sweats: null })
    expect(found.filter(({ warns }) => warns).map(({ rule }) => rule)).toEqual(["wrong-side"])
  })

  test("an unvented roof is judged by the share of R outside its boards, by hand", () => {
    // Coldest month of Linden Vale 0.2 °C, inside 20 °C and 50 %: dew point 9.27 °C, asked (9.27 − 0.2)/19.8 = 0.458.
    const share = (outer: string) => rules(stack`bitumen-sheet 4, xps ${outer}, osb 15, glass-wool 60, gypsum-board 12`, () => {}, "roof")
    const [thin, thick] = ["30", "120"].map((outer) => share(outer).found.find(({ rule }) => rule === "outer-share")!)
    expect(thin!.figures[1]!.value).toBeCloseTo(0.458, 2)
    expect([thin!.warns, thick!.warns]).toEqual([true, false])
  })

  test("a vent channel under 25 mm is named, and one of 25 mm is not", () => {
    const vented = (thickness: number) =>
      rules(stack`spruce 20, air 20, wood-fibre-board 35, glass-wool 100`, (job) => {
        const { layers } = job.variants.first!.assemblies.one!
        Object.assign(layers.l2!, { thickness, vents: 0.002 })
      }).warned
    expect(vented(0.02)).toEqual(["channel"])
    expect(vented(0.025)).toEqual([])
  })

  test("a vented roof asks for a 300th of its area free, half of it at each end and half of that behind mesh; by hand", () => {
    const roof = (vents: number) =>
      rules(
        stack`spruce 20, air 40, wood-fibre-board 35, glass-wool 100`,
        (job) => {
          Object.assign(job.variants.first!.assemblies.one!.layers.l2!, { vents })
        },
        "roof",
      )
    const { found, warned } = roof(0.002)
    const { figures } = found.find(({ rule }) => rule === "free-area")!
    // A level roof as wide as it is: its area over its breadth is its length; a 300th of that, half at each end.
    const { surfaces } = ledgerOf(activeState(evenBox(sketch("one", stack`spruce 20`))))
    const { face } = surfaces.find(({ id }) => id === "roof")!
    const across = Math.max(...face.outline.map(([x]) => x)) - Math.min(...face.outline.map(([x]) => x))
    expect(figures[2]!.value).toBeCloseTo(face.area / across / 600, 9)
    expect(figures[1]!.value).toBeCloseTo(0.001, 12)
    expect(warned.includes("free-area")).toBe(0.001 < face.area / across / 600)
    expect(roof(0.03).warned).not.toContain("free-area")
  })

  test("a room as damp as a bath asks for a tight layer within", () => {
    const bath = (job: Job) => {
      job.brief.indoors = { winter: { temperature: 22, relativeHumidity: 0.7 }, summer: { temperature: 22, relativeHumidity: 0.7 } }
    }
    expect(rules(stack`spruce 20, wood-fibre-batt 100, birch-plywood 9`, bath).warned).toContain("wet-room")
    expect(rules(stack`spruce 20, wood-fibre-batt 100, foil-membrane 0.3, birch-plywood 9`, bath).warned).not.toContain("wet-room")
    expect(rules(stack`spruce 20, wood-fibre-batt 100, birch-plywood 9`).found.map(({ rule }) => rule)).not.toContain("wet-room")
  })

  test("a foil with holes is no vapour barrier, and asks for one where there is none", () => {
    const layers = stack`spruce 20, wood-fibre-batt 100, foil-perforated 0.3, birch-plywood 9`
    expect(rules(layers).warned).toContain("holed-foil")
    expect(rules([...layers, ...stack`polythene 0.2, gypsum-board 12`]).warned).not.toContain("holed-foil")
  })

  test("a slab sweats in the hours in which the outdoor air's dew point is above its face", () => {
    // Dew point of 14 °C at 90 % is 12.4 °C, at 80 % 10.6 °C.
    const face = [12, ...new Array<number>(11).fill(13)]
    const { hours, ...place } = stationYearOf("brackwater")
    const damp = (relativeHumidity: number) => ({ ...place, hours: hours.map((hour) => ({ ...hour, temperature: 14, relativeHumidity })) })
    expect(slabSweats(face, damp(0.9))).toEqual([744, ...new Array<number>(11).fill(0)])
    expect(slabSweats(face, damp(0.8))).toEqual(new Array(12).fill(0))
    const onGround = (job: Job) => void (job.shell.floor = "slab")
    const sweats = [0, 0, 0, 0, 90, 80, ...new Array<number>(6).fill(0)]
    const { found, warned } = rules(stack`concrete 120`, onGround, "floor", sweats)
    expect(warned).toContain("slab")
    expect(found.find(({ rule }) => rule === "slab")!.title).toMatch(/in 170 hours of the year, most in May/)
  })

  test("each says whose rule it is, and fibre in a vehicle has a word", () => {
    const { found } = rules(stack`steel-painted 0.8 there, hemp-batt 50, birch-plywood 6`, (job) => (job.brief.kind = "van"))
    expect(found.map(({ rule }) => rule)).toEqual(expect.arrayContaining(["wrong-side", "fibre", "drive"]))
    for (const { source, reason, title } of found) expect([source, reason, title].every((words) => words.length > 5)).toBe(true)
  })
})
