import { describe, expect, test } from "@jest/globals"
import { ledgerOf } from "../../core/ledger/ledger"
import { activeState } from "../../core/ledger/state"
import { FACES } from "../../schema/job/references"
import { JobKind } from "../../schema/job/job"
import { applyEdit } from "../edit"
import { wearBuildUp } from "../assembly-edits"
import { type Part, partOf, readyBuildUps } from "./ready-build-ups"
import { KITS, startJob } from "./start-job"

const start = (kind: JobKind) =>
  startJob({ kind, name: kind, units: "metric", form: KITS[kind].form, station: KITS[kind].station, school: "" })
const PARTS: Part[] = ["wall", "roof", "floor"]
const every = JobKind.options.flatMap((kind) => PARTS.flatMap((part) => readyBuildUps(kind, part).map((one) => ({ kind, part, ...one }))))

describe("ready build-ups", () => {
  test.each(every)("$kind, $part: $school can be worn, with its reason", ({ kind, part, assembly }) => {
    const worn = applyEdit(start(kind), wearBuildUp(part, assembly, {}))
    if (!worn.ok || !worn.value) throw new Error(worn.ok ? "nothing changed" : worn.error.message)
    const { faces, loss, gain } = ledgerOf(activeState(worn.value.job))
    // A cold room on bare ground takes heat in, winter and summer.
    expect(Math.max(loss.total, gain.total)).toBeGreaterThan(0)
    const face = faces.find(({ id }) => partOf(id) === part)!
    expect(face.layers).toHaveLength(assembly.order.length)
    expect(assembly.reason.length).toBeGreaterThan(20)
  })

  test("each kind has a wall of each school that fits its skin", () => {
    const schools = (kind: JobKind) => readyBuildUps(kind, "wall").map(({ id }) => id)
    for (const kind of JobKind.options) expect(schools(kind)).toEqual(expect.arrayContaining([expect.stringContaining("smart")]))
    for (const kind of ["cabin", "cold-room", "shed", "post-frame"] as const)
      expect(schools(kind).some((id) => id.includes("outside"))).toBe(true)
    // A van's steel skin is the outside already.
    expect(schools("van").some((id) => id.includes("outside"))).toBe(false)
    for (const kind of JobKind.options) expect(new Set(schools(kind)).size).toBe(schools(kind).length)
  })

  test("open-cell foam gives the R of closed-cell foam in more depth, at less money", () => {
    const of = (school: string) => {
      const { assembly } = readyBuildUps("shed", "wall").find((one) => one.school.startsWith(school))!
      const worn = applyEdit(start("shed"), wearBuildUp("wall", assembly, {}))
      if (!worn.ok || !worn.value) throw new Error("not worn")
      return ledgerOf(activeState(worn.value.job)).faces.find(({ id }) => id === "left")!
    }
    const [open, closed] = [of("Open-cell"), of("Closed-cell")]
    expect(Math.abs(open.label / closed.label - 1)).toBeLessThan(0.12)
    expect(open.winter.thickness).toBeGreaterThan(closed.winter.thickness + 0.04)
    expect(open.price).toBeLessThan(closed.price)
  })

  test("no face of a form is without a part", () => {
    for (const face of Object.values(FACES).flat()) expect(PARTS).toContain(partOf(face))
  })
})
