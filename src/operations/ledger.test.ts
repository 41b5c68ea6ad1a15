import { describe, expect, test } from "@jest/globals"
import { demo, demoJobs, evenBox } from "../../tests/fixtures/jobs"
import { sketch } from "../../tests/fixtures/layers"
import { sum } from "../core/numeric/sum"
import type { LedgerOutput } from "../schema/ledger"
import { OPERATIONS, runOperation } from "./registry"

const run = (input: unknown) => runOperation(OPERATIONS.get("ledger")!, input)
function sheet(input: unknown): LedgerOutput {
  const outcome = run(input)
  if (!outcome.ok) throw new Error(outcome.error.message)
  return outcome.value as LedgerOutput
}

describe("all figures of a job", () => {
  test.each(demoJobs())("$name: its parts add up to its loss, and the sheet is what its schema says", (job) => {
    const output = sheet({ job, solve: false })
    const { faces, openings, lines, points, air, ground, loss } = output
    const parts = [...faces, ...openings, ...lines, ...points, air, ...(ground ? [ground] : [])]
    expect(Math.abs(sum(parts.map((part) => part.loss)) / loss - 1)).toBeLessThan(1e-9)
    expect(output.gain.total).toBeCloseTo(Math.max(...output.gain.hours), 9)
    // Without its details solved it has no year, rather than another one.
    expect(output).not.toHaveProperty("year")
    expect(output.provisional).toBe(true)
    expect(OPERATIONS.get("ledger")!.output.safeParse(output).success).toBe(true)
  })

  test("an even box, by hand", () => {
    // Five faces and a floor of 100 mm XPS at 0.034: R 0.13 + 2.941 + 0.04 = 3.111 on the walls, 0.321 W/(m²·K); 20 K on 10 m².
    const output = sheet(evenBox(sketch("one", [["xps", 0.1]])))
    const left = output.faces.find(({ id }) => id === "left")!
    expect(left).toMatchObject({ area: 10, netArea: 10, buildUp: "one", labelResistance: expect.closeTo(0.1 / 0.034, 9) })
    expect(left.uValue).toBeCloseTo(1 / (0.13 + 0.1 / 0.034 + 0.04), 9)
    expect(left.loss).toBeCloseTo(200 * left.uValue, 9)
    expect(output).toMatchObject({ provisional: false, height: { value: expect.closeTo(2.3, 9), limit: null } })
    expect(output).not.toHaveProperty("ground")
    expect(output.year!.heating + output.year!.cooling).toBeCloseTo(sum(output.year!.months), 0)
    expect(output.lines.every(({ fRsi, coldest }) => fRsi !== null && coldest !== null)).toBe(true)
  })

  test("a variant by its id or its name; the document alone is the active one", () => {
    const job = demo("Tern Hut")
    job.variants.other = { ...structuredClone(job.variants.first!), name: "draughty", leakage: { ach50: 30, shelter: 1 } }
    job.order.push("other")
    const flow = (input: unknown) => sheet(input).air.flow
    const [first, byId, byName] = [
      { job, solve: false },
      { job, variant: "other", solve: false },
      { job, variant: "draughty", solve: false },
    ].map(flow)
    expect([byId, byName]).toEqual([byName, byId])
    expect(byId!).toBeGreaterThan(3 * first!)
  })

  test.each<[string, unknown, (string | number)[]]>([
    ["no job", { solve: false }, ["job", "format"]],
    ["a job that its import refuses", { job: { ...demo("Tern Hut"), active: "none" } }, ["job", "active"]],
    ["the document itself, refused", { ...demo("Tern Hut"), active: "none" }, ["active"]],
    ["a variant that is not there", { job: demo("Tern Hut"), variant: "none" }, ["variant"]],
    ["a field that there is not", { job: demo("Tern Hut"), colour: "red" }, ["colour"]],
    ["no object", [], []],
  ])("%s is refused with its place", (_, input, path) => {
    const outcome = run(input)
    if (Array.isArray(input)) return expect(outcome).toEqual({ ok: true, value: [] })
    expect(outcome).toMatchObject({ ok: false, error: { path } })
  })
})
