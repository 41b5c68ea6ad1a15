import { describe, expect, test } from "@jest/globals"
import type { Revision } from "../schema/change"
import { applyEdit } from "./apply-edit"
import { addLayer, removeLayer, setThickness } from "./assembly-edits"
import { applyChecked } from "./patch-check"
import { demoJobs } from "./start/demo-jobs"

type Patch = Revision["patches"][number]

const job = demoJobs()[2]!
const assembly = Object.keys(job.variants.first!.assemblies)[0]!
const order = ["variants", "first", "assemblies", assembly, "order"]
const layers = ["variants", "first", "assemblies", assembly, "layers"]
const last = job.variants.first!.assemblies[assembly]!.order.length
const misfit = (...patches: Patch[]) => {
  const result = applyChecked(job, patches)
  return "misfit" in result ? result.misfit : null
}

describe("patches of a sender that may lie", () => {
  test.each([setThickness(assembly, "l1", 0.05), addLayer(assembly, "new", "xps", 1), removeLayer(assembly, "l2")])(
    "an edit of ours fits, and so does its way back: $label",
    (edit) => {
      const done = applyEdit(job, edit)
      if (!done.ok || !done.value) throw new Error("The edit did nothing.")
      const after = applyChecked(job, done.value.patches)
      expect(after).toEqual({ document: done.value.job })
      expect(applyChecked(done.value.job, done.value.inverse)).toEqual({ document: job })
    },
  )

  test.each<[string, Patch]>([
    ["an index far beyond a list", { op: "replace", path: [...order, 4294967294], value: "l1" }],
    ["an index just beyond a list", { op: "replace", path: [...order, last], value: "l1" }],
    ["an add with a gap before it", { op: "add", path: [...order, last + 1], value: "l1" }],
    ["a length beyond a list", { op: "replace", path: [...order, "length"], value: 4294967295 }],
    ["a length that is no number", { op: "replace", path: [...order, "length"], value: "many" }],
    ["a name in a list", { op: "add", path: [...order, "name"], value: "l1" }],
    ["a part that is not there", { op: "replace", path: [...layers, "none", "thickness"], value: 1 }],
    ["a way through a number", { op: "add", path: [...layers, "l1", "thickness", "more"], value: 1 }],
    ["a way by the prototype", { op: "add", path: ["__proto__", "polluted"], value: 1 }],
    ["the whole job", { op: "replace", path: [], value: {} }],
  ])("%s has no place", (_, patch) => {
    expect(misfit(patch)).not.toBeNull()
  })

  test("each is held against what those before it made", () => {
    const grow = (at: number): Patch => ({ op: "add", path: [...order, at], value: "x" })
    expect(misfit(grow(last), grow(last + 1))).toBeNull()
    expect(misfit(grow(last + 1), grow(last))).not.toBeNull()
  })
})
