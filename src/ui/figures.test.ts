import { describe, expect, test } from "@jest/globals"
import { inTheWay } from "../core/ledger/in-the-way"
import { obstacleWords } from "../core/ledger/obstacle"
import { ledgerOf } from "../core/ledger/ledger"
import { activeState } from "../core/enclosure/job-state"
import { demoJobs } from "../edit/start/demo-jobs"
import type { Job } from "../schema/job/job"
import { mainClass } from "../core/enclosure/emblem"
import { ramp } from "./overlays/ramp"
import { STATIONS } from "./stations/stations"
import { writingOf } from "./writing/writing"

const [larkspur, nettle, tern, barn] = demoJobs() as [Job, Job, Job, Job]
const ledger = (job: Job) => ledgerOf(activeState(job))
const face = (job: Job, id: string) => ledger(job).surfaces.find((figures) => figures.id === id)!

describe("what the drawings show", () => {
  const overlays = [...new Set(STATIONS.flatMap((station) => (["winter", "summer"] as const).flatMap(station.overlays)))]
  const ink = (name: string, job: Job, id: string, units: Job["units"] = "metric") =>
    overlays
      .find((overlay) => overlay.id === name)!
      .paint(face(job, id), ledger(job), writingOf(units, "EUR"), { season: "summer", hour: null, skins: null })

  test("says which way a face looks", () => {
    // Tern Hut's front looks east, so its left side looks north.
    expect([
      ink("directions", tern, "left").words,
      ink("directions", tern, "floor").words,
      ink("directions", larkspur, "roof").words,
    ]).toEqual(["north", "below", "above"])
  })

  test("says sizes and resistances in the job's units", () => {
    // Larkspur's floor 3.6 × 1.78 m = 6.408 m² = 69.0 ft²
    expect(ink("measures", larkspur, "floor").words).toBe("6.41\u00a0m²")
    expect(ink("measures", larkspur, "floor", "inch-pound").words).toBe("69\u00a0ft²")
    const built = ink("built-r", larkspur, "floor")
    expect(built.figure).toBe(face(larkspur, "floor").totalResistance.toFixed(2))
  })

  test("hatches with what insulates most", () => {
    expect([mainClass(face(larkspur, "left")), mainClass(face(larkspur, "roof")), mainClass(face(barn, "floor"))]).toEqual([
      "fibre",
      "foam",
      "stone",
    ])
    expect(ink("materials", larkspur, "left").hatch).toBe("fibre")
  })

  test("marks damp by shape, and says it in few words", () => {
    expect(ink("damp", nettle, "left").mark).toMatchObject({ filling: "gathers" })
    expect(ink("damp", nettle, "left").words).toBe("wetter each year")
    expect(ink("damp", nettle, "floor")).toEqual({ words: "stays dry", mark: expect.objectContaining({ filling: "dry" }) as unknown })
  })

  test("colours what a gun would read from frost over the bench to ember", () => {
    expect([ramp(-1), ramp(1)].map((colour) => /--(frost|ember)\) 72%/.exec(colour)?.[1])).toEqual(["frost", "ember"])
    expect(ramp(0)).toContain(" 0%")
    expect(ink("skin", barn, "roof-left").figure).toMatch(/^\d+\s°C$/)
    expect(ink("loss", barn, "roof-left").figure).toMatch(/W$/)
  })

  test("weighs what the ledger weighs, surface by surface", () => {
    const weights = ledger(tern).surfaces.map(({ id }) =>
      Number(/^[\d.]+/.exec(ink("weight", tern, id).figure!.replaceAll("\u00a0", ""))![0]),
    )
    // Each is printed to 0.1 kg or finer.
    expect(Math.abs(weights.reduce((all, one) => all + one, 0) - ledger(tern).weight)).toBeLessThan(0.05 * weights.length)
  })

  test("has a name of its own each, and a title", () => {
    expect(new Set(overlays.map(({ id }) => id)).size).toBe(overlays.length)
    expect(overlays.every(({ title }) => title.length > 3)).toBe(true)
  })
})

describe("what stands in the way", () => {
  const words = (job: Job, units: Job["units"] = "metric") =>
    inTheWay(ledger(job), job.brief.limits).map((obstacle) => obstacleWords(obstacle, writingOf(units, "EUR").write))

  test("is said with its amount, in the job's units", () => {
    const short = 1.95 - ledger(tern).clear.standing
    expect(words(tern)).toEqual([`${Math.round(short * 1000)}\u00a0mm too low inside`])
    expect(words(tern, "inch-pound")[0]).toMatch(/^\d+ \d+\/\d+" too low inside$/)
    expect(words(nettle)).toEqual(["left wall: wetter each year: by vapour"])
    expect(words(larkspur)[1]).toMatch(/^loses \d+\sW more than the heater gives$/)
    expect(words(barn)[0]).toMatch(/^asks \d\u00a0\d+\sW more of the cooler than it takes out$/)
  })

  test("puts openings that cannot be first", () => {
    const job = structuredClone(tern)
    job.shell.openings.door!.x = 4.5
    expect(words(job)[0]).toBe("Door reaches over the edge of its face; make it smaller or move it.")
  })

  test("is nothing when the limits are taken away", () => {
    const job = structuredClone(tern)
    job.brief.limits = { height: null, weight: null, money: null, loss: null, gain: null }
    expect(words(job)).toEqual([])
  })

  test("limits on weight and money count when they are passed", () => {
    const job = structuredClone(barn)
    job.brief.limits = { height: null, weight: 1, money: 1, loss: null, gain: null }
    expect(words(job)).toEqual([expect.stringMatching(/^too heavy by/), expect.stringMatching(/^money over by .*\s€$/)])
  })
})
