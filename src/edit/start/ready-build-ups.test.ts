import { priceOfLayers } from "../../core/takeoff/content"
import { describe, expect, test } from "@jest/globals"
import { ledgerOf } from "../../core/ledger/ledger"
import { activeState } from "../../core/enclosure/job-state"
import { FACES } from "../../schema/job/references"
import { JobKind } from "../../schema/job/job"
import { applyEdit } from "../apply-edit"
import { wearBuildUp } from "../assembly-edits"
import { readyBuildUps } from "./ready-build-ups"
import { KITS, startJob } from "./start-job"
import { type FacePart, partOf } from "../../core/shell/face"
import { CHOICE, unfitWays, type Way } from "./ways"

const start = (kind: JobKind) =>
  startJob({ kind, name: kind, units: "metric", form: KITS[kind].form, station: KITS[kind].station, school: "" })
const PARTS: FacePart[] = ["wall", "roof", "floor"]
const every = JobKind.options.flatMap((kind) => PARTS.flatMap((part) => readyBuildUps(kind, part).map((one) => ({ kind, part, ...one }))))

describe("ready build-ups", () => {
  test.each(every)("$kind, $part: $id can be worn, with its reason", ({ kind, part, assembly }) => {
    const worn = applyEdit(start(kind), wearBuildUp(part, assembly, {}))
    if (!worn.ok || !worn.value) throw new Error(worn.ok ? "nothing changed" : worn.error.message)
    const { surfaces, loss, gain } = ledgerOf(activeState(worn.value.job))
    // A cold room on bare ground takes heat in, winter and summer.
    expect(Math.max(loss.total, gain.total)).toBeGreaterThan(0)
    const face = surfaces.find(({ face: { part: of } }) => of === part)!
    expect(face.layers).toHaveLength(assembly.order.length)
    expect(assembly.reason.length).toBeGreaterThan(20)
  })

  test.each(JobKind.options.flatMap((kind) => PARTS.map((part) => ({ kind, part }))))(
    "$kind, $part: each way between which one chooses is there, or says why it does not fit",
    ({ kind, part }) => {
      const there = readyBuildUps(kind, part).map(({ way }) => way)
      const unfit = unfitWays(kind, part)
      const answered = [...there, ...unfit.map(({ way }) => way)]
      expect(answered).toEqual(expect.arrayContaining([...CHOICE[part]]))
      for (const { way, why } of unfit) {
        expect(there).not.toContain(way)
        expect(why.length).toBeGreaterThan(20)
      }
      const ids = readyBuildUps(kind, part).map(({ id }) => id)
      expect(new Set(ids).size).toBe(ids.length)
    },
  )

  test("ways for a slab do not fit what stands clear of the ground", () => {
    expect(unfitWays("shed", "floor", false).map(({ way }) => way)).toEqual(["slab-full", "slab-edge", "slab-none"])
    expect(unfitWays("shed", "floor", true)).toEqual([])
  })

  test("a slab insulated along its edge loses less than the same slab without, and more than one insulated all over", () => {
    const loss = (way: Way) => {
      const { assembly } = readyBuildUps("post-frame", "floor").find((one) => one.way === way)!
      const worn = applyEdit(start("post-frame"), wearBuildUp("floor", assembly, {}))
      if (!worn.ok) throw new Error(worn.error.message)
      const floor = ledgerOf(activeState(worn.value?.job ?? start("post-frame"))).surfaces.find(({ id }) => id === "floor")!
      return floor.ground!.heatTransferCoefficient
    }
    expect(loss("slab-edge")).toBeLessThan(loss("slab-none"))
    expect(loss("slab-full")).toBeLessThan(loss("slab-edge"))
  })

  test("open-cell foam gives the R of closed-cell foam in more depth, at less money", () => {
    const of = (way: Way) => {
      const { assembly } = readyBuildUps("shed", "wall").find((one) => one.way === way)!
      const worn = applyEdit(start("shed"), wearBuildUp("wall", assembly, {}))
      if (!worn.ok || !worn.value) throw new Error("not worn")
      return ledgerOf(activeState(worn.value.job)).surfaces.find(({ id }) => id === "left")!
    }
    const [open, closed] = [of("open-cell"), of("closed-cell")]
    expect(Math.abs(open.declaredResistance / closed.declaredResistance - 1)).toBeLessThan(0.12)
    expect(open.winter.thickness).toBeGreaterThan(closed.winter.thickness + 0.04)
    expect(priceOfLayers(open.layers)).toBeLessThan(priceOfLayers(closed.layers))
  })

  test("no face of a form is without a part", () => {
    for (const face of Object.values(FACES).flat()) expect(PARTS).toContain(partOf(face))
  })
})
